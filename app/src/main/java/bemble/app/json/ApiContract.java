package bemble.app.json;

import bemble.style.Choice;
import bemble.style.RoundMove;
import bemble.style.Setting;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.ArraySchema;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.servers.Server;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Describes to springdoc the parts of the JSON that it cannot read off plain records. */
@Configuration
class ApiContract {
  /** The records that the interface speaks of, by their names. */
  private final Map<String, Class<?>> records = new ConcurrentHashMap<>();

  /** Remembers the record behind each schema. */
  @Bean
  ModelConverter recordsOfSchemas() {
    return (type, context, chain) -> {
      Class<?> raw = Json.mapper().constructType(type.getType()).getRawClass();
      if (raw.isRecord()) {
        records.put(raw.getSimpleName(), raw);
      }
      return chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
    };
  }

  @Bean
  OpenApiCustomizer contract() {
    return api -> {
      api.info(new Info().title("Bemble").version("1"));
      // Without one of its own, the description tells this port from its second reading on.
      api.setServers(List.of(new Server().url("/")));
      tagShapes(api);
      for (Class<?> type : Choice.class.getPermittedSubclasses()) {
        api.getComponents().getSchemas().remove(type.getSimpleName());
      }
      api.getComponents().getSchemas().remove("Choice");
      api.getComponents().addSchemas("Style", style());
      api.getComponents().getSchemas().forEach(this::require);
    };
  }

  /** Every setting with its values, all of which may be left out. */
  private static Schema<?> style() {
    Schema<?> style = new ObjectSchema();
    for (Setting setting : Setting.values()) {
      List<String> values = setting.choices().stream().map(Choice::name).toList();
      style.addProperty(JsonName.of(setting), new StringSchema()._enum(values));
    }
    List<String> moves = Stream.of(RoundMove.values()).map(RoundMove::name).toList();
    style.addProperty(
        StyleJson.ROUND_MOVES, new ArraySchema().items(new StringSchema()._enum(moves)));
    style.addProperty("language", new StringSchema());
    Schema<?> sentences = new ObjectSchema().additionalProperties(new StringSchema());
    style.addProperty("sentences", sentences);
    return style;
  }

  /** Writes each kind of shape out flat, with the tag that tells it from the others. */
  @SuppressWarnings({"rawtypes", "unchecked"})
  private static void tagShapes(OpenAPI api) {
    Map<String, Schema> schemas = api.getComponents().getSchemas();
    for (Class<?> shape : JsonOfCore.shapes()) {
      Schema schema = Objects.requireNonNull(schemas.get(shape.getSimpleName()));
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

  /** Marks all components of a record as required, except those that may be null. */
  @SuppressWarnings("rawtypes")
  private void require(String name, Schema<?> schema) {
    if (schema.getProperties() == null || name.equals("Style")) {
      return;
    }
    List<String> required = new ArrayList<>(schema.getProperties().keySet());
    if (records.containsKey(name)) {
      List<RecordComponent> components = components(records.get(name)).toList();
      List<String> names = components.stream().map(RecordComponent::getName).toList();
      // Other methods of a record are no fields of it; a shape has its tag.
      schema
          .getProperties()
          .keySet()
          .removeIf(property -> !names.contains(property) && !property.equals("kind"));
      required.retainAll(schema.getProperties().keySet());
      components.stream()
          .filter(component -> component.getAnnotatedType().isAnnotationPresent(Nullable.class))
          .forEach(component -> required.remove(component.getName()));
    }
    schema.setRequired(required);
  }

  /**
   * The components of a record as they are written: those of an unwrapped part lie among the
   * others.
   */
  private static Stream<RecordComponent> components(Class<?> type) {
    return Stream.of(type.getRecordComponents())
        .flatMap(
            component ->
                component.getAccessor().isAnnotationPresent(JsonUnwrapped.class)
                    ? components(component.getType())
                    : Stream.of(component));
  }
}
