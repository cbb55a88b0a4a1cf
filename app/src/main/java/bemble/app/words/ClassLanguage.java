package bemble.app.words;

/** Who knows the language of the class for which something is done. */
public interface ClassLanguage {
  /** Its IETF tag. */
  String tag();
}
