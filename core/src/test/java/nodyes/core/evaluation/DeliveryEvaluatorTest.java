package nodyes.core.evaluation;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.common.NodId;
import nodyes.core.common.ProductId;
import nodyes.core.common.Slug;
import nodyes.core.countdown.CountdownSchedule;
import nodyes.core.delivery.CarrierDefaults;
import nodyes.core.delivery.DayRange;
import nodyes.core.delivery.DeliveryRule;
import nodyes.core.delivery.DeliverySettings;
import nodyes.core.delivery.DeliveryTerms;
import nodyes.core.delivery.Destination;
import nodyes.core.delivery.DispatchSchedule;
import nodyes.core.delivery.Estimator;
import nodyes.core.delivery.RuleScope;
import nodyes.core.nod.Countdown;
import nodyes.core.nod.DeliveryPromise;
import nodyes.core.nod.Nod;
import nodyes.core.nod.NodOptions;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Placement;
import nodyes.core.nod.Spot;
import nodyes.core.nod.Viewpoint;
import nodyes.core.price.PriceHistory;
import nodyes.core.targeting.Condition;
import org.testng.annotations.Test;

/** Delivery promises on pages. It is Thu 26 Nov 2026, 14:20 in Lisbon. */
public class DeliveryEvaluatorTest {
  private static final Instant NOW = Instant.parse("2026-11-26T14:20:00Z");
  private static final Slug FAST = new Slug("trowel");
  private static final Slug SLOW = new Slug("urn");

  private static DeliveryTerms leaves(int least, int most, Optional<DispatchSchedule> week) {
    return new DeliveryTerms(
        Optional.of(new DayRange(least, most)), week, Optional.empty(), Optional.empty());
  }

