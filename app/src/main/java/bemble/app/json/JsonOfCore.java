package bemble.app.json;

import bemble.paper.Shape;
import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.Nulls;
import com.fasterxml.jackson.databind.MapperFeature;
import com.fasterxml.jackson.databind.Module;
import com.fasterxml.jackson.databind.jsontype.NamedType;
import com.fasterxml.jackson.module.blackbird.BlackbirdModule;
import java.util.Arrays;
import java.util.Locale;
import org.springframework.boot.autoconfigure.jackson.Jackson2ObjectMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The JSON of core's types: the core itself knows nothing of JSON. */
@Configuration
class JsonOfCore {
  /** The tag of a shape in JSON: {@code figure}. */
  static String tag(Class<?> shape) {
    return shape.getSimpleName().toLowerCase(Locale.ROOT);
  }

  /** The kinds of shape, which are all records of {@link Shape}. */
  static Class<?>[] shapes() {
    return Shape.class.getPermittedSubclasses();
  }

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  private interface TaggedShape {}

  /** Long pages have thousands of marks: writing them without reflection halves the time. */
  @Bean
  Module fastAccess() {
    return new BlackbirdModule();
  }

  @Bean
  Jackson2ObjectMapperBuilderCustomizer coreTypes() {
    return builder ->
        builder
            .mixIn(Shape.class, TaggedShape.class)
            .deserializers(new StyleJson.Reader())
            .serializers(new StyleJson.Writer())
            // A record is its components; its other methods are not written.
            .featuresToDisable(MapperFeature.AUTO_DETECT_IS_GETTERS)
            .postConfigurer(
                mapper -> {
                  Arrays.stream(shapes())
                      .map(shape -> new NamedType(shape, tag(shape)))
                      .forEach(mapper::registerSubtypes);
                  // No list of the interface has a hole in it.
                  mapper.setDefaultSetterInfo(JsonSetter.Value.forContentNulls(Nulls.FAIL));
                });
  }
}
