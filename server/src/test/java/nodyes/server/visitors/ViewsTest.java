package nodyes.server.visitors;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.time.Instant;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import nodyes.core.common.NodId;
import nodyes.core.common.Slug;
import nodyes.core.nod.Appearance;
import nodyes.core.nod.Nod;
import nodyes.core.nod.NodOptions;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Placement;
import nodyes.core.nod.Spot;
import nodyes.core.nod.VisitorCount;
import nodyes.core.targeting.Condition;
import nodyes.core.visitors.TimeWindow;
import nodyes.core.visitors.VisitorEstimate;
import nodyes.server.ServerTest;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.nods.Nods;
import nodyes.server.shop.Shop;
import nodyes.server.shop.ShopSettings;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class ViewsTest extends ServerTest {
  private static final String SHOP = "https://views.example";
  private static final String BROWSER = "Mozilla/5.0 (X11; Linux x86_64) Firefox/140.0";
  private static final Instant NOW = Instant.parse("2026-11-26T14:20:00Z");

  @Autowired private Shop shop;
  @Autowired private Nods nods;
  @Autowired private Catalogue catalogue;
  @Autowired private VisitorCounts presence;
  @Autowired private VisitorCountStore store;

  @BeforeClass
  public void connect() {
    ShopSettings own = shop.settings();
    shop.save(
        new ShopSettings(
            own.name(),
            own.publicKey(),
            own.currency(),
            own.zone(),
            SHOP,
            own.productPath(),
            own.listingPath(),
            own.basketPath()));
  }

  /** Counters on its pages: of the last minutes from 2 on, from 3 on and from 1,000 on. */
  @BeforeClass
  public void publishCounters() {
    nods.place("rita", Stream.of("2", "3", "1000").map(ViewsTest::counter).toList());
    nods.publish("rita", "");
  }

  private static Nod counter(String from) {
    return new VisitorCount(
        new NodId("visitors-from-" + from),
        new Placement(
            new Spot("under-buy"), EnumSet.of(PageKind.PRODUCT), Condition.everyone(), true),
        new NodOptions(Map.of("window", "now", "quiet-under", from)),
        Appearance.DEFAULT);
  }

  private static String visit(int number) {
    return "%016x%016x".formatted(number * 7919L + 13, 0);
  }

  private static String report(String visit, String viewed, int quietUnder) {
    return """
        {"visit":"%s","viewed":"%s","asked":[{"product":"%s","window":"NOW","quietUnder":%d}]}"""
        .formatted(visit, viewed, viewed, quietUnder);
  }

  private ResultActions see(String origin, String browser, String body) throws Exception {
    return see("192.0.2.5", origin, browser, body);
  }

  private ResultActions see(String address, String origin, String browser, String body)
      throws Exception {
    return http.perform(
        post("/embed/v1/views")
            .with(
                request -> {
                  request.setRemoteAddr(address);
                  return request;
                })
            .header("Origin", origin)
            .header("User-Agent", browser)
            .contentType("text/plain")
            .content(body));
  }

  private VisitorEstimate now(String slug) {
    return presence.count(
        catalogue.id(new Slug(slug)).orElseThrow(), TimeWindow.NOW, NOW.plusSeconds(30));
  }

  @Test
  public void visitorsAreCountedOnceAndToldFromTheQuietNumberOn() throws Exception {
    product("views-pot");
    for (int i = 1; i <= 3; i++) {
      String said =
          see(SHOP, BROWSER, report(visit(i), "views-pot", 3))
              .andExpect(status().isOk())
              .andExpect(header().string("Access-Control-Allow-Origin", "*"))
              .andReturn()
              .getResponse()
              .getContentAsString();
      assertEquals(
          said,
          i < 3
              ? "{\"numbers\":[]}"
              : "{\"numbers\":[{\"product\":\"views-pot\",\"window\":\"NOW\",\"number\":3}]}");
      see(SHOP, BROWSER, report(visit(i), "views-pot", 3)).andExpect(status().isOk());
    }
    assertEquals(now("views-pot"), new VisitorEstimate(3, true));
  }

  /**
   * A caller that asked with a number of its own was told of any product how many look, and what it
   * was told was kept as what shoppers had been shown.
   */
  @Test
  public void aNumberThatNoNodShowsIsNeitherToldNorKeptAsShown() throws Exception {
    product("views-poison");
    long id = catalogue.id(new Slug("views-poison")).orElseThrow();
    for (String asked :
        List.of(
            report(visit(1), "views-poison", 0),
            report(visit(1), "views-poison", 1),
            report(visit(1), "views-poison", 2).replace("NOW", "DAY"),
            report(visit(1), "views-poison", 0).replaceFirst("}$", ",\"byOwner\":true}"))) {
      see(SHOP, BROWSER, asked).andExpect(content().json("{\"numbers\":[]}"));
    }
    presence.save(NOW.plusSeconds(60));
    assertTrue(
        presence.shown(NOW.minusSeconds(7200), NOW.plusSeconds(7200), 1, 200).items().stream()
            .noneMatch(shown -> shown.product().equals("views-poison")),
        "of " + id);
  }

  @Test
  public void visitsDifferByEitherHalfOfTheirNumber() throws Exception {
    product("views-halves");
    for (String visit : new String[] {visit(1), "0".repeat(31) + "1", "0".repeat(31) + "2"}) {
      see(SHOP, BROWSER, report(visit, "views-halves", 2)).andExpect(status().isOk());
    }
    assertEquals(now("views-halves"), new VisitorEstimate(3, true));
  }

  @Test
  public void manyAreCountedOnceASecondAndNeverTooMany() throws Exception {
    product("views-many");
    long id = catalogue.id(new Slug("views-many")).orElseThrow();
    Instant second = NOW.plusSeconds(7);
    for (int i = 1; i <= 250; i++) {
      presence.saw(id, 7919L * i, second);
      long seen = presence.look(id, TimeWindow.NOW, 2, second);
      assertTrue(seen <= i, seen + " of " + i);
      if (i <= 100) {
        assertEquals(seen, i < 2 ? 0 : i);
      }
    }
    assertEquals(presence.look(id, TimeWindow.NOW, 2, second.plusSeconds(1)), 250);
  }

  @DataProvider
  Object[][] others() {
    return new Object[][] {
      {"https://elsewhere.example", BROWSER, ""},
      {SHOP, "Mozilla/5.0 (compatible; SomeBot/2.1; +https://some.example/bot.html)", ""},
      {SHOP, "Mozilla/5.0 HeadlessChrome/140.0.0.0 Safari/537.36", ""},
      {SHOP, "", ""},
      {SHOP, BROWSER, ",\"byOwner\":true"},
    };
  }

  @Test(dataProvider = "others")
  public void whoIsNoShopperOfThisShopIsNotCounted(String origin, String browser, String more)
      throws Exception {
    product("views-others");
    String body = report(visit(77), "views-others", 2).replaceFirst("}$", more + "}");
    see(origin, browser, body).andExpect(status().isOk());
    assertEquals(now("views-others"), new VisitorEstimate(0, true));
  }

  @Test
  public void aProductThatThereIsNotIsNeitherCountedNorMade() throws Exception {
    String said =
        see(SHOP, BROWSER, report(visit(1), "views-no-such", 2))
            .andExpect(status().isOk())
            .andReturn()
            .getResponse()
            .getContentAsString();
    assertEquals(said, "{\"numbers\":[]}");
    assertTrue(catalogue.id(new Slug("views-no-such")).isEmpty());
  }

  @Test
  public void aThousandReportsOfOneVisitAreOneVisitorAndThenTooMany() throws Exception {
    product("views-flood");
    boolean wasRefused = false;
    for (int i = 0; i < 1000; i++) {
      int answered =
          see("192.0.2.6", SHOP, BROWSER, report(visit(5), "views-flood", 2))
              .andReturn()
              .getResponse()
              .getStatus();
      wasRefused |= answered == 429;
    }
    assertTrue(wasRefused);
    assertEquals(now("views-flood"), new VisitorEstimate(1, true));
  }

  @DataProvider
  Object[][] wrong() {
    return new Object[][] {
      {"", 400},
      {"no json", 400},
      {"null", 400},
      {"{\"visit\":\"short\"}", 400},
      {"{\"visit\":\"" + "g".repeat(32) + "\"}", 400},
      {report(visit(1), "x", 2).replace("NOW", "NEVER"), 400},
      {" ".repeat(20_001), 413},
    };
  }

  @Test(dataProvider = "wrong")
  public void whatIsNoReportIsRefusedInWords(String body, int refusal) throws Exception {
    String said =
        http.perform(
                post("/embed/v1/views")
                    .header("Origin", SHOP)
                    .with(
                        request -> {
                          request.setRemoteAddr("192.0.2.7");
                          return request;
                        })
                    .contentType("text/plain")
                    .content(body))
            .andExpect(status().is(refusal))
            .andReturn()
            .getResponse()
            .getContentAsString();
    assertFalse(said.contains("Exception"), said);
  }

  @Test
  public void whatWasCountedIsKeptAndWhatWasShownCanBeLookedUp() throws Exception {
    product("views-kept");
    long id = catalogue.id(new Slug("views-kept")).orElseThrow();
    for (int i = 0; i < 4; i++) {
      presence.saw(id, i, NOW);
    }
    assertEquals(presence.show(id, TimeWindow.DAY, 2, NOW), 4);
    assertEquals(presence.show(id, TimeWindow.DAY, 5, NOW), 0, "silent");
    assertEquals(presence.look(id, TimeWindow.DAY, 2, NOW), 4, "the owner's own look");
    presence.save(NOW);
    presence.show(id, TimeWindow.DAY, 2, NOW.plusSeconds(60));
    presence.save(NOW.plusSeconds(60));
    assertEquals(
        new VisitorCounts(store).count(id, TimeWindow.WEEK, NOW),
        new VisitorEstimate(4, true),
        "after a start");
    assertEquals(
        store
            .shown(
                Instant.parse("2026-11-26T00:00:00Z"), Instant.parse("2026-11-27T00:00:00Z"), 1, 50)
            .items()
            .stream()
            .filter(line -> line.product().equals("views-kept"))
            .toList(),
        List.of(
            new ShownVisitorCount(
                Instant.parse("2026-11-26T14:00:00Z"),
                "views-kept",
                "The views-kept",
                TimeWindow.DAY,
                4,
                4,
                2)));
  }
}
