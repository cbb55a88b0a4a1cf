package bemble.style;

/**
 * One way of working that differs from class to class. The constants of each enum are the values of
 * one {@link Setting}; the first is that of a class that has chosen nothing.
 */
public sealed interface Choice {
  /** Its name within its setting. */
  String name();

  /** The word for the tens that move on from a full column. */
  enum CarryWord implements Choice {
    CARRY,
    REGROUP,
    EXCHANGE
  }

  /** The word for making ten of a place from one of the next. */
  enum ExchangeWord implements Choice {
    EXCHANGE,
    BORROW,
    REGROUP,
    TRADE
  }

  /** The word for the first place before the point. */
  enum FirstPlaceWord implements Choice {
    ONES,
    UNITS
  }

  /** Where the small figure of a carry goes. */
  enum CarryPosition implements Choice {
    /** Above the next column. */
    ABOVE,
    /** Under the answer line, below the next column. */
    BELOW,
    /** In the corner of the next square of the answer line itself. */
    ON_LINE,
    /** Nowhere: it is kept in mind. */
    KEPT_IN_MIND
  }

  /** When a carry is added in the column that it was carried to. */
  enum CarryTurn implements Choice {
    FIRST,
    LAST
  }

  /** How the parts of an addition from the left are written and added. */
  enum PartialSums implements Choice {
    /** Behind one another with a plus between, added in the head. */
    ON_ONE_LINE,
    /** The same, with a total written before a place makes a ten and after it. */
    LINE_AND_TOTALS,
    /** One part to a row, added in columns. */
    UNDER_ONE_ANOTHER,
    /** Without parts: only the total so far, which has to be remembered. */
    IN_THE_HEAD,
    /** The sum, its parts and its answer in one line. */
    SUM_ON_ONE_LINE,
    /** Without setting out: only the answer is written. */
    ONLY_THE_ANSWER
  }

  /** The order in which the figures of a column are added. */
  enum AddingOrder implements Choice {
    AS_WRITTEN,
    LARGEST_FIRST,
    /** Figures that make ten together are taken together before the others. */
    TENS_FIRST,
    /** The largest addend first, then those that make a whole ten with it. */
    LARGEST_AND_TENS
  }

  /** Where a column says that it adds 0. */
  enum PlusZero implements Choice {
    WRITTEN_ZEROS,
    /** For blank squares, too, as if a zero stood there. */
    BLANKS_TOO
  }

  /** Whether the figure that stays or the one that moves on is written first. */
  enum WritingOrder implements Choice {
    STAYING_FIRST,
    MOVING_FIRST
  }

  /** The looks of counters in frames. */
  enum FrameCounters implements Choice {
    /** Dots for ones, sticks for tens. */
    BY_PLACE,
    DOTS
  }

  /** Whether the addends of a sum in columns are split into their parts beside it. */
  enum SplitAddends implements Choice {
    NOT_SPLIT,
    BESIDE
  }

  /** Where a class puts the question whether a column can be worked as it stands. */
  enum Questions implements Choice {
    WITHIN_STEPS,
    /** In a step of its own, with its answer. */
    OWN_STEPS
  }

  /** How the numbers of a sum are set out. */
  enum LayingDown implements Choice {
    WHOLE_NUMBERS,
    /** Figure by figure, each with its place. */
    FIGURE_BY_FIGURE
  }

  /** How many squares stand open for an answer on a sheet that is to be filled in. */
  enum AnswerSquares implements Choice {
    /** As many as the longest answer to numbers of these lengths needs. */
    AS_MANY_AS_ANY,
    /** As many as the answer has figures. */
    EXACT
  }

  /** Which number stands on top. */
  enum OnTop implements Choice {
    AS_GIVEN,
    /** In an addition the longer, in a multiplication the larger. */
    LONGER
  }

  /** The mark between groups of figures, of three unless something else is said. */
  enum ThousandsMark implements Choice {
    COMMA,
    THIN_SPACE,
    NONE,
    /** Groups of two before the last three: 12,34,567. */
    COMMA_LAKHS
  }

