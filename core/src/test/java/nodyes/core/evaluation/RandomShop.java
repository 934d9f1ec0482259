package nodyes.core.evaluation;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.TreeMap;
import nodyes.core.common.NodId;
import nodyes.core.common.ProductId;
import nodyes.core.common.Slug;
import nodyes.core.countdown.CalendarDuration;
import nodyes.core.countdown.CountdownSchedule;
import nodyes.core.countdown.RecurrenceRule;
import nodyes.core.delivery.CarrierDefaults;
import nodyes.core.delivery.DayRange;
import nodyes.core.delivery.DeliveryRule;
import nodyes.core.delivery.DeliverySettings;
import nodyes.core.delivery.DeliveryTerms;
import nodyes.core.delivery.Destination;
import nodyes.core.delivery.DispatchSchedule;
import nodyes.core.delivery.Estimator;
import nodyes.core.delivery.ReturnRule;
import nodyes.core.delivery.RuleScope;
import nodyes.core.delivery.Season;
import nodyes.core.nod.Appearance;
import nodyes.core.nod.Countdown;
import nodyes.core.nod.DeliveryPromise;
import nodyes.core.nod.Label;
import nodyes.core.nod.Nod;
import nodyes.core.nod.NodKind;
import nodyes.core.nod.NodOptions;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.PickedQuotes;
import nodyes.core.nod.Placement;
import nodyes.core.nod.RecentOrders;
import nodyes.core.nod.ReturnsLine;
import nodyes.core.nod.ReviewTab;
import nodyes.core.nod.ReviewWall;
import nodyes.core.nod.ShopPromise;
import nodyes.core.nod.Spot;
import nodyes.core.nod.StarLine;
import nodyes.core.nod.StockLine;
import nodyes.core.nod.Style;
import nodyes.core.nod.TextOverrides;
import nodyes.core.nod.TrustBadges;
import nodyes.core.nod.Viewpoint;
import nodyes.core.nod.VisitorCount;
import nodyes.core.price.PriceChange;
import nodyes.core.price.PriceHistory;
import nodyes.core.rating.Rating;
import nodyes.core.rating.RatingSummary;
import nodyes.core.review.Review;
import nodyes.core.review.ReviewOrder;
import nodyes.core.review.Reviews;
import nodyes.core.sales.DailySales;
import nodyes.core.sales.LatestOrder;
import nodyes.core.targeting.Condition;
import nodyes.core.targeting.ProductCondition;
import org.joda.money.Money;

/** Nods, conditions and facts of one product at random, around the end of summer time. */
final class RandomShop {
  static final List<ZoneId> ZONES =
      List.of(ZoneId.of("Europe/Lisbon"), ZoneId.of("Asia/Tokyo"), ZoneId.of("America/New_York"));
  static final Slug POT = new Slug("slate-pot");
  // around the end of summer time in Lisbon and New York
  static final Instant START = Instant.parse("2026-10-18T00:00:00Z");
  static final long SPAN_MINUTES = Duration.ofDays(21).toMinutes();

  private final SplittableRandom random;
  private long reviews;

  RandomShop(SplittableRandom random) {
    this.random = random;
  }

  Nod nod(Condition audience) {
    NodKind[] kinds = NodKind.values();
    return nod(kinds[random.nextInt(kinds.length)], audience);
  }

  /** Of any kind: one that has no case here does not compile. */
  Nod nod(NodKind kind, Condition audience) {
    var placement =
        new Placement(
            new Spot("under-title"),
            EnumSet.of(PageKind.PRODUCT),
            audience,
            kind != NodKind.STAR_LINE || random.nextInt(9) > 0);
    return switch (kind) {
      case STAR_LINE -> new StarLine(new NodId("a"), placement);
      case REVIEW_WALL ->
          new ReviewWall(new NodId("b"), placement, 5)
              .opted(
                  random.nextBoolean() ? NodOptions.USUAL : new NodOptions(Map.of("dates", "ago")));
      case PICKED_QUOTES -> new PickedQuotes(new NodId("c"), placement);
      case STOCK_LINE -> new StockLine(new NodId("d"), placement);
      case REVIEW_TAB -> new ReviewTab(new NodId("e"), placement);
      case DELIVERY_PROMISE ->
          new DeliveryPromise(new NodId("delivery"), placement)
              .opted(
                  random.nextBoolean()
                      ? NodOptions.USUAL
                      : new NodOptions(Map.of("shows", "words-and-path", "sold-out", "text")));
      case PRICE_DROP_LABEL -> label(Label.LabelType.PRICE_DROP, placement);
      case BESTSELLER_LABEL -> label(Label.LabelType.BESTSELLER, placement);
      case NEW_LABEL -> label(Label.LabelType.NEW, placement);
      case LOW_STOCK_LABEL -> label(Label.LabelType.LOW_STOCK, placement);
      case SOLD_OUT_LABEL -> label(Label.LabelType.SOLD_OUT, placement);
      case BACK_ON_LABEL -> label(Label.LabelType.BACK_ON, placement);
      case OWN_LABEL -> label(Label.LabelType.OWN_WORDS, placement);
      case COUNTDOWN -> countdown(placement);
      case VISITOR_COUNT -> new VisitorCount(new NodId("f"), placement);
      case TRUST_BADGES -> badges(placement);
      case RECENT_ORDERS -> orders(placement);
      case RETURNS_LINE -> new ReturnsLine(new NodId("i"), placement);
    };
  }

