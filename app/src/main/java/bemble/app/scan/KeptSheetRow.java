package bemble.app.scan;

import java.time.LocalDate;

/** A sheet whose answers are taken and whose picture is kept until the end of a day. */
record KeptSheetRow(long pageId, long pupilId, LocalDate keptUntil) {}
