package bemble.problem;

import java.util.Map;

/** Carries a refusal out of the reader's depths; never leaves this package. */
final class RefusalException extends Exception {
  private final transient Refusal refusal;

  RefusalException(Refusal refusal) {
    super(refusal.code().name(), null, false, false);
    this.refusal = refusal;
  }

  RefusalException(Refusal.Code code, int from, int to, Map<String, Object> fills) {
    this(new Refusal(code, from, to, fills));
  }

  static RefusalException at(Refusal.Code code, int from, int to) {
    return new RefusalException(code, from, to, Map.of());
  }

  static RefusalException at(Refusal.Code code, Token token) {
    return at(code, token.from(), token.to());
  }

  Refusal refusal() {
    return refusal;
  }
}
