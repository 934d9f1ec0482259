package nodyes.core.evaluation;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.common.NodId;
import nodyes.core.common.ProductId;
import nodyes.core.common.Slug;
import nodyes.core.common.ValidUntil;
import nodyes.core.countdown.CalendarDuration;
import nodyes.core.countdown.CountdownSchedule;
import nodyes.core.countdown.RecurrenceRule;
import nodyes.core.nod.Appearance;
import nodyes.core.nod.Countdown;
import nodyes.core.nod.NodOptions;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Placement;
import nodyes.core.nod.Spot;
import nodyes.core.nod.Viewpoint;
import nodyes.core.price.PriceChange;
import nodyes.core.price.PriceHistory;
import nodyes.core.targeting.Condition;
import org.joda.money.Money;
import org.testng.annotations.Test;

/** A sale from Monday, 30 November 2026, 00:00 to Friday, 4 December, 24:00, in Lisbon. */
public class CountdownTest {
  private static final ZoneId LISBON = ZoneId.of("Europe/Lisbon");
  private static final Slug POT = new Slug("pot");
  private static final Instant MONDAY = Instant.parse("2026-11-30T00:00:00Z");
  private static final Instant SATURDAY = Instant.parse("2026-12-05T00:00:00Z");
  private static final CountdownSchedule SALE =
      new CountdownSchedule.FixedEnd(
          Optional.of(LocalDateTime.parse("2026-11-30T00:00")),
          LocalDateTime.parse("2026-12-05T00:00"));

  private static Facts facts(PriceChange... changes) {
    var variant =
        new VariantFacts(
            "POT",
            Optional.empty(),
            new PriceHistory(List.of(changes)),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            false);
    var pot =
        new ProductFacts(
            new ProductId(1),
            POT,
            "Pot",
            Set.of(),
            Set.of(),
            ProductAttributes.NONE,
            Map.of("POT", variant),
            ReviewFacts.NONE);
    return new Facts(LISBON, Map.of(POT, pot));
  }

  private static PriceChange price(String from, String amount) {
    return new PriceChange(Instant.parse(from), Money.parse("EUR " + amount));
  }

  private static final PriceChange USUAL = price("2026-09-01T00:00:00Z", "40.00");
  private static final PriceChange REDUCED = price("2026-11-30T00:00:00Z", "30.00");
  private static final PriceChange BACK = price("2026-12-05T00:00:00Z", "40.00");

  private static Countdown countdown(CountdownSchedule ending, Map<String, String> options) {
    return new Countdown(
        new NodId("countdown"),
        "",
        new Placement(
            new Spot("above-buy"), EnumSet.allOf(PageKind.class), Condition.everyone(), true),
        ending,
        new NodOptions(options),
        Appearance.DEFAULT);
  }

  private static Verdict ask(Countdown countdown, Facts facts, Instant moment) {
    return ask(countdown, facts, moment, PageKind.PRODUCT);
  }