  /** One for everywhere and one for a country. */
  private static TrustBadges badges(Placement placement) {
    var said = Map.of("en", new ShopPromise.Said("Free returns", "30 days"));
    return new TrustBadges(
        new NodId("g"),
        placement,
        List.of(
            new ShopPromise(ShopPromise.About.RETURNS, "↩️", "/returns", Set.of(), said),
            new ShopPromise(ShopPromise.About.OTHER, "🌱", "", Set.of("DE"), said)),
        NodOptions.USUAL,
        Appearance.DEFAULT);
  }

  private RecentOrders orders(Placement placement) {
    return new RecentOrders(new NodId("h"), placement)
        .opted(
            new NodOptions(
                Map.of(
                    "tells", List.of("count", "latest", "both").get(random.nextInt(3)),
                    "days", "" + (1 + random.nextInt(14)),
                    "least", "" + (1 + random.nextInt(3)))));
  }

  /** A nod that time changes by its audience alone, or by what it says. */
  Nod timeless(Condition audience) {
    Nod any = nod(audience);
    return any instanceof Label
            || any instanceof Countdown
            || any instanceof StockLine
            || any instanceof DeliveryPromise
            || any instanceof RecentOrders
            || any instanceof ReturnsLine
        ? new StarLine(new NodId("a"), any.placement())
        : any;
  }

  private Countdown countdown(Placement placement) {
    LocalDateTime start =
        LocalDateTime.ofInstant(START, ZoneOffset.UTC)
            .plusMinutes(random.nextLong(SPAN_MINUTES / 2));
    CalendarDuration length = new CalendarDuration(0, 1 + random.nextInt(20), random.nextInt(60));
    CountdownSchedule ending =
        switch (random.nextInt(6)) {
          case 4 -> new CountdownSchedule.UntilDispatchCutoff();
          case 0 ->
              new CountdownSchedule.FixedEnd(
                  random.nextBoolean() ? Optional.of(start) : Optional.empty(),
                  start.plusHours(1 + random.nextInt(99)));
          case 1 -> new CountdownSchedule.FixedDuration(start, length);
          case 2 -> new CountdownSchedule.Recurring(RecurrenceRule.daily(start), length);
          case 3 ->
              new CountdownSchedule.WeeklyCutoff(
                  Map.of(
                      DayOfWeek.of(1 + random.nextInt(6)),
                      LocalTime.of(random.nextInt(24), 30),
                      DayOfWeek.SUNDAY,
                      LocalTime.of(1, 30)));
          default -> new CountdownSchedule.UntilPriceChange();
        };
    return new Countdown(
        new NodId("countdown"),
        "",
        placement,
        ending,
        new NodOptions(
            Map.of(
                "about", random.nextBoolean() ? "price" : "offer",
                "after", random.nextBoolean() ? "text" : "gone",
                "after-hours", String.valueOf(1 + random.nextInt(30)))),
        Appearance.DEFAULT);
  }

  Condition condition(int depth) {
    if (random.nextInt(4) == 0) {
      return wares();
    }
    int kind = random.nextInt(depth < 2 ? 10 : 8);
    return switch (kind) {
      case 0 -> new Condition.ReviewsAtLeast(random.nextInt(6));
      case 1 -> new Condition.RatingAtLeast(new BigDecimal("4.2"), random.nextInt(4));
      case 2 -> new Condition.InCategory(Set.of(random.nextBoolean() ? "planters" : "tools"));
      case 3 -> new Condition.CountryIn(Set.of("PT", "DE"));
      case 4, 5 -> between();
      case 6, 7 -> daily();
      case 8 -> new Condition.AllOf(List.of(condition(depth + 1), condition(2)));
      default -> new Condition.AnyOf(List.of(condition(2), condition(depth + 1)));
    };
  }

