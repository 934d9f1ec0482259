package nodyes.server.geo;

import static nodyes.generated.Tables.SHOP;

import nodyes.server.database.Database;
import org.springframework.stereotype.Component;

@Component
class GeoSettingsStore {
  private final Database database;

  GeoSettingsStore(Database database) {
    this.database = database;
  }

  /** The header by which a proxy tells the country; empty where none is trusted. */
  String header() {
    return database.read(
        sql ->
            sql.select(SHOP.COUNTRY_HEADER)
                .from(SHOP)
                .fetchOptional(SHOP.COUNTRY_HEADER)
                .orElse(""));
  }

  void save(String header) {
    database.change(sql -> sql.update(SHOP).set(SHOP.COUNTRY_HEADER, header).execute());
  }
}
