package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.app.guard.AnyClass;
import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.springframework.http.MediaType;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;

/** A request that is meant for one class never changes or tells of another. */
@BeginsEmpty
class OfClassTest extends Conversation {
  private static final String CLASS = "Bemble-Class";

  /** A request, and whether it means the same whichever class is current. */
  private record Asked(String method, String path, String type, boolean isForAny) {
    static Stream<Asked> of(Map.Entry<RequestMappingInfo, HandlerMethod> request) {
      RequestMappingInfo asked = request.getKey();
      HandlerMethod handler = request.getValue();
      boolean isForAny =
          handler.hasMethodAnnotation(AnyClass.class)
              || handler.getBeanType().isAnnotationPresent(AnyClass.class);
      String type =
          asked.getConsumesCondition().getConsumableMediaTypes().stream()
              .map(MediaType::toString)
              .findFirst()
              .orElse(MediaType.APPLICATION_JSON_VALUE);
      return asked.getPatternValues().stream()
          .flatMap(
              path ->
                  asked.getMethodsCondition().getMethods().stream()
                      .map(method -> new Asked(method.name(), path, type, isForAny)));
    }

    String line() {
      return (isForAny ? "any    " : "named  ") + method + " " + path;
    }
  }

  private static List<Asked> all() {
    return app.requests().entrySet().stream()
        .flatMap(Asked::of)
        .filter(asked -> asked.path().startsWith("/api/"))
        .toList();
  }

  @Test
  void everyRequestIsEitherOfAClassOrListedAsOfAny() throws IOException {
    byte[] listed = OfClassTest.class.getResourceAsStream("requests.txt").readAllBytes();
    List<String> now = all().stream().map(Asked::line).sorted().toList();
    assertEquals(
        List.of(new String(listed, StandardCharsets.UTF_8).split("\n")),
        now,
        () -> String.join("\n", now));
  }

  @Test
  void whatIsOfAClassIsRefusedWhereAnotherIsCurrent() {
    Talk other = talk.with(CLASS, "62");
    List<String> wrong =
        all().stream()
            .filter(asked -> !asked.isForAny())
            .filter(
                asked ->
                    other
                            .send(
                                asked.method(),
                                asked.path().replaceAll("\\{\\w+}", "1"),
                                asked.type())
                            .status()
                        != 412)
            .map(Asked::line)
            .toList();
    assertEquals(List.of(), wrong);
  }

  @Test
  void namesMeantForOneClassLandInNoOther() {
    JsonNode classes = talk.post("/api/classes", Map.of("name", "Wrens")).json();
    long first = classes.get(0).get("id").asLong();
    long second = classes.get(1).get("id").asLong();
    talk.post("/api/classes/" + second + "/current", Map.of());
    Talk.Answer refused = talk.with(CLASS, "" + first).post("/api/roll", Map.of("names", "Neve"));
    assertEquals(412, refused.status());
    String current = talk.get("/api/classes").json().get(1).get("name").asText();
    assertTrue(refused.detail().contains(current), refused::text);
    assertEquals(0, talk.get("/api/roll").json().size());
    Talk.Answer taken = talk.with(CLASS, "" + second).post("/api/roll", Map.of("names", "Neve"));
    assertEquals(201, taken.status());
    talk.post("/api/classes/" + first + "/current", Map.of());
  }
}
