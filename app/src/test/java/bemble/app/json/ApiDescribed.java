package bemble.app.json;

import bemble.app.Bemble;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import java.io.IOException;
import java.nio.file.Path;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.client.TestRestTemplate;

/** The interface as the running app describes it, and the file from which the screens are typed. */
@SpringBootTest(
    classes = Bemble.class,
    webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
    properties = "bemble.data=${java.io.tmpdir}/bemble-${random.uuid}/described")
abstract class ApiDescribed {
  static final Path FILE = Path.of("..", "web", "src", "api", "openapi.json");

  @Autowired TestRestTemplate http;

  String described() throws IOException {
    ObjectMapper json =
        new ObjectMapper()
            .enable(SerializationFeature.INDENT_OUTPUT)
            .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS);
    JsonNode tree = json.readTree(http.getForObject("/api/openapi", String.class));
    return json.writeValueAsString(json.treeToValue(tree, Object.class)) + "\n";
  }
}
