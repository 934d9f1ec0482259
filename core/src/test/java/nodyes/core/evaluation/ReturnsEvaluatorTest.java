package nodyes.core.evaluation;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import nodyes.core.common.NodId;
import nodyes.core.common.ProductId;
import nodyes.core.common.Slug;
import nodyes.core.common.ValidUntil;
import nodyes.core.delivery.CarrierDefaults;
import nodyes.core.delivery.DayRange;
import nodyes.core.delivery.DeliveryEstimate;
import nodyes.core.delivery.DeliveryRule;
import nodyes.core.delivery.DeliverySettings;
import nodyes.core.delivery.DeliveryTerms;
import nodyes.core.delivery.Destination;
import nodyes.core.delivery.DispatchSchedule;
import nodyes.core.delivery.Estimator;
import nodyes.core.delivery.ReturnRule;
import nodyes.core.delivery.RuleScope;
import nodyes.core.delivery.Season;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Placement;
import nodyes.core.nod.ReturnsLine;
import nodyes.core.nod.ReturnsLine.ReturnsLineContent;
import nodyes.core.nod.Spot;
import nodyes.core.nod.Viewpoint;
import nodyes.core.price.PriceHistory;
import nodyes.core.targeting.Condition;
import nodyes.core.targeting.FactName;
import nodyes.core.targeting.FactValue;
import nodyes.core.targeting.Finding;
import org.testng.annotations.Test;

/** Until when something can be sent back. It is Thu 17 Dec 2026, 14:20 in Lisbon. */
public class ReturnsEvaluatorTest {
  private static final ZoneId LISBON = ZoneId.of("Europe/Lisbon");
  private static final Instant NOW = Instant.parse("2026-12-17T14:20:00Z");
  private static final Slug POT = new Slug("pot");
  private static final Slug SEEDS = new Slug("seeds");
  private static final ReturnRule EVERYTHING = ReturnRule.always("all", new RuleScope.Shop(), 14);
  private static final ReturnRule NO_SEEDS =
      ReturnRule.always("seeds", new RuleScope.Category("seeds"), 0);

