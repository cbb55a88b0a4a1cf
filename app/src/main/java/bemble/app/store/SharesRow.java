package bemble.app.store;

/** What a teacher has chosen of the rules of the plan, in percent. */
public record SharesRow(int openerShare, int halfShare, int thirdShare) {}
