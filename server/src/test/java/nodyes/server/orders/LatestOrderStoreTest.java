package nodyes.server.orders;

import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nodyes.core.common.ProductId;
import nodyes.core.common.Slug;
import nodyes.core.sales.LatestOrder;
import nodyes.server.ServerTest;
import nodyes.server.catalogue.Catalogue;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.Test;

/** Which order is the last, and what of it may be told. */
public class LatestOrderStoreTest extends ServerTest {
  private static final Instant NOW = Instant.parse("2026-11-26T14:20:00Z");

  @Autowired private LatestOrderStore store;
  @Autowired private Catalogue catalogue;

  /** Of a customer who lets the shop tell the first name where the number ends in 9. */
  private void order(String number, String day, String sku, String town, String more)
      throws Exception {
    upload(
            "/api/v1/orders/imports",
            "o.jsonl",
            utf8(
                ("{\"orderNumber\":\"%s\",\"orderDate\":\"%sT10:00:00Z\"%s,"
                        + "\"orderedItem\":[{\"orderedItem\":{\"sku\":\"%s\"}}],"
                        + "\"customer\":{\"givenName\":\"Ana\",\"additionalProperty\":"
                        + "{\"name\":\"firstNameMayBeTold\",\"value\":%s},"
                        + "\"address\":{\"addressCountry\":\"PT\",\"addressLocality\":\"%s\"}}}\n")
                    .formatted(number, day, more, sku, number.endsWith("9"), town)))
        .andExpect(status().isOk());
  }

  private Optional<LatestOrder> last(String product) {
    long id = catalogue.id(new Slug(product)).orElseThrow();
    return Optional.ofNullable(store.find(List.of(id), NOW).get(new ProductId(id)));
  }

  @Test
  public void aTownIsToldFromFiveOrdersInAYearOn() throws Exception {
    product("last-town");
    order("LT-0", "2025-11-20", "last-town-1", "Tavira", "");
    for (int i = 1; i <= 3; i++) {
      order("LT-" + i, "2026-03-0" + i, "last-town-1", "Tavira", "");
    }
    order("LT-4", "2026-11-25", "last-town-1", "Tavira", "");
    assertEquals(
        last("last-town"),
        Optional.of(
            new LatestOrder(
                Instant.parse("2026-11-25T10:00:00Z"),
                Optional.of("PT"),
                Optional.empty(),
                Optional.empty())));
    order("LT-5", "2026-03-05", "last-town-1", "Tavira", "");
    assertEquals(last("last-town").flatMap(LatestOrder::town), Optional.of("Tavira"));
    order("LT-6", "2026-11-26", "last-town-1", "Alcoutim", "");
    assertEquals(last("last-town").flatMap(LatestOrder::town), Optional.empty());
  }

  @Test
  public void aFirstNameIsToldOfThoseWhoLetTheShopTellIt() throws Exception {
    product("last-name");
    order("LN-1", "2026-11-24", "last-name-1", "Beja", "");
    assertEquals(last("last-name").flatMap(LatestOrder::firstName), Optional.empty());
    order("LN-9", "2026-11-25", "last-name-1", "Beja", "");
    assertEquals(last("last-name").flatMap(LatestOrder::firstName), Optional.of("Ana"));
  }

  @Test
  public void whatWasCancelledOrIsOlderThanAMonthIsNotTheLast() throws Exception {
    product("last-real");
    order("LR-1", "2026-10-20", "last-real-1", "Beja", "");
    assertEquals(last("last-real"), Optional.empty());
    order("LR-2", "2026-11-20", "last-real-1", "Beja", "");
    order("LR-3", "2026-11-22", "last-real-1", "Beja", ",\"orderStatus\":\"OrderCancelled\"");
    assertEquals(
        last("last-real").map(LatestOrder::placedAt),
        Optional.of(Instant.parse("2026-11-20T10:00:00Z")));
  }
}
