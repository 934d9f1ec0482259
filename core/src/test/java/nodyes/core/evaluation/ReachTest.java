package nodyes.core.evaluation;

import static org.testng.Assert.assertEquals;

import java.time.Instant;
import java.time.ZoneId;
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
import nodyes.core.nod.Nod;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Placement;
import nodyes.core.nod.Spot;
import nodyes.core.nod.StarLine;
import nodyes.core.nod.Viewpoint;
import nodyes.core.rating.Histogram;
import nodyes.core.rating.Rating;
import nodyes.core.rating.RatingSummary;
import nodyes.core.targeting.Condition;
import org.joda.money.Money;
import org.testng.annotations.Test;

public class ReachTest {
  private static Nod stars(Condition... parts) {
    return new StarLine(
        new NodId("stars"),
        new Placement(
            new Spot("under-title"),
            EnumSet.of(PageKind.PRODUCT),
            new Condition.AllOf(List.of(parts)),
            false));
  }

  private static Reach reach(Nod nod, long... reviews) {
    var products = new LinkedHashMap<Slug, ProductFacts>();
    for (int i = 0; i < reviews.length; i++) {
      Slug slug = new Slug("pot-" + i);
      products.put(slug, product(slug, reviews[i]));
    }
    var anyone =
        new Viewpoint(
            PageKind.PRODUCT,
            List.of(),
            Optional.empty(),
            Optional.empty(),
            Locale.ENGLISH,
            Optional.empty(),
            Instant.parse("2026-11-26T12:00:00Z"));
    return Reach.of(nod, new Facts(ZoneId.of("Europe/Lisbon"), products), anyone);
  }

  private static ProductFacts product(Slug slug, long reviews) {
    return new ProductFacts(
        new ProductId(1),
        slug,
        slug.value(),
        Set.of(),
        Set.of(),
        Map.of(slug.value() + "-s", Money.parse("EUR 9.00")),
        ReviewFacts.of(
            new RatingSummary(
                reviews * 4 * Rating.PER_STAR, new Histogram(List.of(0L, 0L, 0L, reviews, 0L))),
            0));
  }

  @Test
  public void whoFitsIsCountedWithTheirVariantsThoughTheNodIsOff() {
    Reach reach = reach(stars(), 3, 0, 7);
    assertEquals(reach.products(), List.of(new Slug("pot-0"), new Slug("pot-2")));
    assertEquals(reach.variants(), 2);
    assertEquals(reach.of(), 3);
  }

  @Test
  public void whoMissesByOneFindingIsNamedTheNearestFirst() {
    Reach reach = reach(stars(new Condition.ReviewsAtLeast(10)), 2, 9, 12);
    assertEquals(
        reach.misses().stream().map(miss -> miss.product().value()).toList(),
        List.of("pot-1", "pot-0"));
    assertEquals(reach.misses().getFirst().by().met(), false);
  }

  @Test
  public void whoMissesByTwoIsNotNear() {
    Reach reach =
        reach(
            stars(new Condition.ReviewsAtLeast(10), new Condition.HasTag(Set.of("no-such-tag"))),
            2);
    assertEquals(reach.misses(), List.of());
    assertEquals(reach.products(), List.of());
  }

  @Test
  public void whatAnotherMakesUpForIsNoMiss() {
    Reach reach =
        reach(
            stars(
                new Condition.AnyOf(
                    List.of(new Condition.HasTag(Set.of("none")), new Condition.ReviewsAtLeast(1))),
                new Condition.ReviewsAtLeast(10)),
            9);
    assertEquals(reach.misses().size(), 1);
  }

  @Test
  public void eachConditionIsCountedAloneInsideGroupsToo() {
    Reach reach =
        reach(
            stars(
                new Condition.ReviewsAtLeast(5),
                new Condition.AnyOf(
                    List.of(
                        new Condition.ReviewsAtLeast(10), new Condition.HasTag(Set.of("none"))))),
            2,
            7,
            12);
    assertEquals(reach.alone(), Map.of("1", 2, "2", 1, "2.1", 1, "2.2", 0));
  }
}
