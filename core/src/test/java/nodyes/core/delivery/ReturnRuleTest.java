package nodyes.core.delivery;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nodyes.core.common.Unfit;
import nodyes.core.common.ValidUntil;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class ReturnRuleTest {
  private static final ZoneId LISBON = ZoneId.of("Europe/Lisbon");
  private static final LocalDate IN_ADVENT = LocalDate.parse("2026-12-10");
  private static final Season ADVENT =
      new Season(LocalDate.parse("2026-11-01"), LocalDate.parse("2026-12-24"));
  private static final ShippableItem POT =
      new ShippableItem(
          "pot",
          Set.of("pots", "home"),
          Set.of("fragile"),
          Optional.empty(),
          false,
          Optional.empty());

  private static LocalDate day(String text) {
    return LocalDate.parse(text);
  }

  private static ReturnRule rule(String id, RuleScope scope, int days) {
    return ReturnRule.always(id, scope, days);
  }

  /**
   * Fourteen days from the day of possession: Directive 2011/83/EU, Article 9(1) and (2)(b); that
   * day is not counted: Regulation (EEC, Euratom) No 1182/71, Article 3(1). The days are counted by
   * hand from a calendar.
   */
  @DataProvider
  Object[][] fourteenDays() {
    return new Object[][] {
      {"2026-12-22", "2027-01-05"},
      {"2026-03-01", "2026-03-15"},
      {"2028-02-20", "2028-03-05"}, // a leap year
      {"2027-02-20", "2027-03-06"},
    };
  }

  @Test(dataProvider = "fourteenDays")
  public void theDayOfArrivalIsNotCounted(String arrives, String last) {
    assertEquals(
        rule("shop", new RuleScope.Shop(), 14).lastDay(day(arrives)), Optional.of(day(last)));
  }

  @Test
  public void aFixedDayLengthensAndNeverShortens() {
    var rule =
        new ReturnRule(
            "christmas",
            new RuleScope.Shop(),
            Optional.empty(),
            true,
            Optional.of(ADVENT),
            14,
            Optional.of(day("2027-01-31")));
    assertEquals(rule.lastDay(day("2026-12-01")), Optional.of(day("2027-01-31")));
    assertEquals(rule.lastDay(day("2027-01-25")), Optional.of(day("2027-02-08")));
  }

  @Test
  public void zeroDaysMeanThatItIsNotTakenBack() {
    assertEquals(rule("shop", new RuleScope.Shop(), 0).lastDay(IN_ADVENT), Optional.empty());
    assertEquals(
        expectThrows(Unfit.class, () -> rule("shop", new RuleScope.Shop(), -1)).said().key(),
        "delivery.returnDays");
    assertEquals(
        expectThrows(Unfit.class, () -> rule("shop", new RuleScope.Shop(), 732)).said().key(),
        "delivery.returnDays");
    assertEquals(
        expectThrows(
                Unfit.class,
                () ->
                    new ReturnRule(
                        "none",
                        new RuleScope.Shop(),
                        Optional.empty(),
                        true,
                        Optional.empty(),
                        0,
                        Optional.of(IN_ADVENT)))
            .said()
            .key(),
        "delivery.returnDayWithoutDays");
  }

  private static ReturnRule of(
      String id, RuleScope scope, @Nullable String country, @Nullable Season season, boolean on) {
    return new ReturnRule(
        id,
        scope,
        Optional.ofNullable(country),
        on,
        Optional.ofNullable(season),
        30,
        Optional.empty());
  }

  /** From the widest to the narrowest: each beats all before it. */
  private static final List<ReturnRule> NARROWER_AND_NARROWER =
      List.of(
          of("shop", new RuleScope.Shop(), null, null, true),
          of("shop-in-advent", new RuleScope.Shop(), null, ADVENT, true),
          of("shop-to-de", new RuleScope.Shop(), "DE", null, true),
          of("shop-to-de-in-advent", new RuleScope.Shop(), "DE", ADVENT, true),
          of("pots", new RuleScope.Category("pots"), null, null, true),
          of("pots-to-de", new RuleScope.Category("pots"), "DE", null, true),
          of("fragile", new RuleScope.Tag("fragile"), null, null, true),
          of("pot", new RuleScope.Product("pot"), null, null, true));

  @Test
  public void theNarrowestRuleApplies() {
    for (int i = 0; i < NARROWER_AND_NARROWER.size(); i++) {
      List<ReturnRule> some = NARROWER_AND_NARROWER.subList(0, i + 1);
      for (List<ReturnRule> order : List.of(some, some.reversed())) {
        assertEquals(
            DeliverySettings.NONE
                .returned(order)
                .returnsOf(POT, "DE", IN_ADVENT)
                .map(ReturnRule::id),
            Optional.of(some.getLast().id()));
      }
    }
  }

  @Test
  public void othersCountriesDaysAndWhatIsOffDoNotApply() {
    DeliverySettings settings = DeliverySettings.NONE.returned(NARROWER_AND_NARROWER.subList(0, 4));
    assertEquals(id(settings, "DE", day("2027-01-02")), Optional.of("shop-to-de"));
    assertEquals(id(settings, "PT", IN_ADVENT), Optional.of("shop-in-advent"));
    assertEquals(id(settings, "PT", day("2027-01-02")), Optional.of("shop"));
    DeliverySettings off =
        DeliverySettings.NONE.returned(List.of(of("off", new RuleScope.Shop(), null, null, false)));
    assertEquals(id(off, "PT", IN_ADVENT), Optional.empty());
    assertEquals(id(DeliverySettings.NONE, "PT", IN_ADVENT), Optional.empty());
  }

  private static Optional<String> id(DeliverySettings settings, String country, LocalDate day) {
    return settings.returnsOf(POT, country, day).map(ReturnRule::id);
  }

  @Test
  public void ofTwoThatAreAsNarrowTheUpperApplies() {
    DeliverySettings settings =
        DeliverySettings.NONE.returned(
            List.of(
                rule("upper", new RuleScope.Tag("fragile"), 7),
                rule("lower", new RuleScope.Tag("fragile"), 60)));
    assertEquals(id(settings, "PT", IN_ADVENT), Optional.of("upper"));
  }

  @Test
  public void itHoldsUntilTheNextMidnightAtWhichASeasonChanges() {
    DeliverySettings settings = DeliverySettings.NONE.returned(NARROWER_AND_NARROWER.subList(0, 2));
    assertEquals(
        settings.returnsHoldOn(IN_ADVENT, LISBON),
        ValidUntil.before(Instant.parse("2026-12-25T00:00:00Z")));
    assertEquals(
        settings.returnsHoldOn(day("2026-10-01"), LISBON),
        ValidUntil.before(Instant.parse("2026-11-01T00:00:00Z")));
    assertEquals(settings.returnsHoldOn(day("2027-01-01"), LISBON), ValidUntil.NEVER_ENDS);
  }
}
