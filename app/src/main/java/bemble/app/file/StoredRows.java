package bemble.app.file;

import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.h2.mvstore.DataUtils;
import org.h2.mvstore.MVMap;
import org.h2.mvstore.MVStore;
import org.h2.mvstore.MVStoreException;
import org.h2.mvstore.WriteBuffer;
import org.h2.mvstore.db.RowDataType;
import org.h2.mvstore.tx.VersionedValueType;
import org.h2.mvstore.type.BasicDataType;
import org.h2.mvstore.type.DataType;
import org.h2.mvstore.type.LongDataType;
import org.h2.mvstore.type.StringDataType;
import org.h2.result.RowFactory;
import org.h2.result.SearchRow;
import org.h2.value.CompareMode;
import org.h2.value.VersionedValue;

/** Reads rows of tables from the store of a data file, without the database. */
final class StoredRows {
  /** The map in which a store names the classes that read its values: H2 would make them. */
  private static final String TYPES = "_";

  private static final String VERSIONED = "org.h2.mvstore.tx.VersionedValueType$Factory";
  private static final String ROWS = "org.h2.mvstore.db.RowDataType$Factory";

  /** The classes that a file of Bemble names. */
  private static final Set<String> OWN_TYPES =
      Set.of(
          VERSIONED,
          ROWS,
          "org.h2.mvstore.db.NullValueDataType",
          "org.h2.mvstore.db.LobStorageMap$BlobReference$Type",
          "org.h2.mvstore.db.LobStorageMap$BlobMeta$Type",
          "org.h2.mvstore.type.ByteArrayDataType",
          "org.h2.mvstore.type.LongDataType",
          "org.h2.mvstore.type.StringDataType");

  private StoredRows() {}

  /**
   * A row.
   *
   * @param number its key in the table
   */
  record Row(long number, SearchRow values) {}

  /** All rows of a table; of one that a transaction was changing, both states. */
  static List<Row> of(MVStore store, String table, int columns) {
    DataType<SearchRow> row = rowType(columns);
    MVMap<Long, VersionedValue<SearchRow>> rows =
        store.openMap(
            table,
            new MVMap.Builder<Long, VersionedValue<SearchRow>>()
                .keyType(LongDataType.INSTANCE)
                .valueType(new VersionedValueType<>(row)));
    List<Row> all = new ArrayList<>();
    rows.forEach(
        (number, value) ->
            Stream.of(value.getCurrentValue(), value.getCommittedValue())
                .filter(each -> each != null)
                .forEach(each -> all.add(new Row(number, each))));
    return all;
  }

  @SuppressWarnings("unchecked")
  private static DataType<SearchRow> rowType(int columns) {
    RowDataType type =
        RowFactory.getDefaultRowFactory()
            .createRowFactory(
                null,
                CompareMode.getInstance(null, 0),
                null,
                new int[columns],
                null,
                null,
                columns,
                false)
            .getRowDataType();
    return (DataType<SearchRow>) (DataType<?>) type;
  }

  /**
   * Reads which classes the store names for its values, without making them.
   *
   * @throws ForeignTypesException where Bemble's files name no such class
   */
  static void refuseForeignTypes(MVStore store) {
    if (store.hasMap(TYPES)) {
      store
          .openMap(
              TYPES,
              new MVMap.Builder<String, String>()
                  .keyType(StringDataType.INSTANCE)
                  .valueType(new TypeNames()))
          .forEach((key, name) -> {});
    }
  }

  /** A file names a class that is none of Bemble's files. */
  static final class ForeignTypesException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    ForeignTypesException(String name) {
      super(name);
    }
  }

  /** Reads the names of types as H2's {@code MetaType} writes them. */
  private static final class TypeNames extends BasicDataType<String> {
    @Override
    public String read(ByteBuffer from) {
      String name = DataUtils.readString(from, DataUtils.readVarInt(from));
      if (!OWN_TYPES.contains(name)) {
        throw new ForeignTypesException(name);
      }
      if (name.equals(VERSIONED)) {
        return read(from);
      }
      if (name.equals(ROWS)) {
        DataUtils.readVarInt(from);
        skipNumbers(from);
        skipNumbers(from);
        from.get();
      }
      return name;
    }

    private static void skipNumbers(ByteBuffer from) {
      int count = DataUtils.readVarInt(from) - 1;
      for (int i = 0; i < count; i++) {
        DataUtils.readVarInt(from);
      }
    }

    @Override
    public int getMemory(String name) {
      return 2 * name.length();
    }

    @Override
    public void write(WriteBuffer to, String name) {
      throw new MVStoreException(DataUtils.ERROR_INTERNAL, "read only");
    }

    @Override
    public String[] createStorage(int size) {
      return new String[size];
    }
  }
}
