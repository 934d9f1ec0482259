package nodyes.core.evaluation;

import static nodyes.core.evaluation.Pots.ask;
import static nodyes.core.evaluation.Pots.facts;
import static nodyes.core.evaluation.Pots.sentence;
import static nodyes.core.evaluation.Pots.variant;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.NodId;
import nodyes.core.nod.Appearance;
import nodyes.core.nod.Label;
import nodyes.core.nod.NodOptions;
import nodyes.core.nod.TextValue;
import nodyes.core.price.PriceDrop;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Input: one size at 20% off, another at 60% off and sold out: the card said 'up to 60%'. A cut of
 * January was told in November. €99.95 under €100 'was no lower'.
 */
public class PriceDropsThatMisleadTest {
  private static final String NOW = "2026-11-26T14:00:00Z";

  private static Label drop(Map<String, String> options) {
    return new Label(
        new NodId("drop"),
        Label.LabelType.PRICE_DROP,
        Pots.everywhere(),
        new NodOptions(options),
        Appearance.DEFAULT);
  }

  private static Label.LabelContent content(Verdict verdict) {
    assertTrue(verdict instanceof Verdict.Shown, sentence(verdict));
    return (Label.LabelContent) ((Verdict.Shown) verdict).content();
  }

  private static VariantFacts off(String sku, @Nullable Long stock, String price) {
    return variant(sku, stock, "2026-06-01 100.00", "2026-11-20 " + price);
  }

  @Test
  public void whatIsSoldOutMakesNoGreaterDrop() {
    Label.LabelContent two =
        content(
            ask(drop(Map.of()), facts(off("A", 3L, "80.00"), off("B", 0L, "40.00")), null, NOW));
    assertEquals(two.word(), "off", "all that can be bought has the same");
    assertEquals(two.known().get(TextValue.Name.PERCENT_OFF), new TextValue.Percent(20));
    Label.LabelContent three =
        content(
            ask(
                drop(Map.of()),
                facts(off("A", 3L, "80.00"), off("B", 0L, "40.00"), off("C", null, "70.00")),
                null,
                NOW));
    assertEquals(three.word(), "upTo");
    assertEquals(three.known().get(TextValue.Name.PERCENT_OFF), new TextValue.Percent(30));
    Verdict none = ask(drop(Map.of()), facts(off("A", 0L, "80.00")), null, NOW);
    assertEquals(
        sentence(none),
        "withheld: DISCOUNT NoDiscount[why=SOLD_OUT, began=-] of PercentRange[min=1, max=-]");
  }

  @Test
  public void aCutOfLongAgoIsNoDropAnyMore() {
    Facts facts = facts(variant("A", 3L, "2026-06-01 100.00", "2026-11-20 80.00"));
    Verdict last = ask(drop(Map.of()), facts, "A", "2027-02-17T23:59:59.999Z");
    assertEquals(
        last.validUntil().end(), Optional.of(Instant.parse("2027-02-18T00:00:00Z")), "90 days on");
    content(last);
    Verdict over = ask(drop(Map.of()), facts, "A", "2027-02-18T00:00:00Z");
    assertEquals(
        sentence(over),
        "withheld: DISCOUNT NoDiscount[why=LONG_AGO, began=2026-11-20] of PercentRange[min=1, max=-]");
    content(ask(drop(Map.of("days-told", "91")), facts, "A", "2027-02-18T00:00:00Z"));
    assertTrue(
        ask(drop(Map.of("days-told", "7")), facts, "A", "2026-11-27T00:00:00Z")
            instanceof Verdict.Withheld);
  }

  @Test
  public void underOnePercentIsSaidToBeLess() {
    Verdict slight = ask(drop(Map.of()), facts(off("A", 3L, "99.95")), "A", NOW);
    assertEquals(
        sentence(slight),
        "withheld: DISCOUNT NoDiscount[why=UNDER_ONE_PERCENT, began=-] of PercentRange[min=1, max=-]");
  }

  /** Price, prior price, and the whole percent at most. */
  @DataProvider
  Object[][] percents() {
    return new Object[][] {
      {"0.01", "100.00", 99},
      {"0.40", "100.00", 99},
      {"25.00", "40.00", 37},
      {"66.67", "100.00", 33},
      {"66.66", "100.00", 33},
      {"50.01", "100.00", 49},
      {"99.01", "100.00", 0},
      {"0.00", "100.00", 100},
    };
  }

  @Test(dataProvider = "percents")
  public void aPercentageIsNeverMoreThanItIs(String price, String prior, int percent) {
    assertEquals(
        PriceDrop.of(
                Money.parse("EUR " + price),
                Money.parse("EUR " + prior),
                new PriceDrop.OwnersReference())
            .orElseThrow()
            .percent(),
        percent);
  }
}
