package nodyes.server.catalogue;

import static nodyes.generated.Tables.VARIANT;
import static org.jooq.impl.DSL.countDistinct;

import nodyes.server.database.Database;
import nodyes.server.shop.StoredPrices;
import org.joda.money.CurrencyUnit;
import org.springframework.stereotype.Component;

@Component
class StoredPriceStore implements StoredPrices {
  private final Database database;

  StoredPriceStore(Database database) {
    this.database = database;
  }

  @Override
  public long productsPricedIn(String currency) {
    return database.read(
        sql ->
            sql.select(countDistinct(VARIANT.PRODUCT_ID))
                .from(VARIANT)
                .where(VARIANT.IS_DISCONTINUED.isFalse())
                .and(VARIANT.PRICE_MINOR.isNotNull())
                .and(VARIANT.CURRENCY.eq(CurrencyUnit.of(currency)))
                .fetchSingle()
                .value1()
                .longValue());
  }
}
