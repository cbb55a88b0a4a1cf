package bemble.paper;

/** What a mark is for. A renderer may colour by it and a judge may look for it. */
public enum Role {
  HEAD,
  GIVEN,
  /** A figure of a number that was found by an earlier working on the page. */
  FOUND,
  /** A zero that only fills a place. */
  PADDING,
  SIGN,
  POINT,
  RULE,
  CARRY,
  /** A top figure rewritten in an exchange. */
  EXCHANGE,
  /** The small one before a top figure: ten more. */
  TEN_MORE,
  /** The small one low in the next column: one more to take. */
  ONE_MORE,
  /** A number or a row on the way to the answer. */
  PARTIAL,
  /** The zero at the end of a row that stands for tens, hundreds and so on. */
  PLACEHOLDER,
  DIVISOR,
  QUOTIENT,
  PRODUCT,
  REMAINDER,
  BROUGHT_DOWN,
  MULTIPLE,
  ROOT,
  LEAD,
  TRY,
  STOP,
  HOP,
  ANSWER,
  /** Something drawn to be looked at, without a value of its own. */
  DRAWING,
  NOTE
}