  private static Estimator estimator() {
    var times = new EnumMap<DayOfWeek, LocalTime>(DayOfWeek.class);
    for (DayOfWeek day : EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY)) {
      times.put(day, LocalTime.of(16, 0));
    }
    return new Estimator(
        new DeliverySettings(
            Optional.of("PT"),
            List.of(
                DeliveryRule.always(
                    "urn", new RuleScope.Product("urn"), leaves(6, 9, Optional.empty())),
                DeliveryRule.always(
                    "shop",
                    new RuleScope.Shop(),
                    leaves(0, 0, Optional.of(new DispatchSchedule(times))))),
            List.of(
                Destination.of("pt", "PT", new DayRange(1, 1)),
                Destination.of("de", "DE", new DayRange(3, 4))),
            CarrierDefaults.USUAL,
            List.of()),
        (_, _) -> Optional.empty());
  }

  private static ProductFacts product(Slug slug, long stock) {
    var variant =
        new VariantFacts(
            slug.value(),
            Optional.empty(),
            PriceHistory.NONE,
            Optional.empty(),
            Optional.of(stock),
            Optional.empty(),
            false);
    return new ProductFacts(
        new ProductId(slug.value().length()),
        slug,
        "The " + slug.value(),
        Set.of(),
        Set.of(),
        ProductAttributes.NONE,
        Map.of(slug.value(), variant),
        ReviewFacts.NONE);
  }

  private static Facts facts(long stock) {
    var products = new LinkedHashMap<Slug, ProductFacts>();
    products.put(FAST, product(FAST, stock));
    products.put(SLOW, product(SLOW, stock));
    return new Facts(ZoneId.of("Europe/Lisbon"), products).with(estimator());
  }

  private static DeliveryPromise promise(String spot, Map<String, String> options) {
    var placement =
        new Placement(new Spot(spot), EnumSet.allOf(PageKind.class), Condition.everyone(), true);
    return new DeliveryPromise(new NodId("arrival"), placement).opted(new NodOptions(options));
  }

  private static Viewpoint look(PageKind page, Optional<String> country, Slug... products) {
    return new Viewpoint(
        page, List.of(products), Optional.empty(), country, Locale.ENGLISH, Optional.empty(), NOW);
  }

  private static DeliveryPromise.DeliveryPromiseContent shown(
      Nod nod, Slug product, Facts facts, Viewpoint look) {
    Verdict verdict = NodEvaluator.of(nod, product, facts, look);
    assertTrue(verdict instanceof Verdict.Shown, verdict.toString());
    return (DeliveryPromise.DeliveryPromiseContent) ((Verdict.Shown) verdict).content();
  }

  private static String withheld(Nod nod, Slug product, Facts facts, Viewpoint look) {
    Verdict verdict = NodEvaluator.of(nod, product, facts, look);
    assertTrue(verdict instanceof Verdict.Withheld, verdict.toString());
    return Told.of(verdict);
  }

  private static String last(DeliveryPromise.DeliveryPromiseContent content) {
    return content.promised().orElseThrow().arrives().last().toString();
  }

  @Test
  public void promisesForTheCountryAndSaysWhereThatIsAssumed() {
    var nod = promise("under-buy", Map.of());
    var inGermany = shown(nod, FAST, facts(3), look(PageKind.PRODUCT, Optional.of("DE"), FAST));
    assertEquals(last(inGermany), "2026-12-02");
    assertEquals(inGermany.countries(), List.of("PT", "DE"));
    var unknown = shown(nod, FAST, facts(3), look(PageKind.PRODUCT, Optional.empty(), FAST));
    assertTrue(unknown.isAssumed());
    assertEquals(last(unknown), "2026-11-27");
    assertEquals(
        withheld(nod, FAST, facts(3), look(PageKind.PRODUCT, Optional.of("JP"), FAST)),
        "withheld: DELIVERY NoEstimate[country=JP, reason=NOT_SERVED] of [a promise]");
  }

  @Test
  public void theSentenceOfTheOwnerSaysTheDays() {
    Verdict verdict =
        NodEvaluator.of(
            promise("under-buy", Map.of()),
            FAST,
            facts(3),
            look(PageKind.PRODUCT, Optional.of("DE"), FAST));
    assertEquals(
        Told.of(verdict),
        "shown: DELIVERY EstimatedDelivery[country=DE, leaves=DateRange[first=2026-11-26, last=2026-11-26], arrives=DateRange[first=2026-12-01, last=2026-12-02]]");
  }

  @Test
  public void aBasketIsToldOnceAndIsAsLateAsItsSlowestLine() {
    var together = promise("basket-end", Map.of());
    Viewpoint basket = look(PageKind.BASKET, Optional.of("PT"), FAST, SLOW);
    DeliveryPromise.DeliveryPromiseContent all = shown(together, FAST, facts(3), basket);
    assertEquals(last(all), "2026-12-10");
    assertEquals(all.lines(), List.of());
    assertTrue(withheld(together, SLOW, facts(3), basket).contains("once-per-page"));
    var each = promise("basket-end", Map.of("basket", "each"));
    List<DeliveryPromise.Line> lines = shown(each, FAST, facts(3), basket).lines();
    assertEquals(
        lines.stream().map(line -> line.arrives().orElseThrow().last()).toList(),
        List.of(LocalDate.of(2026, 11, 27), LocalDate.of(2026, 12, 10)));
  }

  @Test
  public void aConfirmationPromisesFromWhenTheOrderWasPlacedAndForGood() {
    var nod = promise("order-end", Map.of());
    Viewpoint look = look(PageKind.CONFIRMATION, Optional.of("PT"), FAST);
    assertTrue(withheld(nod, FAST, facts(3), look).contains("no-order-time"));
    Viewpoint ordered = look.ordered(Optional.of(Instant.parse("2026-11-24T09:00:00Z")));
    assertEquals(last(shown(nod, FAST, facts(3), ordered)), "2026-11-25");
    assertEquals(
        NodEvaluator.of(nod, FAST, facts(3), ordered).validUntil(),
        nodyes.core.common.ValidUntil.NEVER_ENDS);
  }

  @Test
  public void whatIsSoldOutSaysNothingOrAText() {
    Viewpoint look = look(PageKind.PRODUCT, Optional.of("PT"), FAST);
    assertTrue(withheld(promise("under-buy", Map.of()), FAST, facts(0), look).contains("SOLD_OUT"));
    DeliveryPromise.DeliveryPromiseContent text =
        shown(promise("under-buy", Map.of("sold-out", "text")), FAST, facts(0), look);
    assertEquals(text.promised(), Optional.empty());
  }

  /** The first stage is today's, which the page knows itself: midnight changes nothing. */
  @Test
  public void holdsUntilTheCutOffWhateverItShows() {
    Viewpoint late =
        look(PageKind.PRODUCT, Optional.of("PT"), FAST).at(Instant.parse("2026-11-26T20:00:00Z"));
    for (String shows : List.of("words", "path", "words-and-path")) {
      assertEquals(
          NodEvaluator.of(promise("under-buy", Map.of("shows", shows)), FAST, facts(3), late)
              .validUntil()
              .end(),
          Optional.of(Instant.parse("2026-11-27T16:00:00Z")));
    }
  }

  @Test
  public void aCountdownRunsToTheCutOffOfDelivery() {
    var placement =
        new Placement(
            new Spot("above-buy"), EnumSet.of(PageKind.PRODUCT), Condition.everyone(), true);
    var nod =
        new Countdown(new NodId("cut-off"), placement, new CountdownSchedule.UntilDispatchCutoff());
    Viewpoint look = look(PageKind.PRODUCT, Optional.of("DE"), FAST);
    Verdict verdict = NodEvaluator.of(nod, FAST, facts(3), look);
    assertTrue(verdict instanceof Verdict.Shown, verdict.toString());
    var content = (Countdown.CountdownContent) ((Verdict.Shown) verdict).content();
    assertEquals(content.end(), Instant.parse("2026-11-26T16:00:00Z"));
    assertEquals(verdict.validUntil().end(), Optional.of(content.end()));
    assertTrue(
        NodEvaluator.of(nod, FAST, facts(3), look(PageKind.PRODUCT, Optional.of("JP"), FAST))
            instanceof Verdict.Withheld);
    // what was ordered two days ago has no cut-off ahead, and nothing that ends in the past
    Viewpoint ordered =
        look(PageKind.CONFIRMATION, Optional.of("DE"), FAST)
            .ordered(Optional.of(Instant.parse("2026-11-24T09:00:00Z")));
    Nod there = nod.placed(promise("order-end", Map.of()).placement());
    assertTrue(NodEvaluator.of(there, FAST, facts(3), ordered) instanceof Verdict.Withheld);
    assertEquals(
        NodEvaluator.of(there, FAST, facts(3), ordered).validUntil(),
        nodyes.core.common.ValidUntil.NEVER_ENDS);
  }
}
