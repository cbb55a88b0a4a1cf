package bemble.app.sets;

/** A kept sheet: its number, and the word that its code repeats. */
record SheetRow(long id, String checkWord) {}
