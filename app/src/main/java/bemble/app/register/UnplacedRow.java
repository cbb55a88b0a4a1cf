package bemble.app.register;

/**
 * A sum that was kept without a rung.
 *
 * @param id the handout, run or attempt that it is of
 * @param number its place there, from 0
 */
record UnplacedRow(long id, int number, String plain, String method) {}
