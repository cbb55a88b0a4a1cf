package bemble.app.file;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.h2.mvstore.DataUtils;
import org.h2.mvstore.MVStore;
import org.h2.mvstore.WriteBuffer;
import org.h2.mvstore.type.BasicDataType;
import org.h2.mvstore.type.StringDataType;

/**
 * Data files with something in them that would be run when the database opens them. Whatever runs
 * leaves a mark: a file of its own.
 */
public enum CraftedFile {
  /** The database's own function, in the table that is asked first. */
  VIEW_INSTEAD_OF_THE_HISTORY(
      "create table hidden as select * from \"flyway_schema_history\"",
      "drop table \"flyway_schema_history\"",
      "create view \"flyway_schema_history\" as select * from hidden"
          + " where file_write('aa', '%1$s') > 0"),
  VIEW_MORE("create view more as select file_write('aa', '%1$s') as written from page"),
  VIEW_CHANGED(
      "drop view evidence",
      "create view evidence as select id as pupil_id, '' as rung, current_date as worked_on,"
          + " true as all_right, false as helped, '' as slip, 'RUN' as source, 1 as source_id"
          + " from pupil where file_write('aa', '%1$s') > 0"),
  ALIAS_OF_SOURCE(
      "create alias make as 'boolean make(String path) throws Exception {"
          + " return new java.io.File(path).createNewFile(); }'",
      "create view more as select make('%1$s') as made from page"),
  ALIAS_OF_A_METHOD("create force alias make for 'org.h2.store.fs.FileUtils.createFile'"),
  TRIGGER_OF_SOURCE(
      "create trigger made before insert on page for each row as 'org.h2.api.Trigger create()"
          + " throws Exception { java.nio.file.Files.writeString(java.nio.file.Path.of(\"%1$s\"),"
          + " \"aa\"); return (with, before, after) -> {}; }'"),
  DEFAULT(
      "alter table page alter column note set default cast(file_write('aa', '%1$s') as varchar)"),
  CHECK("alter table page add constraint more check (file_write('aa', '%1$s') > 0) nocheck"),
  GENERATED_COLUMN("alter table page add column more bigint as (file_write('aa', '%1$s'))"),
  DOMAIN("create domain more as varchar(10) default cast(file_write('aa', '%1$s') as varchar)"),
  CONSTANT("create constant more value 'aa'"),
  LINKED_TABLE("create force linked table more(null, 'jdbc:h2:file:%1$s', 'sa', '', 'x')"),
  OTHER_USER("create user other password 'x' admin"),
  SETTING("set max_length_inplace_lob 1000"),
  NEWER("update \"flyway_schema_history\" set \"version\" = '999' where \"version\" = '1'"),
  OTHER_TABLE("create table more (id int)"),
  COLUMN("alter table page add column more varchar(10)"),
  CLASS_OF_VALUES() {
    @Override
    void change(DataFile file, Path mark) {
      try (MVStore store = MVStore.open(file.path().toString())) {
        store
            .openMap(
                "_",
                new org.h2.mvstore.MVMap.Builder<String, String>()
                    .keyType(StringDataType.INSTANCE)
                    .valueType(new TypeName()))
            .clear();
        store.<String, String>openMap("_").put("cafe", "java.util.concurrent.ForkJoinPool");
      }
    }
  };

  private final List<String> statements;

  CraftedFile(String... statements) {
    this.statements = List.of(statements);
  }

  void change(DataFile file, Path mark) throws SQLException {
    try (Connection connection =
            DriverManager.getConnection("jdbc:h2:file:" + file.base(), "sa", "");
        Statement statement = connection.createStatement()) {
      for (String each : statements) {
        statement.execute(each.formatted(mark));
      }
    }
  }

  /** Makes a good data file with nothing in it. */
  public static void good(Path base) throws SQLException {
    DataFile file = new DataFile(base);
    file.pack(file.make(Schema.newest()));
    file.close();
  }

  /**
   * Changes a good data file, and seals it as if Bemble had left it.
   *
   * @param mark the file that whatever runs would write
   */
  public void make(Path base, Path mark) throws IOException, SQLException {
    DataFile file = new DataFile(base);
    change(file, mark);
    file.close();
    // Some run when they are made; a linked table makes a database.
    for (String ending : List.of("", ".mv.db", ".trace.db")) {
      Files.deleteIfExists(mark.resolveSibling(mark.getFileName() + ending));
    }
  }

  /** Packs a data file as an earlier Bemble packed its backups. */
  public static Path backup(Path base, Path zip) throws IOException {
    try (ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(zip))) {
      out.putNextEntry(new ZipEntry("bemble.mv.db"));
      Files.copy(new DataFile(base).path(), out);
    }
    return zip;
  }

  /** Writes the name of a class as H2 does. */
  private static final class TypeName extends BasicDataType<String> {
    @Override
    public int getMemory(String name) {
      return name.length();
    }

    @Override
    public void write(WriteBuffer to, String name) {
      StringDataType.INSTANCE.write(to, name);
    }

    @Override
    public String read(ByteBuffer from) {
      throw new UnsupportedOperationException(DataUtils.readString(from));
    }

    @Override
    public String[] createStorage(int size) {
      return new String[size];
    }
  }
}
