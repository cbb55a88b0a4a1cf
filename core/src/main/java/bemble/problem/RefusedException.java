package bemble.problem;

import java.util.Map;

/** Carries a refusal out of the reader's depths; never leaves this package. */
final class RefusedException extends Exception {
  private final transient Refusal refusal;

  RefusedException(Refusal refusal) {
    super(refusal.code().name(), null, false, false);
    this.refusal = refusal;
  }

  RefusedException(Refusal.Code code, int from, int to, Map<String, Object> fills) {
    this(new Refusal(code, from, to, fills));
  }

  static RefusedException at(Refusal.Code code, int from, int to) {
    return new RefusedException(code, from, to, Map.of());
  }

  static RefusedException at(Refusal.Code code, Token token) {
    return at(code, token.from(), token.to());
  }

  Refusal refusal() {
    return refusal;
  }
}