  private Condition wares() {
    return switch (random.nextInt(5)) {
      case 0 -> new ProductCondition.PercentOffBetween(Optional.of(10), Optional.empty());
      case 1 -> new ProductCondition.StockBetween(Optional.of(1L), Optional.of(3L));
      case 2 -> new ProductCondition.SoldAtLeast(1 + random.nextInt(9), 1 + random.nextInt(20));
      case 3 ->
          new ProductCondition.RankAtMost(
              1 + random.nextInt(3), 1 + random.nextInt(20), random.nextBoolean());
      default -> new ProductCondition.PublishedWithin(1 + random.nextInt(40));
    };
  }

  /** Any claim, sometimes with words that put in what time changes. */
  private Label label(Label.LabelType claim, Placement placement) {
    var options = new HashMap<String, String>();
    if (claim == Label.LabelType.BESTSELLER) {
      options.putAll(
          Map.of(
              "days", "" + (1 + random.nextInt(20)), "least-sold", "" + (1 + random.nextInt(5))));
    }
    String value =
        List.of("daysLeft", "percentOff", "rank", "unitsSold", "stock", "backOn")
            .get(random.nextInt(6));
    TextOverrides wording =
        random.nextBoolean()
            ? TextOverrides.NONE
            : new TextOverrides(
                Map.of("en", Map.of(Label.words(claim).getFirst(), "now {" + value + "}")));
    return new Label(
        new NodId("label"),
        claim,
        placement.in(new Spot("on-picture")),
        new NodOptions(options),
        new Appearance(wording, Style.DEFAULT));
  }

  Condition.Between between() {
    Instant from = START.plusSeconds(60 * random.nextLong(SPAN_MINUTES));
    return switch (random.nextInt(3)) {
      case 0 -> new Condition.Between(Optional.of(from), Optional.empty());
      case 1 -> new Condition.Between(Optional.empty(), Optional.of(from));
      default ->
          new Condition.Between(
              Optional.of(from), Optional.of(from.plusSeconds(60 + random.nextLong(500_000))));
    };
  }

  Condition.Daily daily() {
    var days = EnumSet.of(DayOfWeek.of(1 + random.nextInt(6)));
    for (DayOfWeek day : DayOfWeek.values()) {
      if (random.nextInt(3) > 0) {
        days.add(day);
      }
    }
    return new Condition.Daily(time(), time(), days);
  }

  private LocalTime time() {
    // often within the hours that clock changes repeat
    return random.nextBoolean()
        ? LocalTime.of(random.nextInt(24), 15 * random.nextInt(4))
        : LocalTime.of(random.nextInt(3), 30);
  }

  Facts facts() {
    int count = random.nextInt(6);
    var ratings = new ArrayList<Rating>();
    for (int i = 0; i < count; i++) {
      ratings.add(Rating.ofStars(1 + random.nextInt(5)));
    }
    var pot =
        new ProductFacts(
            new ProductId(1),
            POT,
            "Slate pot",
            Set.of("planters"),
            Set.of(),
            new ProductAttributes(
                Optional.of("Quillwort"),
                true,
                Optional.of(day(-50)),
                Optional.of(new ProductAttributes.Filed("planters", "Planters"))),
            Map.of("POT-1", variant("POT-1"), "POT-2", variant("POT-2")),
            ReviewFacts.of(RatingSummary.of(ratings), 0)
                .with(ReviewOrder.NEWEST, ratings.stream().map(this::review).toList()));
    return new Facts(
            ZONES.get(random.nextInt(ZONES.size())),
            random.nextInt(12) == 0 ? Map.of() : Map.of(POT, pot),
            BusinessProfile.NONE,
            sales())
        .with(delivery());
  }

