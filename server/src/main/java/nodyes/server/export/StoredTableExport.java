package nodyes.server.export;

import java.io.IOException;
import org.springframework.stereotype.Component;

/** All that is stored, table by table, for whoever wants to read what no other file has. */
@Component
class StoredTableExport implements ExportContributor {
  private final StoredTableStore store;

  StoredTableExport(StoredTableStore store) {
    this.store = store;
  }

  @Override
  public void pack(ExportArchive into) throws IOException {
    for (String table : StoredTableStore.names()) {
      into.write("tables/" + table + ".jsonl", out -> store.write(table, out));
    }
  }
}
