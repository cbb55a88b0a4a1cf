package bemble.app.siege;

import java.util.Arrays;
import java.util.Random;

/**
 * Damages that happen to files: a flipped bit, a lost end, a hole, a block twice, two exchanged.
 */
public final class Mutation {
  private Mutation() {}

  /** The bytes with one damage; never the same bytes. */
  public static byte[] of(byte[] good, Random random) {
    byte[] bytes = good.clone();
    int at = random.nextInt(bytes.length);
    int length = 1 + random.nextInt(Math.min(512, bytes.length - at));
    switch (random.nextInt(6)) {
      case 0 -> bytes[at] ^= (byte) (1 << random.nextInt(8));
      case 1 -> bytes = Arrays.copyOf(bytes, at);
      case 2 -> Arrays.fill(bytes, at, at + length, (byte) 0);
      case 3 -> {
        byte[] noise = new byte[length];
        random.nextBytes(noise);
        System.arraycopy(noise, 0, bytes, at, length);
      }
      case 4 -> {
        bytes = Arrays.copyOf(bytes, bytes.length + length);
        System.arraycopy(good, at, bytes, at + length, good.length - at);
      }
      default ->
          System.arraycopy(good, random.nextInt(bytes.length - length + 1), bytes, at, length);
    }
    if (Arrays.equals(bytes, good)) {
      bytes[at] ^= 1;
    }
    return bytes;
  }
}
