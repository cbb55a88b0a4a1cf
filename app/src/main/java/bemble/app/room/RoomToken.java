package bemble.app.room;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.HexFormat;

/** Tokens of seats and codes of the door: drawn at random, and compared in constant time. */
final class RoomToken {
  private static final SecureRandom RANDOM = new SecureRandom();
  private static final int BYTES = 16;
  private static final int CODES = 1_000_000;

  private RoomToken() {}

  /** A token of 128 bits. */
  static String draw() {
    byte[] bytes = new byte[BYTES];
    RANDOM.nextBytes(bytes);
    return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
  }

  /** A code of six figures. */
  static String drawCode() {
    return "%06d".formatted(RANDOM.nextInt(CODES));
  }

  /** The digest of a token. It alone is kept, so that nobody can come in with the data file. */
  static String digest(String token) {
    try {
      byte[] digest =
          MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.UTF_8));
      return HexFormat.of().formatHex(digest);
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }

  /** Whether two texts are the same; takes as long where they differ early. */
  static boolean same(String one, String other) {
    return MessageDigest.isEqual(
        one.getBytes(StandardCharsets.UTF_8), other.getBytes(StandardCharsets.UTF_8));
  }
}
