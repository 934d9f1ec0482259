package nodyes.server.shop;

import static nodyes.generated.Tables.SHOP;

import java.time.ZoneId;
import java.util.Optional;
import nodyes.server.database.Database;
import org.springframework.stereotype.Component;

@Component
class ShopStore {
  private final Database database;

  ShopStore(Database database) {
    this.database = database;
  }

  Optional<ShopSettings> shop() {
    return database.read(
        sql ->
            sql.selectFrom(SHOP)
                .fetchOptional(
                    row ->
                        new ShopSettings(
                            row.getName(),
                            row.getPublicKey(),
                            row.getCurrency(),
                            ZoneId.of(row.getZone()),
                            row.getAddress(),
                            row.getProductPath(),
                            row.getListingPath(),
                            row.getBasketPath())));
  }

  void save(ShopSettings shop) {
    database.change(
        sql -> {
          var row = sql.newRecord(SHOP);
          row.setId(1L);
          row.setName(shop.name());
          row.setPublicKey(shop.publicKey());
          row.setCurrency(shop.currency());
          row.setZone(shop.zone().getId());
          row.setAddress(shop.address());
          row.setProductPath(shop.productPath());
          row.setListingPath(shop.listingPath());
          row.setBasketPath(shop.basketPath());
          sql.insertInto(SHOP).set(row).onConflict(SHOP.ID).doUpdate().set(row).execute();
        });
  }
}
