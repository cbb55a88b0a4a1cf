package bemble.bench;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.TearDown;
import org.openjdk.jmh.annotations.Warmup;

/** The time of an answer of the running app, from sending the sum to the last byte. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 3)
@Measurement(iterations = 3, time = 3)
@Fork(1)
public class Answers {
  private static final String LONG = "987654321098765432109876";

  @Param({
    "six",
    "largest addition",
    "largest multiplication",
    "largest division",
    "largest root",
    "pdf page",
    "pdf strip of 12"
  })
  public String sum;

  /** Kept connections and one request after the other, as of a browser. */
  private final HttpClient client =
      HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();

  private Process app;
  private HttpRequest request;

  /** Starts Bemble on a free port and tells how long it took and how much it answers. */
  @Setup
  public void start() throws IOException, InterruptedException {
    Path data = Files.createTempDirectory("bemble-bench").resolve("data");
    long began = System.nanoTime();
    app =
        new ProcessBuilder(
                "java",
                "-XX:+UseSerialGC",
                "-jar",
                "app/target/bemble.jar",
                "--server.port=0",
                "--bemble.data=" + data)
            .redirectError(ProcessBuilder.Redirect.DISCARD)
            .start();
    String said =
        new BufferedReader(new InputStreamReader(app.getInputStream()))
            .lines()
            .filter(line -> line.contains("http://127"))
            .findFirst()
            .orElseThrow();
    String address = said.substring(said.indexOf("http"));
    request =
        HttpRequest.newBuilder(URI.create(address + path()))
            .header("Content-Type", "application/json")
            .header("Accept-Encoding", "gzip")
            .POST(HttpRequest.BodyPublishers.ofString(body()))
            .build();
    int size = answer().length;
    long took = TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - began);
    System.out.println("first answer after " + took + " ms, of " + size + " bytes");
  }

  private String path() {
    return sum.startsWith("pdf") ? "/api/exports/pdf" : "/api/workings";
  }

  private String body() {
    String working = "{\"plain\":\"" + line() + "\"}";
    return switch (sum) {
      case "pdf page" -> "{\"kind\":\"PAGE\",\"sum\":" + working + "}";
      case "pdf strip of 12" -> "{\"kind\":\"STRIP\",\"per\":\"STEP\",\"sum\":" + working + "}";
      default -> working;
    };
  }

  private String line() {
    return switch (sum) {
      case "pdf page" -> "57 × 38";
      case "pdf strip of 12" -> "6203 − 1487";
      case "six" -> "620315 + 148709";
      case "largest addition" -> (LONG + " + ").repeat(11) + LONG;
      case "largest multiplication" -> LONG + " × " + LONG;
      case "largest division" -> LONG + " ÷ 12";
      default -> "√" + LONG + " to 12 places";
    };
  }

  /** One sum sent, and its whole answer received. */
  @Benchmark
  public byte[] answer() throws IOException, InterruptedException {
    return client.send(request, HttpResponse.BodyHandlers.ofByteArray()).body();
  }

  /** Ends the app. */
  @TearDown
  public void stop() throws InterruptedException {
    app.destroyForcibly().waitFor();
  }
}
