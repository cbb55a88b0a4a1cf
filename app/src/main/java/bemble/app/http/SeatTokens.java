package bemble.app.http;

import java.util.Optional;

/** Tells which seat of the open room a token opens. */
public interface SeatTokens {
  /** The prefix of a token in its header. */
  String BEARER = "Bearer ";

  /** A name for the seat, or for the device that waits to be let in; empty for any other token. */
  Optional<String> opens(String token);
}
