package nodyes.server.materials;

import static nodyes.generated.Tables.MATERIAL;

import java.util.List;
import nodyes.core.nod.OwnFile;
import nodyes.generated.tables.records.MaterialRecord;
import nodyes.server.database.Database;
import org.springframework.stereotype.Component;

@Component
class MaterialStore {
  private final Database database;

  MaterialStore(Database database) {
    this.database = database;
  }

  /** By name, from one on. */
  List<Material> list(int most, int offset) {
    return database.read(
        sql ->
            sql.selectFrom(MATERIAL)
                .orderBy(MATERIAL.NAME, MATERIAL.FILE)
                .limit(most)
                .offset(offset)
                .fetch(MaterialStore::read));
  }

  int count() {
    return database.read(sql -> sql.fetchCount(MATERIAL));
  }

  /** Keeps it; the same file under another name is renamed. */
  void save(Material material) {
    database.change(
        sql ->
            sql.insertInto(MATERIAL)
                .set(MATERIAL.FILE, material.file())
                .set(MATERIAL.NAME, material.name())
                .set(MATERIAL.KIND, material.kind().name())
                .set(MATERIAL.ADDED_BY, material.addedBy())
                .set(MATERIAL.ADDED_AT, material.addedAt())
                .onConflict(MATERIAL.FILE)
                .doUpdate()
                .set(MATERIAL.NAME, material.name())
                .execute());
  }

  boolean remove(String file) {
    return database.write(
        sql -> sql.deleteFrom(MATERIAL).where(MATERIAL.FILE.eq(file)).execute() > 0);
  }

  private static Material read(MaterialRecord row) {
    return Material.of(
        row.getFile(),
        row.getName(),
        OwnFile.Kind.valueOf(row.getKind()),
        row.getAddedBy(),
        row.getAddedAt());
  }
}
