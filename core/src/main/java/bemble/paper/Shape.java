package bemble.paper;

/** The kinds of mark that a renderer has to know. All of paper is said in these. */
public sealed interface Shape {
  /** This shape that many rows down and columns right. */
  Shape moved(int rows, int columns);

  /** Whether it is taken away where other shapes would be struck. */
  default boolean passes() {
    return this instanceof Link || this instanceof Arrow || this instanceof Ring;
  }

  /**
   * One character in a square: a digit or a sign.
   *
   * @param at its square
   * @param text the character
   */
  record Figure(Square at, String text) implements Shape {
    @Override
    public Shape moved(int rows, int columns) {
      return new Figure(at.moved(rows, columns), text);
    }
  }

  /**
   * A small figure, of one digit or a few.
   *
   * @param at its square
   * @param spot where in the square
   * @param text the digits
   */
  record Small(Square at, Spot spot, String text) implements Shape {
    /** How many figures of a small number a renderer writes into the width of a square. */
    private static final int FIGURES_IN_A_SQUARE = 3;

    /** How many squares a small number of so many figures takes, with room at its sides. */
    public static int squares(int figures) {
      return figures / FIGURES_IN_A_SQUARE + 1;
    }

    @Override
    public Shape moved(int rows, int columns) {
      return new Small(at.moved(rows, columns), spot, text);
    }
  }

  /**
   * The decimal mark, on the grid line to the right of a square.
   *
   * @param after the square of the ones
   * @param text the mark
   */
  record Point(Square after, String text) implements Shape {
    @Override
    public Shape moved(int rows, int columns) {
      return new Point(after.moved(rows, columns), text);
    }
  }

  /**
   * A stroke through the mark at a spot of a square.
   *
   * @param at the square
   * @param spot the spot in it
   */
  record Strike(Square at, Spot spot) implements Shape {
    @Override
    public Shape moved(int rows, int columns) {
      return new Strike(at.moved(rows, columns), spot);
    }
  }

  /**
   * A ruled line along grid lines.
   *
   * @param from the crossing at which it starts
   * @param to the crossing at which it ends
   */
  record Line(Square from, Square to) implements Shape {
    @Override
    public Shape moved(int rows, int columns) {
      return new Line(from.moved(rows, columns), to.moved(rows, columns));
    }
  }

  /**
   * A few words, one line high.
   *
   * @param at the square in which they start, or end when they are set to the right
   * @param side the side of that square on which they begin
   * @param text the words
   */
  record Words(Square at, Side side, String text) implements Shape {
    @Override
    public Shape moved(int rows, int columns) {
      return new Words(at.moved(rows, columns), side, text);
    }
  }

  /**
   * A ring around a rectangle of squares.
   *
   * @param from upper left square in it
   * @param to lower right square in it
   */
  record Ring(Square from, Square to) implements Shape {
    @Override
    public Shape moved(int rows, int columns) {
      return new Ring(from.moved(rows, columns), to.moved(rows, columns));
    }
  }

  /**
   * A line that joins two squares.
   *
   * @param from one square
   * @param to the other
   */
  record Link(Square from, Square to) implements Shape {
    @Override
    public Shape moved(int rows, int columns) {
      return new Link(from.moved(rows, columns), to.moved(rows, columns));
    }
  }

  /**
   * An arrow from one square to another.
   *
   * @param from where it starts
   * @param to where it points
   */
  record Arrow(Square from, Square to) implements Shape {
    @Override
    public Shape moved(int rows, int columns) {
      return new Arrow(from.moved(rows, columns), to.moved(rows, columns));
    }
  }

  /**
   * A thing drawn for counting.
   *
   * @param at its square
   * @param thing the thing that is drawn
   */
  record Counter(Square at, Thing thing) implements Shape {
    @Override
    public Shape moved(int rows, int columns) {
      return new Counter(at.moved(rows, columns), thing);
    }
  }

  /**
   * A hop along a number line, drawn above it.
   *
   * @param from the square in whose middle it starts
   * @param to the square in whose middle it lands
   * @param label how far it goes
   */
  record Hop(Square from, Square to, String label) implements Shape {
    @Override
    public Shape moved(int rows, int columns) {
      return new Hop(from.moved(rows, columns), to.moved(rows, columns), label);
    }
  }

  /** The things that show one, ten, a hundred and a thousand. */
  enum Thing {
    DOT,
    /** A one of the second addend, drawn differently from those of the first. */
    OPEN_DOT,
    STICK,
    OPEN_STICK,
    FLAT,
    STACK
  }

  /** How words lie about their square. */
  enum Side {
    /** They start at the square's left edge. */
    FROM_LEFT,
    /** They are set about the square's middle. */
    CENTRED,
    /** They end at the square's right edge. */
    TO_RIGHT
  }
}
