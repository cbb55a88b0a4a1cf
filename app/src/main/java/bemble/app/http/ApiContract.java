package bemble.app.http;

import bemble.style.Choice;
import bemble.style.Setting;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What springdoc cannot read off plain records. */
@Configuration
class ApiContract {
  /** The components that may be missing, by schema; all others are always there. */
  private static final Map<String, Set<String>> OPTIONAL =
      Map.ofEntries(
          Map.entry("Mark", Set.of("place", "struck")),
          Map.entry("Paper", Set.of("onesColumn")),
          Map.entry("StepView", Set.of("focus")),
          Map.entry("MethodView", Set.of("misfit")),
          Map.entry("AnswerView", Set.of("remainder", "rounded", "above")),
          Map.entry("WayView", Set.of("drawing")),
          Map.entry("WorkingRequest", Set.of("method", "places", "style", "check")),
          Map.entry("CheckView", Set.of("strength", "choice")),
          Map.entry("FindingView", Set.of("wrong", "follows")),
          Map.entry("SlipFinding", Set.of("slip")),
          Map.entry("AttemptEntry", Set.of("slip")),
          Map.entry("AttemptRequest", Set.of("method", "style", "who", "settingOut", "telling")),
          Map.entry("AttemptView", Set.of("handedInAt", "report", "truth", "check", "checkOf")),
          Map.entry("HandInRequest", Set.of("explanation")),
          Map.entry("PdfRequest", Set.of("size", "per", "frames")),
          Map.entry("ClassRequest", Set.of("style", "version")),
          Map.entry("PageFile", Set.of("title", "note", "style")),
          Map.entry("KeepRequest", Set.of("style", "note")));

  @Bean
  OpenApiCustomizer contract() {
    return api -> {
      api.info(new Info().title("Bemble").version("1"));
      api.setServers(null);
      tagShapes(api);
      for (Class<?> type : Choice.class.getPermittedSubclasses()) {
        api.getComponents().getSchemas().remove(type.getSimpleName());
      }
      api.getComponents().getSchemas().remove("Choice");
      api.getComponents().addSchemas("Style", style());
      api.getComponents().getSchemas().forEach(ApiContract::require);
    };
  }

  /** Every setting with its values, all of which may be left out. */
  private static Schema<?> style() {
    Schema<?> style = new ObjectSchema();
    for (Setting setting : Setting.values()) {
      List<String> values = setting.choices().stream().map(Choice::name).toList();
      style.addProperty(StyleJson.name(setting), new StringSchema()._enum(values));
    }
    Schema<?> sentences = new ObjectSchema().additionalProperties(new StringSchema());
    style.addProperty("sentences", sentences);
    return style;
  }

  /** Writes each kind of shape out flat, with the tag that tells it from the others. */
  @SuppressWarnings({"rawtypes", "unchecked"})
  private static void tagShapes(OpenAPI api) {
    Map<String, Schema> schemas = api.getComponents().getSchemas();
    for (Class<?> shape : JsonOfCore.shapes()) {
      Schema schema = schemas.get(shape.getSimpleName());
      List<Schema> parts = schema.getAllOf() == null ? List.of() : schema.getAllOf();
      for (Schema part : parts) {
        if (part.getProperties() != null) {
          part.getProperties()
              .forEach((name, type) -> schema.addProperty((String) name, (Schema) type));
        }
      }
      schema.setAllOf(null);
      schema.addProperty("kind", new StringSchema()._enum(List.of(JsonOfCore.tag(shape))));
    }
    schemas.remove("Shape");
  }

  @SuppressWarnings("rawtypes")
  private static void require(String name, Schema<?> schema) {
    if (schema.getProperties() == null || name.equals("Style")) {
      return;
    }
    List<String> required = new ArrayList<>(schema.getProperties().keySet());
    required.removeAll(OPTIONAL.getOrDefault(name, Set.of()));
    schema.setRequired(required);
  }
}
