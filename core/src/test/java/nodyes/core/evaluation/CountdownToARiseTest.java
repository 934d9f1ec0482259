package nodyes.core.evaluation;

import static nodyes.core.evaluation.Pots.ask;
import static nodyes.core.evaluation.Pots.facts;
import static nodyes.core.evaluation.Pots.variant;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import nodyes.core.common.NodId;
import nodyes.core.countdown.CountdownSchedule;
import nodyes.core.nod.Appearance;
import nodyes.core.nod.Countdown;
import nodyes.core.nod.NodOptions;
import nodyes.core.price.PriceChange;
import org.joda.money.Money;
import org.testng.annotations.Test;

/**
 * Input: €100 down to €80 on 20 November, to €60 on 1 December, back to €100 on 10 December. The
 * countdown of the €80 ran to 1 December and said 'then €60'. Without a chosen variant it took the
 * end from a variant that was not reduced at all.
 */
public class CountdownToARiseTest {
  private static final String NOW = "2026-11-26T14:00:00Z";
  private static final VariantFacts CUT_TWICE =
      variant(
          "CUT-TWICE",
          5L,
          "2026-06-01 100.00",
          "2026-11-20 80.00",
          "2026-12-01 60.00",
          "2026-12-10 100.00");

  private static Countdown withPrice() {
    return new Countdown(
        new NodId("c"), Pots.everywhere(), new CountdownSchedule.UntilPriceChange());
  }

  private static Countdown.CountdownContent content(Verdict verdict) {
    assertTrue(verdict instanceof Verdict.Shown, Pots.sentence(verdict));
    return (Countdown.CountdownContent) ((Verdict.Shown) verdict).content();
  }

  @Test
  public void aFurtherReductionIsNotItsEnd() {
    Countdown.CountdownContent content =
        content(ask(withPrice(), facts(CUT_TWICE), "CUT-TWICE", NOW));
    assertEquals(content.end(), Instant.parse("2026-12-10T00:00:00Z"));
    assertEquals(content.then(), Optional.of(Money.parse("EUR 100.00")));
  }

  @Test
  public void whatOnlyFallsFurtherHasNoCountdown() {
    Facts falls =
        facts(variant("A", 5L, "2026-06-01 100.00", "2026-11-20 80.00", "2026-12-01 60.00"));
    assertTrue(ask(withPrice(), falls, "A", NOW) instanceof Verdict.Withheld);
  }

  @Test
  public void theEndIsThatOfTheReducedVariantNotOfItsNeighbour() {
    VariantFacts dearerSoon = variant("OTHER", 5L, "2026-06-01 50.00", "2026-11-28 70.00");
    assertEquals(
        content(ask(withPrice(), facts(dearerSoon, CUT_TWICE), null, NOW)).end(),
        Instant.parse("2026-12-10T00:00:00Z"));
  }

  @Test
  public void whereReducedVariantsRiseAtDifferentTimesNothingIsSaidWithoutAChoice() {
    VariantFacts other =
        variant("OTHER", 5L, "2026-06-01 50.00", "2026-11-20 40.00", "2026-11-28 50.00");
    Facts two = facts(other, CUT_TWICE);
    assertTrue(ask(withPrice(), two, null, NOW) instanceof Verdict.Withheld);
    assertEquals(
        content(ask(withPrice(), two, "OTHER", NOW)).end(), Instant.parse("2026-11-28T00:00:00Z"));
  }

  /** One variant keeps its promise, the other stays as cheap: one kept promise hides no broken. */
  @Test
  public void eachVariantIsCheckedForFalseUrgencyByItself() {
    var sale =
        new Countdown(
            new NodId("c"),
            "",
            Pots.everywhere(),
            new CountdownSchedule.FixedEnd(
                Optional.empty(), LocalDateTime.parse("2026-12-05T00:00")),
            new NodOptions(Map.of("about", "price")),
            Appearance.DEFAULT);
    VariantFacts back =
        variant("BACK", 5L, "2026-06-01 50.00", "2026-11-20 40.00", "2026-12-05 50.00");
    VariantFacts stays = variant("STAYS", 5L, "2026-06-01 50.00", "2026-11-20 40.00");
    VariantFacts falls =
        variant("FALLS", 5L, "2026-06-01 50.00", "2026-11-20 40.00", "2026-12-05 30.00");
    String later = "2026-12-06T00:00:00Z";
    assertEquals(ask(sale, facts(back), null, later).because().doubts(), List.of());
    for (VariantFacts broken : List.of(stays, falls)) {
      assertEquals(
          ask(sale, facts(back, broken), null, later).because().doubts(),
          List.of(ClaimRisk.FALSE_URGENCY),
          broken.sku());
    }
  }

  /** Whatever the prices: what is counted down to is dearer than what is paid now. */
  @Test
  public void atTheEndEveryReducedVariantIsDearer() {
    var random = new SplittableRandom(37);
    int shown = 0;
    Instant now = Instant.parse(NOW);
    for (int i = 0; i < 5000; i++) {
      var variants = new ArrayList<VariantFacts>();
      for (int v = 0; v < 1 + random.nextInt(3); v++) {
        var prices = new ArrayList<String>();
        for (int k = 0; k < random.nextInt(6); k++) {
          prices.add(
              now.atZone(ZoneOffset.UTC).toLocalDate().plusDays(random.nextInt(60) - 45)
                  + " "
                  + (10 + random.nextInt(5))
                  + ".00");
        }
        variants.add(variant("V" + v, random.nextLong(3), prices.toArray(String[]::new)));
      }
      Facts facts = facts(variants.toArray(VariantFacts[]::new));
      if (ask(withPrice(), facts, null, NOW) instanceof Verdict.Shown(var content, _, _)
          && content instanceof Countdown.CountdownContent counted) {
        shown++;
        for (VariantFacts variant : variants) {
          boolean isTold =
              variant.canBeBought()
                  && variant
                      .history()
                      .dropAt(now, 30, nodyes.core.price.PriceHistory.Steps.LATEST, Pots.LISBON)
                      .isPresent();
          if (isTold) {
            Money paid = variant.history().at(now).orElseThrow();
            assertTrue(
                variant.history().at(counted.end()).orElseThrow().isGreaterThan(paid),
                variants.toString());
            assertTrue(
                variant.history().changes().stream()
                    .filter(change -> change.from().isAfter(now))
                    .filter(change -> change.from().isBefore(counted.end()))
                    .map(PriceChange::price)
                    .noneMatch(paid::isLessThan),
                variants.toString());
          }
        }
      }
    }
    assertTrue(shown > 150, "too few countdowns: " + shown);
  }
}
