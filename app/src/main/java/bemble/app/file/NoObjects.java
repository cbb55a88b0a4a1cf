package bemble.app.file;

import org.h2.api.JavaObjectSerializer;

/** Keeps the database from making Java objects out of values, and from running other classes. */
public final class NoObjects implements JavaObjectSerializer {
  /** The database reads these settings once, before its first file is opened. */
  static void everywhere() {
    System.setProperty("h2.allowedClasses", NoObjects.class.getName());
    System.setProperty("h2.javaObjectSerializer", NoObjects.class.getName());
  }

  @Override
  public byte[] serialize(Object object) {
    throw new UnsupportedOperationException("no object is kept");
  }

  @Override
  public Object deserialize(byte[] bytes) {
    throw new UnsupportedOperationException("no object is read");
  }
}