  private static Estimator estimator(List<ReturnRule> returns) {
    Map<DayOfWeek, LocalTime> week =
        EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY).stream()
            .collect(Collectors.toMap(day -> day, _ -> LocalTime.of(16, 0)));
    return new Estimator(
        new DeliverySettings(
            Optional.of("PT"),
            List.of(
                DeliveryRule.always(
                    "shop",
                    new RuleScope.Shop(),
                    new DeliveryTerms(
                        Optional.of(new DayRange(0, 1)),
                        Optional.of(new DispatchSchedule(week)),
                        Optional.empty(),
                        Optional.empty()))),
            List.of(
                Destination.of("pt", "PT", new DayRange(1, 2)),
                Destination.of("de", "DE", new DayRange(3, 4)),
                Destination.of("us", "US", new DayRange(8, 12))),
            CarrierDefaults.USUAL,
            List.of(),
            returns),
        (_, _) -> Optional.empty());
  }

  private static ProductFacts product(Slug slug, String category) {
    var variant =
        new VariantFacts(
            slug.value(),
            Optional.empty(),
            PriceHistory.NONE,
            Optional.empty(),
            Optional.of(5L),
            Optional.empty(),
            false);
    return new ProductFacts(
        new ProductId(slug.value().length()),
        slug,
        slug.value(),
        Set.of(category),
        Set.of(),
        ProductAttributes.NONE,
        Map.of(slug.value(), variant),
        ReviewFacts.NONE);
  }

  private static Verdict asked(String spot, Viewpoint look, ReturnRule... returns) {
    var products = new LinkedHashMap<Slug, ProductFacts>();
    products.put(POT, product(POT, "pots"));
    products.put(SEEDS, product(SEEDS, "seeds"));
    var line =
        new ReturnsLine(
            new NodId("returns"),
            new Placement(
                new Spot(spot), EnumSet.allOf(PageKind.class), Condition.everyone(), true));
    return NodEvaluator.of(
        line,
        look.products().getFirst(),
        new Facts(LISBON, products).with(estimator(List.of(returns))),
        look);
  }

  private static Viewpoint look(PageKind page, String country, Slug... products) {
    return new Viewpoint(
        page,
        List.of(products),
        Optional.empty(),
        Optional.of(country),
        Locale.ENGLISH,
        Optional.empty(),
        NOW);
  }

  private static Viewpoint pot(String country) {
    return look(PageKind.PRODUCT, country, POT);
  }

  private static ReturnsLineContent shown(Verdict verdict) {
    assertTrue(verdict instanceof Verdict.Shown, verdict.toString());
    return (ReturnsLineContent) ((Verdict.Shown) verdict).content();
  }

  private static Finding missing(Verdict verdict) {
    assertTrue(verdict instanceof Verdict.Withheld, verdict.toString());
    return verdict.because().missing().getFirst();
  }

  @Test
  public void itIsTheLastPromisedDayAndTheDaysOfTheShop() {
    Verdict verdict = asked("under-buy", pot("PT"), EVERYTHING);
    // leaves on Friday 18 at the latest, two delivery days later it is Tuesday 22
    assertEquals(shown(verdict).lastDay(), LocalDate.parse("2027-01-05"));
    assertEquals(
        verdict.because().findings().getFirst().actual(),
        new FactValue.ReturnsUntil(
            "PT", LocalDate.parse("2026-12-22"), 14, LocalDate.parse("2027-01-05")));
    assertEquals(
        verdict.validUntil(),
        ValidUntil.before(Instant.parse("2026-12-17T16:00:00Z")),
        "after the cut-off it leaves and arrives later");
  }

  @Test
  public void theRuleIsThatOfTheDestinationAndOfTheDayOfTheOrder() {
    var abroad =
        new ReturnRule(
            "abroad",
            new RuleScope.Shop(),
            Optional.of("DE"),
            true,
            Optional.empty(),
            60,
            Optional.empty());
    assertEquals(
        shown(asked("under-buy", pot("DE"), EVERYTHING, abroad)).lastDay(),
        LocalDate.parse("2026-12-24").plusDays(60));
    var christmas =
        new ReturnRule(
            "christmas",
            new RuleScope.Shop(),
            Optional.empty(),
            true,
            Optional.of(new Season(LocalDate.parse("2026-11-01"), LocalDate.parse("2026-12-17"))),
            14,
            Optional.of(LocalDate.parse("2027-01-31")));
    assertEquals(
        shown(asked("under-buy", pot("PT"), EVERYTHING, christmas)).lastDay(),
        LocalDate.parse("2027-01-31"));
  }

  @Test
  public void whyNothingIsSaidIsSaid() {
    assertEquals(
        missing(asked("under-buy", pot("PT"))).actual(),
        new FactValue.NoReturns("PT", FactValue.NoReturns.Reason.NO_RULE));
    assertEquals(
        missing(asked("under-buy", look(PageKind.PRODUCT, "PT", SEEDS), EVERYTHING, NO_SEEDS))
            .actual(),
        new FactValue.NoReturns("PT", FactValue.NoReturns.Reason.NOT_TAKEN_BACK));
    Finding noWay = missing(asked("under-buy", pot("JP"), EVERYTHING));
    assertEquals(noWay.fact(), FactName.DELIVERY);
    assertEquals(
        noWay.actual(), new FactValue.NoEstimate("JP", DeliveryEstimate.Reason.NOT_SERVED));
  }

  @Test
  public void ofABasketItIsTrueOfEachThingOrNotSaid() {
    Viewpoint basket = look(PageKind.BASKET, "PT", POT, SEEDS);
    var weekOfSeeds = ReturnRule.always("seeds", new RuleScope.Category("seeds"), 7);
    assertEquals(
        shown(asked("basket-end", basket, EVERYTHING, weekOfSeeds)).lastDay(),
        LocalDate.parse("2026-12-29"));
    assertEquals(
        missing(asked("basket-end", basket, EVERYTHING, NO_SEEDS)).actual(),
        new FactValue.NoReturns("PT", FactValue.NoReturns.Reason.NOT_ALL));
  }

  @Test
  public void theOwnerSeesWhatItsWordsSayHere() {
    Map<String, Object> day = Map.of("day", LocalDate.parse("2027-01-05"));
    assertEquals(
        shown(asked("under-buy", pot("PT"), EVERYTHING)).values(),
        Map.of("until", day, "ordered", day, "days", Map.of("n", 14L)));
  }

  /** The thing that must go back first may have more days than another that arrives later. */
  @Test
  public void theDaysThatAreToldOfABasketAreTheFewestOfAnyThing() {
    var seeds =
        new ReturnRule(
            "seeds",
            new RuleScope.Category("seeds"),
            Optional.empty(),
            true,
            Optional.empty(),
            14,
            Optional.of(LocalDate.parse("2027-03-31")));
    ReturnsLineContent shown =
        shown(
            asked(
                "basket-end",
                look(PageKind.BASKET, "PT", POT, SEEDS),
                ReturnRule.always("all", new RuleScope.Shop(), 30),
                seeds));
    assertEquals(shown.lastDay(), LocalDate.parse("2027-01-21"));
    assertEquals(shown.days(), 14);
  }

  @Test
  public void whatWasOrderedKeepsItsDayForGood() {
    Viewpoint thanks =
        look(PageKind.CONFIRMATION, "PT", POT)
            .ordered(Optional.of(Instant.parse("2026-12-16T10:00:00Z")));
    Verdict verdict = asked("order-end", thanks, EVERYTHING);
    assertEquals(shown(verdict).lastDay(), LocalDate.parse("2027-01-04"));
    assertTrue(shown(verdict).isOrdered());
    assertEquals(verdict.validUntil(), ValidUntil.NEVER_ENDS);
    assertTrue(
        asked("order-end", look(PageKind.CONFIRMATION, "PT", POT), EVERYTHING)
            instanceof Verdict.Withheld,
        "nothing is said without the time of the order");
  }

  /**
   * Directive 2011/83/EU, Article 9(1): a period of 14 days to withdraw from a distance contract.
   */
  @Test
  public void fewerDaysThanTheLawOfTheDestinationGivesAreDoubted() {
    var week = ReturnRule.always("all", new RuleScope.Shop(), 7);
    assertEquals(
        asked("under-buy", pot("DE"), week).because().doubts(),
        List.of(ClaimRisk.UNDER_WITHDRAWAL_PERIOD));
    assertEquals(asked("under-buy", pot("DE"), EVERYTHING).because().doubts(), List.of());
    assertEquals(asked("under-buy", pot("US"), week).because().doubts(), List.of());
  }
}
