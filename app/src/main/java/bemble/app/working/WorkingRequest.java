package bemble.app.working;

import bemble.style.Style;
import org.jspecify.annotations.Nullable;

/**
 * A sum to be worked.
 *
 * @param problem the typed line
 * @param method the method's id; the usual one of the operation if left out
 * @param places decimal places of a root; those of the line if left out
 * @param style the conventions; those of the current class if left out
 * @param check the way of checking this page, as a value of its setting; that of the style if left
 *     out
 */
public record WorkingRequest(
    String problem,
    @Nullable String method,
    @Nullable Integer places,
    @Nullable Style style,
    @Nullable String check) {
  /** A sum whose line says all there is to say of places. */
  public WorkingRequest(String problem, String method, Style style) {
    this(problem, method, null, style, null);
  }
}
