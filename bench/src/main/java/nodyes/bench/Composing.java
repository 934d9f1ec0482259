package nodyes.bench;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import nodyes.core.common.NodId;
import nodyes.core.common.ProductId;
import nodyes.core.common.Slug;
import nodyes.core.evaluation.Facts;
import nodyes.core.evaluation.Page;
import nodyes.core.evaluation.ProductFacts;
import nodyes.core.evaluation.ReviewFacts;
import nodyes.core.nod.Nod;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Placement;
import nodyes.core.nod.ReviewWall;
import nodyes.core.nod.Spot;
import nodyes.core.nod.StarLine;
import nodyes.core.nod.Viewpoint;
import nodyes.core.rating.Histogram;
import nodyes.core.rating.Rating;
import nodyes.core.rating.RatingSummary;
import nodyes.core.targeting.Condition;
import org.joda.money.Money;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;

/** Composing a product page of twelve nods, each with conditions, from facts that are loaded. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class Composing {
  private static final Slug POT = new Slug("pot");

  private final List<Nod> nods = twelve();
  private final Facts facts =
      new Facts(
          ZoneId.of("Europe/Lisbon"),
          Map.of(
              POT,
              new ProductFacts(
                  new ProductId(1),
                  POT,
                  "Pot",
                  Set.of("planters"),
                  Set.of("heavy"),
                  Map.of("pot-s", Money.parse("EUR 19.00"), "pot-l", Money.parse("EUR 36.00")),
                  ReviewFacts.of(
                      new RatingSummary(
                          210L * 4 * Rating.PER_STAR, new Histogram(List.of(0L, 0L, 0L, 210L, 0L))),
                      150))));
  private final Viewpoint viewpoint =
      new Viewpoint(
          PageKind.PRODUCT,
          List.of(POT),
          Optional.of("pot-s"),
          Optional.of("PT"),
          Locale.ENGLISH,
          Optional.empty(),
          Instant.parse("2026-11-26T14:20:00Z"));

  private static List<Nod> twelve() {
    var audience =
        new Condition.AllOf(
            List.of(
                new Condition.RatingAtLeast(new BigDecimal("3.5"), 5),
                new Condition.InCategory(Set.of("planters", "seeds")),
                new Condition.AnyOf(
                    List.of(
                        new Condition.CountryIn(Set.of("PT", "ES")),
                        new Condition.HasTag(Set.of("light"))))));
    var nods = new ArrayList<Nod>();
    for (int i = 0; i < 12; i++) {
      var placement =
          new Placement(
              Spot.STANDARD.get(i % Spot.STANDARD.size()),
              EnumSet.of(PageKind.PRODUCT),
              audience,
              true);
      NodId id = new NodId("nod-" + i);
      nods.add(i % 2 == 0 ? new StarLine(id, placement) : new ReviewWall(id, placement, 6));
    }
    return List.copyOf(nods);
  }

  /** One page. */
  @Benchmark
  public Page compose() {
    return Page.compose(nods, facts, viewpoint);
  }

  static List<String> measure() {
    var report = new ArrayList<>(List.of("", "## Composing a page", ""));
    report.addAll(
        JmhRunner.times(
            Composing.class,
            Map.of("compose", "A product page of 12 nods with conditions in a group")));
    return report;
  }
}
