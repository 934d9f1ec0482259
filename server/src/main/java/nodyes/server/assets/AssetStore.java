package nodyes.server.assets;

import static nodyes.generated.Tables.ASSET;

import java.util.List;
import nodyes.generated.tables.records.AssetRecord;
import nodyes.server.database.Database;
import org.springframework.stereotype.Component;

@Component
class AssetStore {
  private final Database database;

  AssetStore(Database database) {
    this.database = database;
  }

  /** By name, from one on. */
  List<Asset> list(int most, int offset) {
    return database.read(
        sql ->
            sql.selectFrom(ASSET)
                .orderBy(ASSET.NAME, ASSET.FILE)
                .limit(most)
                .offset(offset)
                .fetch(AssetStore::read));
  }

  int count() {
    return database.read(sql -> sql.fetchCount(ASSET));
  }

  /** Keeps it; the same file under another name is renamed. */
  void save(Asset material) {
    database.change(
        sql ->
            sql.insertInto(ASSET)
                .set(ASSET.FILE, material.file())
                .set(ASSET.NAME, material.name())
                .set(ASSET.KIND, material.kind())
                .set(ASSET.ADDED_BY, material.addedBy())
                .set(ASSET.ADDED_AT, material.addedAt())
                .onConflict(ASSET.FILE)
                .doUpdate()
                .set(ASSET.NAME, material.name())
                .execute());
  }

  boolean remove(String file) {
    return database.write(sql -> sql.deleteFrom(ASSET).where(ASSET.FILE.eq(file)).execute() > 0);
  }

  private static Asset read(AssetRecord row) {
    return Asset.of(
        row.getFile(), row.getName(), row.getKind(), row.getAddedBy(), row.getAddedAt());
  }
}
