package nodyes.bench;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What SQLite alone takes to put the rows of an import, as they ended up, into a table like ours
 * with its indexes and the words into a full-text index: no file is parsed and nothing is checked.
 */
final class SameTable {
  private static final String WORDS =
      "create virtual table words using fts5(text, content='',"
          + " tokenize='unicode61 remove_diacritics 2')";

  private final Path database;
  private final Path copy;

  SameTable(Path database, Path copy) {
    this.database = database;
    this.copy = copy;
  }

  /** Seconds for the rows of an import. */
  double fill(String batch) throws IOException {
    String columns = ask("select group_concat(name) from pragma_table_info('review')");
    String tables =
        ask(
            "select group_concat(sql, ';') from (select sql from sqlite_schema where tbl_name ="
                + " 'review' and sql is not null and type in ('table', 'index')"
                + " order by type = 'index')");
    run("pragma journal_mode=wal", tables, WORDS);
    String rows = " from o.review where import_id = " + batch + " order by id";
    long start = System.nanoTime();
    run(
        "pragma synchronous=normal",
        "pragma cache_size=-64000",
        "attach '" + database + "' as o",
        "begin immediate",
        "insert into review(" + columns + ") select " + columns + rows,
        "insert into words(rowid, text) select id, coalesce(title, '') || ' ' ||"
            + " coalesce(text, '') || ' ' || coalesce(reviewer, '')"
            + rows,
        "commit");
    return (System.nanoTime() - start) / 1e9;
  }

  private String ask(String query) throws IOException {
    return Shell.run(List.of("sqlite3", "-readonly", database.toString(), query))
        .map(String::strip)
        .orElseThrow(() -> new IOException("sqlite3 failed: " + query));
  }

  private void run(String... statements) throws IOException {
    List<String> command =
        Stream.concat(Stream.of("sqlite3", "-bail", copy.toString()), Stream.of(statements))
            .collect(Collectors.toList());
    if (Shell.run(command).isEmpty()) {
      throw new IOException("sqlite3 failed: " + String.join("; ", statements));
    }
  }
}
