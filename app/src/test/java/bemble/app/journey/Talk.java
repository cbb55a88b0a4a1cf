package bemble.app.journey;

import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Map;

/** Speaks to a running Bemble over HTTP, as its screens do. */
public final class Talk {
  private static final HttpClient CLIENT = HttpClient.newHttpClient();
  private static final ObjectMapper JSON = new ObjectMapper();
  private final String address;
  private final Map<String, String> headers;

  public Talk(String address) {
    this(address, Map.of());
  }

  private Talk(String address, Map<String, String> headers) {
    this.address = address;
    this.headers = headers;
  }

  public String address() {
    return address;
  }

  /** A client whose requests have a header. */
  Talk with(String header, String value) {
    return new Talk(address, Map.of(header, value));
  }

  /** The value of one of its headers. */
  String header(String name) {
    return headers.get(name);
  }

  /** An answer: its status and its body. */
  public record Answer(int status, byte[] bytes) {
    public JsonNode json() {
      try {
        return JSON.readTree(bytes);
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }

    public String text() {
      return new String(bytes, java.nio.charset.StandardCharsets.UTF_8);
    }

    public String detail() {
      return json().path("detail").asText();
    }
  }

  public Answer get(String path) {
    return send(HttpRequest.newBuilder(URI.create(address + path)).GET());
  }

  public Answer post(String path, Object body) {
    return with("POST", path, body);
  }

  public Answer put(String path, Object body) {
    return with("PUT", path, body);
  }

  public Answer delete(String path) {
    return send(HttpRequest.newBuilder(URI.create(address + path)).DELETE());
  }

  /** Sends a file. */
  public Answer send(String path, String type, byte[] file) {
    return send(
        HttpRequest.newBuilder(URI.create(address + path))
            .header("Content-Type", type)
            .POST(HttpRequest.BodyPublishers.ofByteArray(file)));
  }

  /** Sends an empty body of a type. */
  Answer send(String method, String path, String type) {
    return send(
        HttpRequest.newBuilder(URI.create(address + path))
            .header("Content-Type", type)
            .method(method, HttpRequest.BodyPublishers.noBody()));
  }

  private Answer with(String method, String path, Object body) {
    try {
      String text = body instanceof String plain ? plain : JSON.writeValueAsString(body);
      return send(
          HttpRequest.newBuilder(URI.create(address + path))
              .header("Content-Type", "application/json")
              .method(method, HttpRequest.BodyPublishers.ofString(text)));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private Answer send(HttpRequest.Builder request) {
    headers.forEach(request::header);
    try {
      HttpResponse<byte[]> response =
          CLIENT.send(request.build(), HttpResponse.BodyHandlers.ofByteArray());
      return new Answer(response.statusCode(), response.body());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  /** The fields of an answer. */
  public static Map<String, Object> map(Answer answer) {
    return JSON.convertValue(answer.json(), new TypeReference<>() {});
  }

  /** The sum as a working is asked for, in the standard style. */
  public static Map<String, Object> sum(String problem, String method) {
    return Map.of("plain", problem, "method", method, "style", Map.of());
  }
}