  /** Whether a thousands mark that is a comma stands on the paper too, between the squares. */
  enum ThousandsOnPaper implements Choice {
    HIDDEN,
    SHOWN
  }

  /** Where a class begins with the pairs of figures that cross. */
  enum CrossingOrder implements Choice {
    FROM_TOP_RIGHT,
    FROM_TOP_LEFT
  }

  /** When the rows of a box are added: each as soon as it is full, or all at the end. */
  enum BoxOrder implements Choice {
    ROW_BY_ROW,
    ALL_BOXES_FIRST
  }

  /** The mark between ones and tenths. */
  enum DecimalMark implements Choice {
    POINT,
    COMMA
  }

  /** The short names over the columns. */
  enum ColumnHeads implements Choice {
    SHOWN,
    HIDDEN
  }

  /** The squares in front of a shorter number of an addition or subtraction. */
  enum BlankSquares implements Choice {
    LEFT_BLANK,
    ZEROS
  }

  /** How an exchange goes across zeros. */
  enum AcrossZeros implements Choice {
    ONE_PLACE_AT_A_TIME,
    IN_ONE_GO
  }

  /** The last two columns of a subtraction where the top is below twenty. */
  enum LastColumns implements Choice {
    COLUMN_BY_COLUMN,
    TOGETHER
  }

  /** The sign that holds the places at the end of a row of products. */
  enum Placeholder implements Choice {
    ZERO,
    BLANK
  }

  /** What happens to the small carries of a row before the next row is begun. */
  enum UsedCarries implements Choice {
    STRUCK,
    STANDING
  }

  /** The row that a zero in the multiplier gives. */
  enum ZeroDigit implements Choice {
    SKIPPED,
    ROW_OF_ZEROS
  }

  /** The writing in a round of a division that goes zero times. */
  enum ZeroRound implements Choice {
    NO_ROW,
    ROW_OF_ZERO
  }

  /** Whether a division ends with the meaning of its answer. */
  enum QuotientMeaning implements Choice {
    UNSAID,
    /** So many groups of the divisor, and the remainder. */
    GROUPS
  }

  /** How a remainder is written behind a quotient. */
  enum RemainderForm implements Choice {
    LETTER,
    WORD,
    FRACTION
  }

  /** For which divisors the multiples are written beside a long division. */
  enum Multiples implements Choice {
    LONG_DIVISORS,
    /** For divisors of two figures and more, in each round as far as it needs them. */
    AS_NEEDED,
    ALWAYS,
    NEVER
  }

  /** When a root that goes on past its number gets the pairs of zeros that it needs. */
  enum RootZeros implements Choice {
    AS_NEEDED,
    IN_FRONT
  }

  /** Two schools of finding the leading part of the trial divisor, with the same result. */
  enum RootLead implements Choice {
    /** The whole root so far is doubled each time. */
    DOUBLE,
    /** The last figure is added to the last trial divisor. */
    ADD_LAST
  }

  /** How a root that does not end is given. */
  enum RootResult implements Choice {
    CUT_OFF,
    ROUNDED
  }

  /** How an addition is proved. */
  enum AdditionCheck implements Choice {
    UPWARD,
    ANOTHER_WAY,
    TAKE_AWAY
  }

  /** How a subtraction is proved. */
  enum SubtractionCheck implements Choice {
    ADD_BACK,
    COUNT_UP
  }

  /** How a multiplication is proved. */
  enum MultiplicationCheck implements Choice {
    SWAPPED,
    ANOTHER_WAY,
    DIVIDE_BACK,
    DIGIT_SUMS
  }

  /** How a root is proved. */
  enum RootCheck implements Choice {
    SQUARE_BACK,
    ENCLOSURE
  }

  /** Where the second working stands. */
  enum CheckPlace implements Choice {
    BENEATH,
    BESIDE
  }

  /** How much of the second working is a step of its own. */
  enum CheckSteps implements Choice {
    EACH_FIGURE,
    /** Each sum that the check is made of, then the comparison. */
    EACH_SUM
  }
}
