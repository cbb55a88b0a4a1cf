package bemble.app.house;

import bemble.style.Setting;

/**
 * A sum of the garden on which a setting shows.
 *
 * @param problem the sum
 * @param method the method
 * @param step the step to show, counted from 0 on into the check; past the end means the last
 */
record Example(String problem, String method, int step) {
  /** A division in one of whose rounds a remainder is compared and a figure brought down. */
  static final Example OF_A_ROUND = new Example("943 ÷ 7", "long", 7);

  private static final int END = 999;

  static Example of(Setting setting) {
    return switch (setting) {
      case CARRY_WORD -> new Example("146 + 238", "column", 3);
      case EXCHANGE_WORD -> new Example("432 − 118", "exchange", 2);
      case FIRST_PLACE_WORD -> new Example("46 + 37", "column", 2);
      case QUESTIONS -> new Example("432 − 118", "exchange", 2);
      case LAYING_DOWN -> new Example("34 + 21", "column", 3);
      case THOUSANDS_MARK -> new Example("312,480 + 3,615", "column", 9);
      case THOUSANDS_ON_PAPER -> new Example("2,480 + 3,615", "column", 7);
      case DECIMAL_MARK -> new Example("2.50 + 1.75", "column", 7);
      case COLUMN_HEADS -> new Example("164 + 23", "column", 1);
      case BLANK_SQUARES -> new Example("1,305 + 48", "column", 1);
      case ANSWER_SQUARES -> new Example("224 × 26", "column", 1);
      case ON_TOP -> new Example("37 + 1,204", "column", 1);
      case CARRY_POSITION -> new Example("378 + 256", "column", 6);
      case CARRY_TURN -> new Example("58 + 27", "column", 4);
      case ADDING_ORDER -> new Example("1 + 6 + 3 + 7", "column", 2);
      case PLUS_ZERO -> new Example("238 + 41", "column", 4);
      case WRITING_ORDER -> new Example("146 + 238", "column", 3);
      case SPLIT_ADDENDS -> new Example("34 + 21", "column", 1);
      case FRAME_COUNTERS -> new Example("46 + 37", "dot-frames", 4);
      case PARTIAL_SUMS -> new Example("487 + 215", "left-to-right", 4);
      case ACROSS_ZEROS -> new Example("5,003 − 1,268", "exchange", 4);
      case LAST_COLUMNS -> new Example("134 − 58", "exchange", 4);
      case PLACEHOLDER -> new Example("46 × 23", "column", 6);
      case USED_CARRIES -> new Example("46 × 37", "column", 5);
      case CROSSING_ORDER -> new Example("57 × 38", "crosswise", 2);
      case BOX_ORDER -> new Example("57 × 38", "area", 3);
      case ZERO_DIGIT -> new Example("34 × 203", "column", 7);
      case ZERO_ROUND -> new Example("618 ÷ 6", "long", 9);
      case REMAINDER_FORM -> new Example("943 ÷ 7", "long", 17);
      case QUOTIENT_MEANING -> new Example("26 ÷ 6", "groups", 7);
      case MULTIPLES -> new Example("436 ÷ 24", "long", 2);
      case ROOT_LEAD -> new Example("√2,916", "digit-pairs", 5);
      case ROOT_ZEROS -> new Example("√7 to 2 places", "digit-pairs", 1);
      case ROOT_RESULT -> new Example("√7 to 1 place", "digit-pairs", 13);
      case ADDITION_CHECK -> new Example("46 + 37 + 28", "column", END);
      case SUBTRACTION_CHECK -> new Example("83 − 47", "exchange", END);
      case MULTIPLICATION_CHECK -> new Example("34 × 26", "column", END);
      case ROOT_CHECK -> new Example("√20", "digit-pairs", END);
      case CHECK_PLACE -> new Example("83 − 47", "exchange", END);
      case CHECK_STEPS -> new Example("83 − 47", "exchange", 6);
    };
  }
}
