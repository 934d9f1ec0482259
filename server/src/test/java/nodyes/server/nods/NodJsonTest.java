package nodyes.server.nods;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalTime;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.common.NodId;
import nodyes.core.nod.Appearance;
import nodyes.core.nod.Label;
import nodyes.core.nod.Nod;
import nodyes.core.nod.NodOptions;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Placement;
import nodyes.core.nod.ReviewWall;
import nodyes.core.nod.ShopPromise;
import nodyes.core.nod.Spot;
import nodyes.core.nod.StarLine;
import nodyes.core.nod.TrustBadges;
import nodyes.core.targeting.Condition;
import nodyes.core.targeting.ProductCondition;
import org.joda.money.Money;
import org.testng.annotations.Test;

public class NodJsonTest {
  private final NodJson json = new NodJson();

  /** A kind of condition that is missing here would be missing in the stored settings too. */
  private static final List<Condition> EVERY_CONDITION =
      List.of(
          Condition.everyone(),
          new Condition.AnyOf(List.of(new Condition.ReviewsAtLeast(3))),
          new Condition.ReviewsAtLeast(5),
          new Condition.RatingAtLeast(new BigDecimal("4.2"), 10),
          new Condition.InCategory(Set.of("planters")),
          new Condition.HasTag(Set.of("heavy")),
          new Condition.PriceBetween(Optional.of(Money.parse("EUR 10.00")), Optional.empty()),
          new Condition.CountryIn(Set.of("PT")),
          new Condition.LanguageIn(Set.of("en")),
          new Condition.Between(
              Optional.empty(), Optional.of(Instant.parse("2026-11-28T00:00:00Z"))),
          new Condition.Daily(
              LocalTime.of(8, 30), LocalTime.of(18, 0), EnumSet.of(DayOfWeek.MONDAY)),
          new ProductCondition.ProductIn(Set.of("slate-pot")),
          new ProductCondition.BrandIn(Set.of("Quillwort")),
          new ProductCondition.HasPicture(),
          new ProductCondition.PercentOffBetween(Optional.of(20), Optional.empty()),
          new ProductCondition.StockBetween(Optional.empty(), Optional.of(3L)),
          new ProductCondition.SoldAtLeast(10, 30),
          new ProductCondition.RankAtMost(5, 30, false),
          new ProductCondition.PublishedWithin(30));

  @Test
  public void everyConditionAndKindComesBackAsItWas() {
    assertEquals(
        EVERY_CONDITION.stream().map(Object::getClass).distinct().count(),
        Condition.class.getPermittedSubclasses().length
            - 1
            + ProductCondition.class.getPermittedSubclasses().length);
    for (Condition condition : EVERY_CONDITION) {
      var placement =
          new Placement(new Spot("page-end"), EnumSet.of(PageKind.PRODUCT), condition, true);
      for (Nod nod :
          List.of(
              new StarLine(new NodId("a"), placement),
              new ReviewWall(new NodId("b"), placement, 8),
              new Label(new NodId("c"), Label.LabelType.BESTSELLER, placement),
              new TrustBadges(
                  new NodId("d"),
                  placement,
                  List.of(
                      new ShopPromise(
                          ShopPromise.About.RETURNS,
                          "back",
                          "/returns",
                          Set.of("PT"),
                          Map.of("en", new ShopPromise.Said("Sent back free", "60 days")))),
                  NodOptions.USUAL,
                  Appearance.DEFAULT))) {
        assertEquals(json.read(json.write(nod)), nod);
      }
    }
  }

  @Test
  public void theKindIsWrittenByItsWireName() {
    var placement =
        new Placement(
            new Spot("page-end"), EnumSet.of(PageKind.PRODUCT), Condition.everyone(), true);
    String written = json.write(new StarLine(new NodId("a"), placement));
    assertTrue(written.contains("\"kind\":\"star-line\""), written);
    assertTrue(written.contains("\"rule\":\"all-of\""), written);
  }
}
