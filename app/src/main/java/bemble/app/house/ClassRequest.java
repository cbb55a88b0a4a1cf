package bemble.app.house;

import bemble.app.words.PlainName;
import bemble.style.Style;
import jakarta.validation.constraints.NotBlank;
import org.jspecify.annotations.Nullable;

/**
 * A class as its teacher wants it.
 *
 * @param name the name of the class
 * @param style its conventions; the standard ones if left out
 * @param version the version that was changed; left out for a new class
 */
public record ClassRequest(
    @NotBlank(message = "{valid.class-name}") @PlainName String name,
    @Nullable Style style,
    @Nullable Integer version) {}
