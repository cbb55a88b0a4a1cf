/** The most letters of a name or a title; the app refuses more. */
export const LONGEST_NAME = 80;