  private static Verdict ask(Countdown countdown, Facts facts, Instant moment, PageKind page) {
    return NodEvaluator.of(
        countdown,
        POT,
        facts,
        new Viewpoint(
            page,
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

  private static Countdown.CountdownContent content(Verdict verdict) {
    assertTrue(verdict instanceof Verdict.Shown, sentence(verdict));
    return (Countdown.CountdownContent) ((Verdict.Shown) verdict).content();
  }

  @Test
  public void itIsWithheldUntilItsStartShownToItsEndAndGoneAtIt() {
    Countdown sale = countdown(SALE, Map.of());
    Facts facts = facts(USUAL);
    Verdict before = ask(sale, facts, MONDAY.minusMillis(1));
    assertEquals(before.validUntil(), ValidUntil.before(MONDAY));
    assertEquals(
        sentence(before),
        "withheld: COUNTDOWN BEFORE of Period[from=2026-11-30T00:00:00Z, to=2026-12-05T00:00:00Z]");
    Verdict first = ask(sale, facts, MONDAY);
    assertEquals(content(first).end(), SATURDAY);
    assertEquals(content(first).start(), Optional.of(MONDAY));
    assertEquals(first.validUntil(), ValidUntil.before(SATURDAY));
    assertTrue(ask(sale, facts, SATURDAY.minusMillis(1)) instanceof Verdict.Shown);
    Verdict after = ask(sale, facts, SATURDAY);
    assertEquals(
        sentence(after),
        "withheld: COUNTDOWN AFTER of Period[from=2026-11-30T00:00:00Z, to=2026-12-05T00:00:00Z]");
    assertEquals(after.validUntil(), ValidUntil.NEVER_ENDS);
  }

  @Test
  public void aTextMayFollowItsEndForSomeHours() {
    Countdown sale = countdown(SALE, Map.of("after", "text", "after-hours", "2"));
    Verdict ended = ask(sale, facts(USUAL), SATURDAY);
    assertTrue(content(ended).hasEnded());
    assertEquals(ended.validUntil(), ValidUntil.before(SATURDAY.plusSeconds(7200)));
    assertTrue(ask(sale, facts(USUAL), SATURDAY.plusSeconds(7200)) instanceof Verdict.Withheld);
  }

  @Test
  public void aCountdownOfThePriceNeedsAReductionAndSaysThatThePriceEnds() {
    Countdown sale = countdown(SALE, Map.of("about", "price"));
    Verdict usual = ask(sale, facts(USUAL), MONDAY);
    assertTrue(sentence(usual).startsWith("withheld: "), sentence(usual));
    assertTrue(sentence(usual).contains("PercentRange[min=1"), sentence(usual));
    Facts facts = facts(USUAL, REDUCED, BACK);
    assertEquals(content(ask(sale, facts, MONDAY)).end(), SATURDAY);
    assertEquals(ask(sale, facts, MONDAY).because().doubts(), List.of());
  }

  @Test
  public void aCountdownWithThePriceRunsToTheNextPlannedPrice() {
    Countdown withPrice = countdown(new CountdownSchedule.UntilPriceChange(), Map.of());
    Countdown.CountdownContent content =
        content(ask(withPrice, facts(USUAL, REDUCED, BACK), MONDAY));
    assertEquals(content.start(), Optional.of(MONDAY));
    assertEquals(content.end(), SATURDAY);
    assertEquals(
        sentence(ask(withPrice, facts(USUAL, REDUCED), MONDAY)),
        "withheld: COUNTDOWN Unknown[] of WITHIN");
    // before the reduction a dearer price lies ahead of nothing
    assertTrue(
        ask(withPrice, facts(USUAL, REDUCED), MONDAY.minusSeconds(1)) instanceof Verdict.Withheld);
  }

  /** Directive 2005/29/EC, Annex I, 7: a false statement that something is available briefly. */
  @Test
  public void aPriceThatStaysADayAfterItsCountdownIsDoubtedEvenThoughNothingShows() {
    Countdown sale = countdown(SALE, Map.of("about", "price"));
    Facts stays = facts(USUAL, REDUCED);
    Instant aDayLater = SATURDAY.plusSeconds(86_400);
    assertEquals(ask(sale, stays, aDayLater.minusMillis(1)).because().doubts(), List.of());
    Verdict later = ask(sale, stays, aDayLater);
    assertTrue(later instanceof Verdict.Withheld);
    assertEquals(later.because().doubts(), List.of(ClaimRisk.FALSE_URGENCY));
    assertEquals(ask(sale, facts(USUAL, REDUCED, BACK), aDayLater).because().doubts(), List.of());
    assertEquals(
        ask(sale, facts(USUAL, REDUCED, price("2026-12-05T23:59:59Z", "40.00")), aDayLater)
            .because()
            .doubts(),
        List.of());
    // where nothing was reduced nothing was counted down
    assertEquals(ask(sale, facts(USUAL), aDayLater).because().doubts(), List.of());
    // what is said of no price is not held against the price
    assertEquals(ask(countdown(SALE, Map.of()), stays, aDayLater).because().doubts(), List.of());
  }

  @Test
  public void aDeadlineThatStartsAgainWithNothingChangedIsDoubtedAtOnce() {
    var daily =
        new CountdownSchedule.Recurring(
            RecurrenceRule.daily(LocalDateTime.parse("2026-11-30T09:00")),
            new CalendarDuration(0, 12, 0));
    Countdown again = countdown(daily, Map.of("about", "price"));
    Facts stays = facts(USUAL, REDUCED);
    Instant first = Instant.parse("2026-11-30T10:00:00Z");
    assertEquals(ask(again, stays, first).because().doubts(), List.of());
    Verdict second = ask(again, stays, first.plusSeconds(86_400));
    assertTrue(second instanceof Verdict.Shown);
    assertEquals(second.because().doubts(), List.of(ClaimRisk.FALSE_URGENCY));
    var prices = new ArrayList<PriceChange>(List.of(USUAL, REDUCED));
    prices.add(price("2026-11-30T21:00:00Z", "40.00"));
    prices.add(price("2026-12-01T09:00:00Z", "30.00"));
    assertEquals(
        ask(again, facts(prices.toArray(PriceChange[]::new)), first.plusSeconds(86_400))
            .because()
            .doubts(),
        List.of());
  }

  @Test
  public void aCountdownThatRunsOnBeyondThePriceIsDoubted() {
    Countdown sale = countdown(SALE, Map.of("about", "price"));
    Facts early = facts(USUAL, REDUCED, price("2026-12-03T00:00:00Z", "40.00"));
    assertEquals(ask(sale, early, MONDAY).because().doubts(), List.of(ClaimRisk.PRICE_ENDS_BEFORE));
  }

  @Test
  public void onACardItIsSmallAndWithoutAChosenUnitAllAreShown() {
    var none =
        Map.of("show-days", "no", "show-hours", "no", "show-minutes", "no", "show-seconds", "no");
    Countdown.CountdownContent content =
        content(ask(countdown(SALE, none), facts(USUAL), MONDAY, PageKind.LISTING));
    assertTrue(content.isSmall());
    assertEquals(content.units(), new Countdown.Units(true, true, true, true));
  }

  @Test
  public void betweenTwoRepeatsTheNextIsNamed() {
    var fridays =
        new CountdownSchedule.WeeklyCutoff(Map.of(java.time.DayOfWeek.FRIDAY, LocalTime.of(14, 0)));
    Instant moment = LocalDate.of(2026, 11, 26).atTime(14, 20).atZone(LISBON).toInstant();
    assertEquals(
        content(ask(countdown(fridays, Map.of()), facts(USUAL), moment)).end(),
        Instant.parse("2026-11-27T14:00:00Z"));
    var daily =
        new CountdownSchedule.Recurring(
            RecurrenceRule.daily(LocalDateTime.parse("2026-11-20T09:00")),
            new CalendarDuration(0, 1, 0));
    assertEquals(
        sentence(ask(countdown(daily, Map.of()), facts(USUAL), moment)),
        "withheld: COUNTDOWN OUTSIDE of Period[from=2026-11-27T09:00:00Z, to=2026-11-27T10:00:00Z]");
  }
}
