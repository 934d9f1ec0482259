package nodyes.server.pages;

import static nodyes.server.messages.Texts.text;

import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import nodyes.core.evaluation.Facts;
import nodyes.core.evaluation.Reach;
import nodyes.core.nod.Nod;
import nodyes.core.nod.Viewpoint;
import nodyes.core.rating.RatingSummary;
import nodyes.core.targeting.Condition;
import nodyes.core.targeting.ConditionResult;
import nodyes.core.targeting.EvaluationContext;
import nodyes.core.targeting.ProductCondition;
import nodyes.core.targeting.Sellable;
import nodyes.server.messages.Written;

/**
 * How far a nod reaches at the times and for the places that its conditions name, as sentences: a
 * nod that is for Spain from Friday on reaches nobody now, and that is not all there is to say.
 */
final class Elsewhere {
  private static final int MOST_TIMES = 3;
  private static final int MOST_PLACES = 3;

  /** Takes the place of a time where it is now. */
  private static final String NOW = "now";

  private Elsewhere() {}

  /** How far it reaches for someone, as a sentence and as a number. */
  record ReachTold(String text, int products) {}

  /**
   * The sentences, the one of whom is looked at first; none where the conditions name neither.
   *
   * @param reached how many products it reaches for whom is looked at
   * @param facts what is known at a moment
   */
  static List<ReachTold> of(
      Nod nod, Viewpoint looked, int reached, Function<Instant, Facts> facts, ZoneId zone) {
    Condition audience = nod.placement().audience();
    var times = new LinkedHashSet<Instant>();
    var places = new LinkedHashSet<Set<String>>();
    look(audience, looked, zone, times, places);
    if (times.isEmpty() && places.isEmpty()) {
      return List.of();
    }
    var sentences = new ArrayList<ReachTold>();
    sentences.add(sentence(NOW, place(looked), reached));
    List<Optional<Instant>> moments = new ArrayList<>(List.of(Optional.<Instant>empty()));
    times.stream().sorted().limit(MOST_TIMES).map(Optional::of).forEach(moments::add);
    List<Optional<Set<String>>> countries = new ArrayList<>();
    places.stream().limit(MOST_PLACES).map(Optional::of).forEach(countries::add);
    if (countries.isEmpty()) {
      countries.add(Optional.empty());
    }
    for (Optional<Instant> moment : moments) {
      Facts then = facts.apply(moment.orElse(looked.moment()));
      for (Optional<Set<String>> place : countries) {
        Optional<String> country = place.flatMap(all -> all.stream().sorted().findFirst());
        Viewpoint there =
            looked
                .at(moment.orElse(looked.moment()))
                .from(country.isPresent() ? country : looked.country());
        if (there.equals(looked)) {
          continue;
        }
        sentences.add(
            sentence(
                moment.map(at -> when(at, zone)).orElse(NOW),
                place.map(Elsewhere::names).orElseGet(() -> place(looked)),
                Reach.of(nod, then, there).products().size()));
      }
    }
    return List.copyOf(sentences);
  }

  private static ReachTold sentence(String when, String from, int products) {
    return new ReachTold(
        text("reach.there", "when", when, "country", from, "products", products), products);
  }

  private static String place(Viewpoint viewpoint) {
    return viewpoint
        .country()
        .map(Written::country)
        .orElseGet(() -> text("journey.unknownCountry"));
  }

  private static String names(Set<String> countries) {
    return Written.either(countries.stream().map(Written::country).sorted().toList());
  }

  private static String when(Instant at, ZoneId zone) {
    var there = at.atZone(zone).toLocalDateTime();
    return there.toLocalTime().equals(LocalTime.MIDNIGHT)
        ? Written.shortDay(there.toLocalDate())
        : Written.shortMoment(at, zone);
  }

  private static EvaluationContext anything(Viewpoint looked, ZoneId zone) {
    return new EvaluationContext(
        RatingSummary.NONE,
        Set.of(),
        Set.of(),
        Optional.empty(),
        looked.country(),
        looked.language(),
        looked.moment(),
        zone,
        new Sellable.NothingKnown());
  }

  /** The instants ahead at which a period begins, and the countries that are asked for. */
  private static void look(
      Condition condition,
      Viewpoint looked,
      ZoneId zone,
      Set<Instant> times,
      Set<Set<String>> places) {
    switch (condition) {
      case Condition.AllOf(var parts) ->
          parts.forEach(part -> look(part, looked, zone, times, places));
      case Condition.AnyOf(var parts) ->
          parts.forEach(part -> look(part, looked, zone, times, places));
      case Condition.Between(var from, _) ->
          from.filter(looked.moment()::isBefore).ifPresent(times::add);
      case Condition.Daily daily -> {
        ConditionResult now = daily.ask(anything(looked, zone));
        if (!now.met()) {
          now.validUntil().end().ifPresent(times::add);
        }
      }
      case Condition.CountryIn(var countries) -> places.add(Set.copyOf(countries));
      case Condition.ReviewsAtLeast _,
          Condition.RatingAtLeast _,
          Condition.InCategory _,
          Condition.HasTag _,
          Condition.PriceBetween _,
          Condition.LanguageIn _,
          ProductCondition.ProductIn _,
          ProductCondition.BrandIn _,
          ProductCondition.HasPicture _,
          ProductCondition.PercentOffBetween _,
          ProductCondition.StockBetween _,
          ProductCondition.SoldAtLeast _,
          ProductCondition.RankAtMost _,
          ProductCondition.PublishedWithin _ -> {}
    }
  }
}
