package nodyes.core.evaluation;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.TreeMap;
import nodyes.core.common.NodId;
import nodyes.core.common.ProductId;
import nodyes.core.common.Slug;
import nodyes.core.nod.Appearance;
import nodyes.core.nod.Label;
import nodyes.core.nod.Nod;
import nodyes.core.nod.NodOptions;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Placement;
import nodyes.core.nod.Spot;
import nodyes.core.nod.StarLine;
import nodyes.core.nod.Viewpoint;
import nodyes.core.rating.Rating;
import nodyes.core.rating.RatingSummary;
import nodyes.core.targeting.Condition;
import org.testng.annotations.Test;

public class UpcomingChangesTest {
  private static final Instant NOW = Instant.parse("2026-11-26T14:20:00Z");
  private static final Slug POT = new Slug("slate-pot");
  private static final Slug CAN = new Slug("copper-can");
  private static final Facts FACTS = facts(POT, CAN);

  private static Facts facts(Slug... slugs) {
    var products = new LinkedHashMap<Slug, ProductFacts>();
    for (Slug slug : slugs) {
      products.put(
          slug,
          new ProductFacts(
              new ProductId(products.size() + 1),
              slug,
              slug.value(),
              Set.of(slug.value()),
              Set.of(),
              Map.of(),
              ReviewFacts.of(RatingSummary.of(List.of(Rating.ofStars(5))), 0)));
    }
    return new Facts(ZoneId.of("Europe/Lisbon"), products);
  }

  private static Nod stars(String id, Condition audience) {
    return new StarLine(
        new NodId(id),
        new Placement(new Spot("under-title"), EnumSet.of(PageKind.PRODUCT), audience, true));
  }

  private static Condition between(Instant from, Instant to) {
    return new Condition.Between(Optional.of(from), Optional.of(to));
  }

  @Test
  public void whatTimeDoesNotChangeIsNotAhead() {
    var ahead = UpcomingChanges.of(List.of(stars("a", Condition.everyone())), FACTS, NOW, 6);
    assertEquals(ahead, new UpcomingChanges(List.of(), false));
  }

  @Test
  public void whatCoincidesIsOneMomentWithAllItsProducts() {
    Instant noon = Instant.parse("2026-11-27T12:00:00Z");
    Nod goes = stars("goes", between(NOW.minusSeconds(60), noon));
    Nod comes =
        stars(
            "comes",
            new Condition.AllOf(
                List.of(
                    new Condition.InCategory(Set.of("copper-can")),
                    between(noon, noon.plusSeconds(60)))));
    Nod always = stars("off", between(NOW.minusSeconds(60), noon));
    Nod off = always.placed(always.placement().switched(false));
    var ahead = UpcomingChanges.of(List.of(goes, comes, off), FACTS, NOW, 6);
    assertEquals(
        ahead.moments(),
        List.of(
            new UpcomingChanges.Moment(
                noon,
                List.of(
                    new UpcomingChanges.Change(goes.id(), PageChanges.What.GOES, List.of(POT, CAN)),
                    new UpcomingChanges.Change(
                        comes.id(), PageChanges.What.APPEARS, List.of(CAN)))),
            new UpcomingChanges.Moment(
                noon.plusSeconds(60),
                List.of(
                    new UpcomingChanges.Change(comes.id(), PageChanges.What.GOES, List.of(CAN))))));
    assertFalse(ahead.isCut());
    assertTrue(UpcomingChanges.of(List.of(goes, comes), FACTS, NOW, 1).isCut());
  }

  /** One label to a picture: when the first goes, the second takes its place. */
  @Test
  public void aLabelThatIsCrowdedOutShowsWhenTheOtherGoes() {
    Instant noon = Instant.parse("2026-11-27T12:00:00Z");
    Nod first = label("first", between(NOW.minusSeconds(60), noon), PageKind.PRODUCT);
    Nod second = label("second", Condition.everyone(), PageKind.PRODUCT, PageKind.LISTING);
    Nod elsewhere = label("elsewhere", Condition.everyone(), PageKind.LISTING);
    var ahead = UpcomingChanges.of(List.of(first, second, elsewhere), FACTS, NOW, 6);
    assertEquals(
        ahead.moments(),
        List.of(
            new UpcomingChanges.Moment(
                noon,
                List.of(
                    new UpcomingChanges.Change(
                        first.id(), PageChanges.What.GOES, List.of(POT, CAN)),
                    new UpcomingChanges.Change(
                        second.id(), PageChanges.What.APPEARS, List.of(POT, CAN))))));
  }

  private static Nod label(String id, Condition audience, PageKind... pages) {
    return new Label(
        new NodId(id),
        Label.LabelType.OWN_WORDS,
        new Placement(new Spot("on-picture"), EnumSet.copyOf(List.of(pages)), audience, true),
        new NodOptions(Map.of("on-picture", "1")),
        Appearance.DEFAULT);
  }

  @Test
  public void whatLiesBeyondTheSpanIsNotTold() {
    Instant late = NOW.plus(UpcomingChanges.SPAN).plusSeconds(1);
    var ahead = UpcomingChanges.of(List.of(stars("a", between(NOW, late))), FACTS, NOW, 6);
    assertEquals(ahead, new UpcomingChanges(List.of(), false));
  }

  /** What is told over all products at once is what the page of each tells. */
  @Test
  public void itAgreesWithEachProductsPage() {
    var random = new SplittableRandom(5);
    for (int round = 0; round < 200; round++) {
      var nods = new ArrayList<Nod>();
      for (int i = 0; i < 3; i++) {
        Instant from = NOW.plusSeconds(3600L * (random.nextInt(40) - 10));
        Condition when = between(from, from.plusSeconds(3600L * (1 + random.nextInt(30))));
        nods.add(
            stars(
                "nod-" + i,
                random.nextBoolean()
                    ? when
                    : new Condition.AllOf(
                        List.of(new Condition.InCategory(Set.of(CAN.value())), when))));
      }
      var expected = new TreeMap<Instant, Set<String>>();
      for (Slug slug : List.of(POT, CAN)) {
        Viewpoint look = Viewpoint.anyone(PageKind.PRODUCT, slug, NOW);
        for (PageChanges.Moment moment : PageChanges.of(nods, FACTS, look).moments()) {
          moment
              .changes()
              .forEach(one -> note(expected, moment.instant(), one.nod(), one.what(), slug));
        }
      }
      var actual = new TreeMap<Instant, Set<String>>();
      for (UpcomingChanges.Moment moment : UpcomingChanges.of(nods, FACTS, NOW, 50).moments()) {
        for (UpcomingChanges.Change one : moment.changes()) {
          one.products()
              .forEach(slug -> note(actual, moment.instant(), one.nod(), one.what(), slug));
        }
      }
      assertEquals(actual, expected);
      assertTrue(actual.keySet().stream().allMatch(at -> within(at)));
    }
  }

  private static void note(
      Map<Instant, Set<String>> all, Instant at, NodId nod, PageChanges.What what, Slug slug) {
    all.computeIfAbsent(at, _ -> new java.util.TreeSet<>())
        .add(nod.value() + " " + what + " " + slug.value());
  }

  private static boolean within(Instant at) {
    return at.isAfter(NOW) && Duration.between(NOW, at).compareTo(UpcomingChanges.SPAN) <= 0;
  }
}
