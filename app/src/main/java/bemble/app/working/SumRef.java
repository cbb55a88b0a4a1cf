package bemble.app.working;

import bemble.style.Style;
import org.jspecify.annotations.Nullable;

/**
 * A sum and its method, as it is sent and stored.
 *
 * @param plain the sum in figures and signs, with a point for decimals and no thousands marks; a
 *     typed line may have the marks of the style
 * @param method the method's id; the usual one of the operation if left out
 * @param style the conventions; those of the current class if left out
 * @param check the way of checking, as a value of its setting; that of the style if left out
 */
public record SumRef(
    String plain, @Nullable String method, @Nullable Style style, @Nullable String check) {
  /** A sum that is checked in the way of its style. */
  public SumRef(String plain, @Nullable String method, @Nullable Style style) {
    this(plain, method, style, null);
  }
}
