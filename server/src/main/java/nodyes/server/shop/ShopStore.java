package nodyes.server.shop;

import static nodyes.generated.Tables.API_KEY;
import static nodyes.generated.Tables.PERSON;
import static nodyes.generated.Tables.SHOP;

import java.time.Instant;
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

  boolean hasPeople() {
    return database.read(sql -> sql.fetchExists(PERSON));
  }

  Optional<Person> person(String email) {
    return database.read(
        sql ->
            sql.selectFrom(PERSON)
                .where(PERSON.EMAIL.eq(email))
                .fetchOptional(
                    row -> new Person(row.getEmail(), row.getName(), row.getPasswordHash())));
  }

  void add(Person person, Instant now) {
    database.change(
        sql ->
            sql.insertInto(
                    PERSON, PERSON.EMAIL, PERSON.NAME, PERSON.PASSWORD_HASH, PERSON.CREATED_AT)
                .values(person.email(), person.name(), person.passwordHash(), now)
                .execute());
  }

  boolean knowsKey(String keyHash) {
    return database.read(sql -> sql.fetchExists(API_KEY, API_KEY.KEY_HASH.eq(keyHash)));
  }
}