  /** Delivery rules with a season and another cut-off on Fridays. */
  private Estimator delivery() {
    var times = new EnumMap<DayOfWeek, LocalTime>(DayOfWeek.class);
    for (DayOfWeek day : EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY)) {
      times.put(day, time());
    }
    var always =
        new DeliveryTerms(
            Optional.of(new DayRange(0, 1 + random.nextInt(3))),
            Optional.of(new DispatchSchedule(times)),
            Optional.empty(),
            Optional.empty());
    LocalDate first = day(-5);
    var layers =
        List.of(
            DeliveryRule.always("shop", new RuleScope.Shop(), always),
            new DeliveryRule(
                "season",
                new RuleScope.Shop(),
                true,
                Optional.of(new Season(first, first.plusDays(random.nextInt(9)))),
                Optional.empty(),
                new DeliveryTerms(
                    Optional.of(new DayRange(3, 5)),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty())));
    return new Estimator(
        new DeliverySettings(
            random.nextBoolean() ? Optional.of("PT") : Optional.empty(),
            layers,
            List.of(Destination.of("pt", "PT", new DayRange(1, 2))),
            CarrierDefaults.USUAL,
            List.of(),
            returns()),
        (_, _) -> Optional.empty());
  }

  /** One for always, and a longer one for orders of some days. */
  private List<ReturnRule> returns() {
    LocalDate first = day(-5);
    return List.of(
        ReturnRule.always("always", new RuleScope.Shop(), random.nextInt(3) * 7),
        new ReturnRule(
            "season",
            new RuleScope.Shop(),
            Optional.empty(),
            random.nextBoolean(),
            Optional.of(new Season(first, first.plusDays(random.nextInt(9)))),
            14,
            Optional.of(day(5))));
  }

  /** A day of the span, or before it. */
  private LocalDate day(int earliest) {
    return LocalDate.ofInstant(START, ZoneOffset.UTC)
        .plusDays(earliest + random.nextInt(21 - earliest));
  }

  private VariantFacts variant(String sku) {
    var changes = new ArrayList<PriceChange>();
    for (int i = random.nextInt(6); i > 0; i--) {
      changes.add(
          new PriceChange(
              START.plusSeconds(60 * (random.nextLong(3 * SPAN_MINUTES) - 2 * SPAN_MINUTES)),
              Money.parse("EUR " + (10 + random.nextInt(9)) + ".00")));
    }
    return new VariantFacts(
        sku,
        Optional.of(Money.parse("EUR 12.00")),
        new PriceHistory(changes),
        Optional.empty(),
        random.nextInt(4) == 0 ? Optional.empty() : Optional.of((long) random.nextInt(4)),
        random.nextBoolean() ? Optional.of(day(-5)) : Optional.empty(),
        random.nextInt(8) == 0);
  }

  private ShopSales sales() {
    var sold = new HashMap<ProductId, TreeMap<LocalDate, Long>>();
    for (int id = 1; id <= 4; id++) {
      var days = new TreeMap<LocalDate, Long>();
      for (int i = random.nextInt(15); i > 0; i--) {
        // what is sold later than it is looked at is not known yet: all lies before the span
        days.merge(
            LocalDate.ofInstant(START, ZoneOffset.UTC).minusDays(2 + random.nextInt(20)),
            1L + random.nextInt(3),
            Long::sum);
      }
      sold.put(new ProductId(id), days);
    }
    var all = new DailySales.Group("", sold.keySet());
    return new ShopSales(
            DailySales.of(sold),
            all,
            Map.of("planters", new DailySales.Group("planters", sold.keySet())))
        .with(random.nextInt(4) == 0 ? Map.of() : Map.of(new ProductId(1), lastOrder()));
  }

  /** Long before, within or after what is looked at, whatever the book of sales holds. */
  private LatestOrder lastOrder() {
    return new LatestOrder(
        START.plusSeconds(60 * (random.nextLong(3 * SPAN_MINUTES) - SPAN_MINUTES)),
        Optional.of("PT"),
        Optional.empty(),
        Optional.empty());
  }

  /** Written some days, weeks or months before the time that is looked at, or within it. */
  private Review review(Rating rating) {
    LocalDate day = LocalDate.ofInstant(START, ZoneOffset.UTC).minusDays(random.nextInt(90) - 3);
    return Reviews.of(++reviews, rating, "words", "en", day);
  }

  /** As someone, at a moment of the span. */
  Viewpoint sometime() {
    return viewpoint(START.plusSeconds(60 * random.nextLong(SPAN_MINUTES)));
  }

  private Viewpoint viewpoint(Instant moment) {
    return new Viewpoint(
        PageKind.PRODUCT,
        List.of(POT),
        Optional.empty(),
        random.nextBoolean() ? Optional.of("PT") : Optional.empty(),
        Locale.ENGLISH,
        Optional.empty(),
        moment);
  }
}
