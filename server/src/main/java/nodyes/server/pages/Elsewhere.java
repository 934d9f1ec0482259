package nodyes.server.pages;

import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import nodyes.core.audience.Answer;
import nodyes.core.audience.Condition;
import nodyes.core.audience.Situation;
import nodyes.core.nod.Nod;
import nodyes.core.nod.Viewpoint;
import nodyes.core.rating.RatingSummary;
import nodyes.core.showing.Facts;
import nodyes.core.showing.Reach;

/**
 * How far a nod reaches at the times and for the places that its conditions name, as sentences: a
 * nod that is for Spain from Friday on reaches nobody now, and that is not all there is to say.
 */
final class Elsewhere {
  private static final int MOST_TIMES = 3;
  private static final int MOST_PLACES = 3;
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);
  private static final DateTimeFormatter TIME =
      DateTimeFormatter.ofPattern("EEE d MMM, HH:mm", Locale.ENGLISH);

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
    sentences.add(sentence("Now", place(looked), reached));
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
                moment.map(at -> "From " + when(at, zone)).orElse("Now"),
                place.map(Elsewhere::names).orElseGet(() -> place(looked)),
                Reach.of(nod, then, there).products().size()));
      }
    }
    return List.copyOf(sentences);
  }

  private static ReachTold sentence(String when, String from, int products) {
    return new ReachTold(
        when + ", from " + from + ": " + products + (products == 1 ? " product." : " products."),
        products);
  }

  private static String place(Viewpoint viewpoint) {
    return viewpoint.country().map(Elsewhere::name).orElse("an unknown country");
  }

  private static String names(Set<String> countries) {
    return countries.stream()
        .map(Elsewhere::name)
        .sorted()
        .collect(
            Collectors.collectingAndThen(
                Collectors.toList(),
                all ->
                    all.size() == 1
                        ? all.getFirst()
                        : String.join(", ", all.subList(0, all.size() - 1))
                            + " or "
                            + all.getLast()));
  }

  private static String name(String country) {
    return Locale.of("", country).getDisplayCountry(Locale.ENGLISH);
  }

  private static String when(Instant at, ZoneId zone) {
    var there = at.atZone(zone);
    return (there.toLocalTime().toSecondOfDay() == 0 ? DAY : TIME).format(there);
  }

  private static Situation anything(Viewpoint looked, ZoneId zone) {
    return new Situation(
        RatingSummary.NONE,
        Set.of(),
        Set.of(),
        Optional.empty(),
        looked.country(),
        looked.language(),
        looked.moment(),
        zone);
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
        Answer now = daily.ask(anything(looked, zone));
        if (!now.met()) {
          now.validUntil().end().ifPresent(times::add);
        }
      }
      case Condition.CountryIn(var countries) -> places.add(Set.copyOf(countries));
      default -> {}
    }
  }
}
