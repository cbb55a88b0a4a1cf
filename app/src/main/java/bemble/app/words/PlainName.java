package bemble.app.words;

import com.fasterxml.jackson.annotation.JacksonAnnotationsInside;
import com.fasterxml.jackson.databind.annotation.JsonDeserialize;
import jakarta.validation.Constraint;
import jakarta.validation.Payload;
import jakarta.validation.constraints.Size;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * The name of a person or thing, or a title, in a request. It is read by {@link PlainNames} and has
 * at most {@value #LONGEST} letters.
 */
@Target({
  ElementType.FIELD,
  ElementType.PARAMETER,
  ElementType.METHOD,
  ElementType.RECORD_COMPONENT
})
@Retention(RetentionPolicy.RUNTIME)
@JacksonAnnotationsInside
@JsonDeserialize(using = PlainNames.class)
@Constraint(validatedBy = {})
@Size(max = PlainName.LONGEST, message = "{valid.name-length}")
public @interface PlainName {
  int LONGEST = 80;

  String message() default "{valid.name-length}";

  Class<?>[] groups() default {};

  Class<? extends Payload>[] payload() default {};
}
