package bemble.app.scan.standin;

import java.util.Random;

/**
 * How a sheet lies before a camera, and how the camera sees.
 *
 * @param sheet how it lies
 * @param lens how the camera is held, and how its lens bends the picture
 * @param light the light and shadows on the sheet
 * @param dots the dots of the picture
 */
public record View(Lie sheet, Lens lens, Light light, Dots dots) {
  /**
   * How a sheet lies.
   *
   * @param tiltAcross how far it is tilted, in radians, about its upright
   * @param tiltAlong the same about its level
   * @param curl how far it rises from the desk at its edges, in millimetres
   * @param curlTurn the direction in which it is curled, in radians
   */
  public record Lie(double tiltAcross, double tiltAlong, double curl, double curlTurn) {
    static final Lie FLAT = new Lie(0, 0, 0, 0);
  }

  /**
   * A camera's lens.
   *
   * @param turn about its own axis, in radians
   * @param distance of the camera, in millimetres
   * @param bend how much straight lines are bent: their ends move by this share
   * @param fill the share of the frame that the sheet takes, lengthwise
   */
  public record Lens(double turn, double distance, double bend, double fill) {}

  /**
   * Light and shade.
   *
   * @param slope how much darker one side is than the other, of 1
   * @param shadow how dark a shadow with an edge is, of 1; 0 for none
   * @param white how light the paper is, of 255
   * @param desk how light the desk is, of 255
   */
  public record Light(double slope, double shadow, double white, double desk) {}

  /**
   * The dots of a picture.
   *
   * @param megapixels how many there are
   * @param blur how far one is spread, in dots
   * @param noise how far one is off, of 255
   */
  public record Dots(double megapixels, double blur, double noise) {}

  /** A photograph that somebody takes by hand. */
  public static View byHand(Random random) {
    // Drawn in this order, so that a seed gives the photograph that it always gave.
    double megapixels = 3 + random.nextInt(10);
    double turn = turn(random);
    Lie sheet =
        new Lie(
            tilt(random),
            tilt(random),
            6 * random.nextDouble() * random.nextDouble(),
            random.nextDouble() * Math.PI);
    Lens lens =
        new Lens(
            turn,
            330 + random.nextInt(220),
            0.03 * (random.nextDouble() - 0.5),
            0.72 + 0.16 * random.nextDouble());
    double slope = 0.4 * random.nextDouble();
    double shadow = random.nextInt(3) == 0 ? 0.35 * random.nextDouble() : 0;
    Dots dots = new Dots(megapixels, 0.4 + 0.8 * random.nextDouble(), 1 + 5 * random.nextDouble());
    Light light = new Light(slope, shadow, 175 + random.nextInt(70), 30 + random.nextInt(130));
    return new View(sheet, lens, light, dots);
  }

  /** The same with a picture of another size. */
  public View at(double megapixels) {
    return new View(sheet, lens, light, new Dots(megapixels, dots.blur(), dots.noise()));
  }

  /** Any way up, mostly along the frame. */
  private static double turn(Random random) {
    double askew = random.nextInt(8) == 0 ? 0.7 : 0.1;
    return random.nextInt(4) * Math.PI / 2 + askew * random.nextGaussian();
  }

  private static double tilt(Random random) {
    return Math.toRadians(Math.max(-22, Math.min(22, 9 * random.nextGaussian())));
  }

  /**
   * The view of a copier with 150 or 200 dots an inch, into which a sheet was fed a little askew.
   */
  public static View copied(Random random) {
    boolean upsideDown = random.nextInt(4) == 0;
    double megapixels = 2.2 + 1.7 * random.nextInt(2);
    double turn = (upsideDown ? Math.PI : 0) + Math.toRadians(random.nextGaussian());
    Dots dots = new Dots(megapixels, 0.4, 1 + random.nextInt(3));
    return new View(
        Lie.FLAT,
        new Lens(turn, 100_000, 0, 0.985),
        new Light(0, 0, 240 + random.nextInt(15), 255),
        dots);
  }
}
