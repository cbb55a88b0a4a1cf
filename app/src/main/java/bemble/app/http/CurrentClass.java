package bemble.app.http;

import java.util.Optional;

/** Tells which class is the current one. */
public interface CurrentClass {
  /** Its number; empty where there is no class. */
  Optional<Long> current();

  /** The name of the class; empty where there is no class. */
  String currentName();
}
