package nodyes.core.evaluation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.Slug;
import nodyes.core.nod.Nod;
import nodyes.core.nod.Viewpoint;
import nodyes.core.targeting.Condition;
import nodyes.core.targeting.FactValue;
import nodyes.core.targeting.Finding;
import nodyes.core.targeting.ProductCondition;

/**
 * How far a nod reaches over the catalogue, for one shopper at one moment.
 *
 * @param products that it shows for, in the shop's order
 * @param variants how many of their variants
 * @param of all products
 * @param misses products that miss by one finding alone, nearest first
 * @param alone how many products meet each condition by itself, by its place: {@code 1}, {@code
 *     2.1}
 */
public record Reach(
    List<Slug> products, int variants, int of, List<Miss> misses, Map<String, Integer> alone) {
  private static final int MOST_MISSES = 8;

  /** A product that just misses, and what it misses by. */
  public record Miss(Slug product, Finding by) {}

  /**
   * Asks for every product.
   *
   * @param nod what the owner set; whether it is on does not matter
   * @param facts all products
   * @param viewpoint the shopper, the page and the moment; its products do not matter
   */
  public static Reach of(Nod nod, Facts facts, Viewpoint viewpoint) {
    Nod on = nod.placed(nod.placement().switched(true));
    var shown = new ArrayList<Slug>();
    var misses = new ArrayList<Miss>();
    int variants = 0;
    for (Map.Entry<Slug, ProductFacts> entry : facts.products().entrySet()) {
      Slug product = entry.getKey();
      Verdict verdict = NodEvaluator.of(on, product, facts, viewpoint.choosing(Optional.empty()));
      int showing = showing(on, product, facts, viewpoint, verdict);
      variants += showing;
      if (verdict instanceof Verdict.Shown) {
        shown.add(product);
      } else if (showing > 0) {
        shown.add(product);
      } else {
        List<Finding> missing = verdict.because().missing();
        if (missing.stream().distinct().count() == 1) {
          misses.add(new Miss(product, missing.getFirst()));
        }
      }
    }
    misses.sort(Comparator.comparingDouble(miss -> distance(miss.by())));
    return new Reach(
        List.copyOf(shown),
        variants,
        facts.products().size(),
        List.copyOf(misses.subList(0, Math.min(MOST_MISSES, misses.size()))),
        alone(nod.placement().audience(), facts, viewpoint));
  }

  /** How many of its variants; the only one of a product is asked for already. */
  private static int showing(
      Nod on, Slug product, Facts facts, Viewpoint viewpoint, Verdict verdict) {
    ProductFacts known = facts.products().get(product);
    if (known == null || known.variants().size() == 1) {
      return verdict instanceof Verdict.Shown ? 1 : 0;
    }
    int showing = 0;
    for (String sku : known.variants().keySet()) {
      showing += shows(on, product, facts, viewpoint.choosing(Optional.of(sku))) ? 1 : 0;
    }
    return showing;
  }

  private static boolean shows(Nod nod, Slug product, Facts facts, Viewpoint viewpoint) {
    return NodEvaluator.of(nod, product, facts, viewpoint) instanceof Verdict.Shown;
  }

  /**
   * How far a figure lies from what was wanted, as a share of it; names lie farther than figures.
   */
  private static double distance(Finding finding) {
    double far =
        switch (finding.actual()) {
          case FactValue.Count have -> far(have.value(), finding.required());
          case FactValue.Percent have -> far(have.value(), finding.required());
          case FactValue.NoDiscount _ -> far(0, finding.required());
          case FactValue.Discount have -> far(have.percent(), finding.required());
          case FactValue.UnitsSold have -> far(have.units(), finding.required());
          case FactValue.RankInGroup have -> far(have.rank().rank(), finding.required());
          case FactValue.Stars have ->
              finding.required() instanceof FactValue.Stars want
                  ? Math.abs(want.value().doubleValue() - have.value().doubleValue()) / 5
                  : -1;
          case FactValue.Unknown _,
              FactValue.Visitors _,
              FactValue.EstimatedDelivery _,
              FactValue.NoEstimate _,
              FactValue.ReturnsUntil _,
              FactValue.NoReturns _,
              FactValue.CountRange _,
              FactValue.PercentRange _,
              FactValue.TopN _,
              FactValue.Day _,
              FactValue.MaxAgeDays _,
              FactValue.Amount _,
              FactValue.NameList _,
              FactValue.AmountRange _,
              FactValue.Period _,
              FactValue.DailyTimes _,
              FactValue.Phase _,
              FactValue.Switch _ ->
              -1;
        };
    if (far >= 0) {
      return far;
    }
    return finding.status() == Finding.Status.UNKNOWN ? 3 : 2;
  }

  /** As a share of the bound that is missed; -1 where it is measured by something else. */
  private static double far(long have, FactValue wanted) {
    long bound =
        switch (wanted) {
          case FactValue.Count want -> want.value();
          case FactValue.UnitsSold want -> want.units();
          case FactValue.TopN want -> want.places();
          case FactValue.CountRange want -> bound(have, want.min(), want.max());
          case FactValue.PercentRange want ->
              bound(have, want.min().map(Long::valueOf), want.max().map(Long::valueOf));
          case FactValue.Unknown _,
              FactValue.Visitors _,
              FactValue.EstimatedDelivery _,
              FactValue.NoEstimate _,
              FactValue.ReturnsUntil _,
              FactValue.NoReturns _,
              FactValue.Discount _,
              FactValue.NoDiscount _,
              FactValue.Percent _,
              FactValue.RankInGroup _,
              FactValue.Day _,
              FactValue.MaxAgeDays _,
              FactValue.Stars _,
              FactValue.Amount _,
              FactValue.NameList _,
              FactValue.AmountRange _,
              FactValue.Period _,
              FactValue.DailyTimes _,
              FactValue.Phase _,
              FactValue.Switch _ ->
              -1;
        };
    return bound < 0 ? -1 : Math.abs((double) bound - have) / Math.max(1.0, (double) bound);
  }

  private static long bound(long have, Optional<Long> least, Optional<Long> most) {
    return least.filter(bound -> have < bound).or(() -> most).orElse(have);
  }

  private static Map<String, Integer> alone(Condition condition, Facts facts, Viewpoint viewpoint) {
    var counts = new LinkedHashMap<String, Integer>();
    List<Condition> parts = parts(condition);
    for (int i = 0; i < parts.size(); i++) {
      Condition part = parts.get(i);
      String place = String.valueOf(i + 1);
      counts.put(place, meeting(part, facts, viewpoint));
      List<Condition> inner = parts(part);
      for (int k = 0; k < inner.size(); k++) {
        counts.put(place + "." + (k + 1), meeting(inner.get(k), facts, viewpoint));
      }
    }
    return counts;
  }

  private static List<Condition> parts(Condition condition) {
    return switch (condition) {
      case Condition.AllOf all -> all.parts();
      case Condition.AnyOf any -> any.parts();
      case Condition.ReviewsAtLeast _,
          Condition.RatingAtLeast _,
          Condition.InCategory _,
          Condition.HasTag _,
          Condition.PriceBetween _,
          Condition.CountryIn _,
          Condition.LanguageIn _,
          Condition.Between _,
          Condition.Daily _,
          ProductCondition.ProductIn _,
          ProductCondition.BrandIn _,
          ProductCondition.HasPicture _,
          ProductCondition.PercentOffBetween _,
          ProductCondition.StockBetween _,
          ProductCondition.SoldAtLeast _,
          ProductCondition.RankAtMost _,
          ProductCondition.PublishedWithin _ ->
          List.of();
    };
  }

  private static int meeting(Condition condition, Facts facts, Viewpoint viewpoint) {
    int count = 0;
    for (ProductFacts product : facts.products().values()) {
      if (condition.ask(NodEvaluator.situation(product, facts, viewpoint)).met()) {
        count++;
      }
    }
    return count;
  }
}
