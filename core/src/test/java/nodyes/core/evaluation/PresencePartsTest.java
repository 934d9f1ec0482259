package nodyes.core.evaluation;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import nodyes.core.common.NodId;
import nodyes.core.common.ProductId;
import nodyes.core.common.Slug;
import nodyes.core.common.ValidUntil;
import nodyes.core.nod.Appearance;
import nodyes.core.nod.Content;
import nodyes.core.nod.Nod;
import nodyes.core.nod.NodOptions;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Placement;
import nodyes.core.nod.RecentOrders;
import nodyes.core.nod.Spot;
import nodyes.core.nod.StockLine;
import nodyes.core.nod.Viewpoint;
import nodyes.core.nod.VisitorCount;
import nodyes.core.price.PriceHistory;
import nodyes.core.sales.DailySales;
import nodyes.core.sales.LatestOrder;
import nodyes.core.targeting.Condition;
import nodyes.core.visitors.TimeWindow;
import nodyes.core.visitors.VisitorEstimate;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Visitor counts, stock lines and recent orders. */
public class PresencePartsTest {
  private static final ZoneId LISBON = ZoneId.of("Europe/Lisbon");
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 26);
  private static final Instant NOW = TODAY.atTime(14, 20).atZone(LISBON).toInstant();
  private static final Slug POT = new Slug("pot");
  private static final ProductId ID = new ProductId(1);
  private static final Placement PLACE =
      new Placement(
          new Spot("under-buy"), EnumSet.allOf(PageKind.class), Condition.everyone(), true);

  private static VariantFacts variant(
      @Nullable Long stock, @Nullable Long delivered, boolean madeToOrder) {
    return new VariantFacts(
        "POT",
        Optional.empty(),
        PriceHistory.NONE,
        Optional.empty(),
        Optional.ofNullable(stock),
        Optional.of(TODAY.plusDays(13)),
        madeToOrder,
        Optional.ofNullable(delivered));
  }

  private static Facts facts(VariantFacts variant, Optional<LatestOrder> last, long... daysAgo) {
    var pot =
        new ProductFacts(
            ID,
            POT,
            "Pot",
            Set.of(),
            Set.of(),
            ProductAttributes.NONE,
            Map.of("POT", variant),
            ReviewFacts.NONE);
    var days = new TreeMap<LocalDate, Long>();
    for (long ago : daysAgo) {
      days.merge(TODAY.minusDays(ago), 2L, Long::sum);
    }
    var sales =
        new ShopSales(
            DailySales.of(Map.of(ID, days)), new DailySales.Group("", Set.of(ID)), Map.of());
    return new Facts(
        LISBON,
        Map.of(POT, pot),
        BusinessProfile.NONE,
        last.map(order -> sales.with(Map.of(ID, order))).orElse(sales));
  }

  private static Facts stocked(
      @Nullable Long stock, @Nullable Long delivered, boolean madeToOrder) {
    return facts(variant(stock, delivered, madeToOrder), Optional.empty());
  }

  private static Verdict ask(Nod nod, Facts facts, Instant moment) {
    return NodEvaluator.of(
        nod,
        POT,
        facts,
        new Viewpoint(
            PageKind.PRODUCT,
            List.of(POT),
            Optional.empty(),
            Optional.empty(),
            Locale.ENGLISH,
            Optional.empty(),
            moment));
  }

  private static String sentence(Verdict verdict) {
    return Told.of(verdict);
  }

  private static Content content(Verdict verdict) {
    assertTrue(verdict instanceof Verdict.Shown, sentence(verdict));
    return ((Verdict.Shown) verdict).content();
  }

  private static StockLine stockLine(int atMost) {
    return new StockLine(
        new NodId("stock"),
        PLACE,
        new NodOptions(Map.of("at-most", String.valueOf(atMost))),
        Appearance.DEFAULT);
  }

  @Test
  public void aStockLineSaysTheStockAndNothingElse() {
    assertEquals(
        content(ask(stockLine(10), stocked(6L, 24L, false), NOW)),
        new StockLine.StockLineContent(6, Optional.of(24L), Optional.of(TODAY.plusDays(13))));
    assertEquals(
        ask(stockLine(10), stocked(6L, 24L, false), NOW).validUntil(),
        ValidUntil.before(TODAY.plusDays(13).atStartOfDay(LISBON).toInstant()));
    // a delivery of less than there is now was not the last one
    assertEquals(
        content(ask(stockLine(10), stocked(6L, 5L, false), NOW)),
        new StockLine.StockLineContent(6, Optional.empty(), Optional.of(TODAY.plusDays(13))));
    Instant later = NOW.plus(Duration.ofDays(13));
    assertEquals(
        content(ask(stockLine(10), stocked(6L, null, false), later)),
        new StockLine.StockLineContent(6, Optional.empty(), Optional.empty()));
  }

  @Test
  public void theOwnerSeesWhatTheWordsOfAStockLineSayHere() {
    assertEquals(
        content(ask(stockLine(10), stocked(6L, 24L, false), NOW)).values(),
        Map.of(
            "left",
            Map.of("n", 6L),
            "of",
            Map.of("n", 6L, "all", 24L),
            "more",
            Map.of("day", TODAY.plusDays(13))));
  }

  @DataProvider
  Object[][] silent() {
    return new Object[][] {
      {stocked(0L, 24L, false), "withheld: STOCK 0 of CountRange[min=1, max=10]"},
      {stocked(11L, 24L, false), "withheld: STOCK 11 of CountRange[min=1, max=10]"},
      {stocked(null, null, false), "withheld: STOCK Unknown[] of CountRange[min=1, max=10]"},
      {stocked(3L, null, true), "withheld: STOCK [made to order] of CountRange[min=1, max=10]"},
    };
  }

  @Test(dataProvider = "silent")
  public void aStockLineIsSilentWhereNothingIsToBeSaid(Facts facts, String why) {
    assertEquals(sentence(ask(stockLine(10), facts, NOW)), why);
  }

  private static VisitorCount visitors(String window) {
    return new VisitorCount(
        new NodId("visitors"), PLACE, new NodOptions(Map.of("window", window)), Appearance.DEFAULT);
  }

  @Test
  public void aShoppersPageIsAnsweredWithoutTheNumber() {
    assertEquals(
        content(ask(visitors("hour"), stocked(1L, null, false), NOW)),
        new VisitorCount.VisitorCountContent(TimeWindow.HOUR, 5));
    assertEquals(
        sentence(ask(visitors("hour"), stocked(1L, null, false), NOW)),
        "shown: VISITORS Unknown[]");
  }

  @DataProvider
  Object[][] seen() {
    return new Object[][] {
      {5L, "shown: VISITORS Visitors[number=5, window=NOW, isAnyCounted=true]"},
      {
        4L,
        "withheld: VISITORS Visitors[number=4, window=NOW, isAnyCounted=true] of CountRange[min=5, max=-]"
      },
      {
        1L,
        "withheld: VISITORS Visitors[number=1, window=NOW, isAnyCounted=true] of CountRange[min=5, max=-]"
      },
      {
        0L,
        "withheld: VISITORS Visitors[number=0, window=NOW, isAnyCounted=true] of CountRange[min=5, max=-]"
      },
    };
  }

  @Test(dataProvider = "seen")
  public void theOwnerReadsTheNumberAndWhyItIsSilent(long number, String why) {
    Facts facts =
        stocked(1L, null, false)
            .with(
                new VisitorFacts(
                    Map.of(
                        ID,
                        Map.of(
                            TimeWindow.NOW,
                            new VisitorEstimate(number, true),
                            TimeWindow.WEEK,
                            new VisitorEstimate(9, true)))));
    assertEquals(sentence(ask(visitors("now"), facts, NOW)), why);
  }

  /** In a shop's first minute it was told that nobody looked, which nobody can know. */
  @Test
  public void whereNobodyWasCountedYetItIsNotSaidThatNobodyLooked() {
    Facts facts =
        stocked(1L, null, false)
            .with(
                new VisitorFacts(Map.of(ID, Map.of(TimeWindow.NOW, new VisitorEstimate(0, true)))));
    assertEquals(
        sentence(ask(visitors("now"), facts, NOW)),
        "withheld: VISITORS Visitors[number=0, window=NOW, isAnyCounted=false] of CountRange[min=5, max=-]");
  }

  private static RecentOrders orders(String... options) {
    var set = new TreeMap<String, String>();
    for (int i = 0; i < options.length; i += 2) {
      set.put(options[i], options[i + 1]);
    }
    return new RecentOrders(new NodId("orders"), PLACE, new NodOptions(set), Appearance.DEFAULT);
  }

  private static LatestOrder last(Duration ago) {
    return new LatestOrder(
        NOW.minus(ago), Optional.of("FR"), Optional.of("Lyon"), Optional.of("Anaïs"));
  }

  private static Facts ordered(Duration ago, long... daysAgo) {
    return facts(variant(1L, null, false), Optional.of(last(ago)), daysAgo);
  }

  @Test
  public void ordersAreCountedInTheDaysAndLeaveThem() {
    Facts facts = ordered(Duration.ofHours(3), 0, 6, 7);
    Verdict verdict = ask(orders(), facts, NOW);
    assertEquals(
        content(verdict),
        new RecentOrders.RecentOrdersContent(
            Optional.of(4L),
            7,
            List.of(
                new RecentOrders.OnDay(TODAY.minusDays(6), 2), new RecentOrders.OnDay(TODAY, 2)),
            Optional.of(TODAY.plusDays(1).atStartOfDay(LISBON).toInstant()),
            Optional.empty(),
            LISBON,
            false));
    // what was sold six days ago leaves the seven days with the next one
    assertEquals(
        verdict.validUntil(),
        ValidUntil.before(TODAY.plusDays(1).atStartOfDay(LISBON).toInstant()));
    assertEquals(
        sentence(ask(orders("least-sold", "5"), facts, NOW)),
        "withheld: UNITS_SOLD UnitsSold[units=4, days=7] of UnitsSold[units=5, days=7]");
  }

  @Test
  public void theLastOrderIsToldAsExactlyAsTheOwnerLets() {
    Facts facts = ordered(Duration.ofMinutes(200), 0, 1);
    Verdict verdict = ask(orders("tells", "both", "first-names", "yes"), facts, NOW);
    assertEquals(
        content(verdict),
        new RecentOrders.RecentOrdersContent(
            Optional.of(4L),
            7,
            List.of(
                new RecentOrders.OnDay(TODAY.minusDays(1), 2), new RecentOrders.OnDay(TODAY, 2)),
            Optional.of(TODAY.plusDays(6).atStartOfDay(LISBON).toInstant()),
            Optional.of(
                new RecentOrders.Latest(
                    TODAY,
                    Optional.of(NOW.minus(Duration.ofMinutes(200))),
                    Optional.of("Lyon"),
                    Optional.of("FR"),
                    Optional.of("Anaïs"))),
            LISBON,
            false));
    assertEquals(
        verdict.validUntil(), ValidUntil.before(NOW.plus(Duration.ofMinutes(24 * 60 - 200))));
    var country =
        (RecentOrders.RecentOrdersContent)
            content(ask(orders("tells", "latest", "place", "country"), facts, NOW));
    assertEquals(country.units(), Optional.empty());
    assertEquals(country.latest().orElseThrow().town(), Optional.empty());
    assertEquals(country.latest().orElseThrow().firstName(), Optional.empty());
    var none =
        (RecentOrders.RecentOrdersContent)
            content(ask(orders("tells", "latest", "place", "none"), facts, NOW));
    assertEquals(none.latest().orElseThrow().country(), Optional.empty());
  }

  @Test
  public void anOrderOfTheDayBeforeIsToldByItsDay() {
    var content =
        (RecentOrders.RecentOrdersContent)
            content(ask(orders("tells", "latest"), ordered(Duration.ofHours(24), 1, 1), NOW));
    assertEquals(content.latest().orElseThrow().at(), Optional.empty());
    assertEquals(content.latest().orElseThrow().on(), TODAY.minusDays(1));
  }

  @Test
  public void anOrderOlderThanTheDaysIsNotTold() {
    var content =
        (RecentOrders.RecentOrdersContent)
            content(
                ask(
                    orders("tells", "both", "days", "2", "least-sold", "1"),
                    ordered(Duration.ofDays(2), 1),
                    NOW));
    assertEquals(content.latest(), Optional.empty());
  }
}
