package bemble.app.scan.standin;

import java.util.Random;

/**
 * How a sheet lies before a camera, and how the camera sees.
 *
 * @param megapixels of the picture
 * @param turn of the camera about its own axis, in radians
 * @param tiltAcross how far the sheet is tilted, in radians, about its upright
 * @param tiltAlong the same about its level
 * @param curl how far the sheet rises from the desk at its edges, in millimetres
 * @param curlTurn the direction in which it is curled, in radians
 * @param distance of the camera, in millimetres
 * @param lens how much the lens bends straight lines: their ends move by this share
 * @param fill the share of the frame that the sheet takes, lengthwise
 * @param light how much darker one side is than the other, of 1
 * @param shadow how dark a shadow with an edge is, of 1; 0 for none
 * @param blur how far a dot is spread, in dots
 * @param noise how far a dot is off, of 255
 * @param white how light the paper is, of 255
 * @param desk how light the desk is, of 255
 */
public record View(
    double megapixels,
    double turn,
    double tiltAcross,
    double tiltAlong,
    double curl,
    double curlTurn,
    double distance,
    double lens,
    double fill,
    double light,
    double shadow,
    double blur,
    double noise,
    double white,
    double desk) {
  /** A photograph that somebody takes by hand. */
  public static View byHand(Random random) {
    return new View(
        3 + random.nextInt(10),
        turn(random),
        tilt(random),
        tilt(random),
        6 * random.nextDouble() * random.nextDouble(),
        random.nextDouble() * Math.PI,
        330 + random.nextInt(220),
        0.03 * (random.nextDouble() - 0.5),
        0.72 + 0.16 * random.nextDouble(),
        0.4 * random.nextDouble(),
        random.nextInt(3) == 0 ? 0.35 * random.nextDouble() : 0,
        0.4 + 0.8 * random.nextDouble(),
        1 + 5 * random.nextDouble(),
        175 + random.nextInt(70),
        30 + random.nextInt(130));
  }

  /** The same with a picture of another size. */
  public View at(double megapixels) {
    return new View(
        megapixels,
        turn,
        tiltAcross,
        tiltAlong,
        curl,
        curlTurn,
        distance,
        lens,
        fill,
        light,
        shadow,
        blur,
        noise,
        white,
        desk);
  }

  /** Any way up, mostly along the frame. */
  private static double turn(Random random) {
    double askew = random.nextInt(8) == 0 ? 0.7 : 0.1;
    return random.nextInt(4) * Math.PI / 2 + askew * random.nextGaussian();
  }

  private static double tilt(Random random) {
    return Math.toRadians(Math.max(-22, Math.min(22, 9 * random.nextGaussian())));
  }

  /** What a copier of 150 or 200 dots an inch makes of a sheet that is fed to it a little askew. */
  public static View copied(Random random) {
    boolean upsideDown = random.nextInt(4) == 0;
    return new View(
        2.2 + 1.7 * random.nextInt(2),
        (upsideDown ? Math.PI : 0) + Math.toRadians(random.nextGaussian()),
        0,
        0,
        0,
        0,
        100_000,
        0,
        0.985,
        0,
        0,
        0.4,
        1 + random.nextInt(3),
        240 + random.nextInt(15),
        255);
  }
}
