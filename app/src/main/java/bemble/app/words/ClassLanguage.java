package bemble.app.words;

/** Knows the language of the class in which work goes on. */
public interface ClassLanguage {
  /** Its IETF tag. */
  String tag();
}
