package bemble.app.file;

import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** SHA-256, which every Java has. */
final class Sha256 {
  private Sha256() {}

  static MessageDigest begin() {
    try {
      return MessageDigest.getInstance("SHA-256");
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }

  /** The digest in hexadecimal signs; it begins anew. */
  static String end(MessageDigest digest) {
    return HexFormat.of().formatHex(digest.digest());
  }
}
