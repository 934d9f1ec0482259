package nodyes.server.outbound;

import static nodyes.generated.Tables.LOCAL_SHOP;

import java.util.Optional;
import nodyes.server.database.Database;
import org.springframework.stereotype.Component;

/** The shop in the owner's own network, where the owner said that it may be opened from here. */
@Component
public class LocalShopStore {
  private final Database database;

  LocalShopStore(Database database) {
    this.database = database;
  }

  /** Its host with its port, as an address names them. */
  public Optional<String> allowed() {
    return database.read(
        sql ->
            sql.select(LOCAL_SHOP.AUTHORITY).from(LOCAL_SHOP).fetchOptional(LOCAL_SHOP.AUTHORITY));
  }

  /** This one may be opened, and no other any more. */
  public void allow(String authority) {
    database.change(
        sql -> {
          sql.deleteFrom(LOCAL_SHOP).execute();
          sql.insertInto(LOCAL_SHOP, LOCAL_SHOP.AUTHORITY).values(authority).execute();
        });
  }

  /** None may be opened any more. */
  public void forbid() {
    database.change(sql -> sql.deleteFrom(LOCAL_SHOP).execute());
  }
}
