package bemble.app.store;

/** A kept sheet: its number, and the word that its code repeats. */
public record SheetRow(long id, String checkWord) {}
