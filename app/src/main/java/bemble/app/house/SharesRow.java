package bemble.app.house;

/** A teacher's choices among the rules of the plan, in percent. */
public record SharesRow(int openerShare, int halfShare, int thirdShare) {}
