package nodyes.core.pagereading;

import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Reads how many stars something shows, in the ways in which pages draw them: in words for those
 * who cannot see, in data, as a part of a width, as icons or signs of which some are empty, or in
 * the name of a class. (common practice)
 */
final class StarReader {
  /**
   * Stars as a page shows them.
   *
   * @param value how many
   * @param best of how many; empty where the page does not say
   * @param element the number of the element that shows them
   */
  record Stars(BigDecimal value, Optional<BigDecimal> best, int element) {}

  private static final String NUMBER = "(\\d{1,3}(?:[.,]\\d{1,2})?)";
  private static final Pattern OUT_OF =
      Pattern.compile(
          "(?<![\\d/.,])"
              + NUMBER
              + "\\s*(?:\\p{L}+\\s+)?(?:/|out of|of|von|aus|de un total de|de|sur|su|sobre|em)\\s*(10{1,2}|[3-9])(?![\\d/]|[.,]\\d|\\s*%)",
          Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
  private static final Pattern SO_MANY =
      Pattern.compile(
          NUMBER + "[\\s-]*(?:stars?|sternen?|estrelas?|estrellas?|étoiles?|stelle|★|⭐)",
          Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
  private static final Pattern RATED = Pattern.compile("^\\D*" + NUMBER + "\\W*$");

  /**
   * A text with any other word tells something else: 'page 2 of 5', '3 of 5 found this helpful'.
   */
  private static final Set<String> WORDS_OF_RATINGS =
      Set.of(
          ("rated rating ratings star stars score scored review overall out of the a with average points"
                  + " customer product bewertung bewertet mit sterne sternen stern von aus punkte punkten"
                  + " nota note noté avaliação classificação estrela estrelas valoración calificación"
                  + " puntuación estrella estrellas étoile étoiles évaluation avis sur un en de em total"
                  + " stelle su voto valutazione media moyenne")
              .split(" "));

  private static final Set<String> NAMES_OF_RATINGS =
      Set.of(
          "rated",
          "rating",
          "score",
          "stars",
          "bewertung",
          "sterne",
          "nota",
          "note",
          "calificación",
          "valoración",
          "puntuación",
          "avaliação",
          "classificação",
          "évaluation");
  private static final Pattern WORD = Pattern.compile("\\p{L}+");
  private static final Pattern PLAIN = Pattern.compile(NUMBER);
  private static final Pattern IN_CLASS =
      Pattern.compile(
          "(?:^|[-_])(?:stars?|(?:stars?[-_]?)?rating|rate|score|note|bewertung|sterne|estrel\\w*?|etoiles?)"
              + "(?:[-_](?:value|is|score|count|stars?))?[-_]{0,2}(\\d{1,3}|\\d[-_.]\\d)$");
  static final int LONGEST_LABEL = 80;
  static final BigDecimal FIVE = BigDecimal.valueOf(5);

  private StarReader() {}

  /**
   * The stars that something shows: told in the surest way that there is, and the first of them.
   */
  static Optional<Stars> in(PageElement block) {
    List<PageElement> all = block.inmostFirst();
    return Stream.<Function<PageElement, Optional<Stars>>>of(
            StarReader::labelled,
            StarReader::given,
            DrawnStars::wide,
            element -> named(element, all),
            DrawnStars::icons)
        .flatMap(way -> all.stream().map(way).flatMap(Optional::stream).limit(1))
        .findFirst()
        // of signs within signs the outer ones are all of them
        .or(
            () ->
                block.all().stream().map(DrawnStars::signs).flatMap(Optional::stream).findFirst());
  }

  /**
   * Whether an element shows stars by itself, and not by something in it alone.
   *
   * @param line the text in it
   */
  static boolean here(PageElement element, String line) {
    return labels(element).anyMatch(text -> spoken(text, element).isPresent())
        || spoken(line, element).isPresent()
        || given(element).isPresent()
        || DrawnStars.wide(element).isPresent()
        || DrawnStars.icons(element).isPresent()
        || DrawnStars.isSigns(line)
        || element.classes().stream().anyMatch(name -> inClass(name).isPresent());
  }

  private static Stream<String> labels(PageElement element) {
    return Stream.of("aria-label", "title", "alt", "data-label").map(element::attribute);
  }

  private static Optional<Stars> labelled(PageElement element) {
    return labels(element)
        .flatMap(text -> spoken(text, element).stream())
        .findFirst()
        .or(() -> spoken(element.shortText(LONGEST_LABEL), element));
  }

  private static Optional<Stars> spoken(String text, PageElement element) {
    if (text.isEmpty() || text.length() > LONGEST_LABEL) {
      return Optional.empty();
    }
    List<String> words =
        WORD.matcher(text.toLowerCase(Locale.ROOT)).results().map(MatchResult::group).toList();
    if (!WORDS_OF_RATINGS.containsAll(words)) {
      return Optional.empty();
    }
    Matcher of = OUT_OF.matcher(text);
    if (of.find()) {
      BigDecimal best = number(of.group(2));
      BigDecimal value = number(of.group(1));
      return value.compareTo(best) > 0
          ? Optional.empty()
          : Optional.of(new Stars(value, Optional.of(best), element.number()));
    }
    Matcher many = SO_MANY.matcher(text);
    if (many.find() && number(many.group(1)).compareTo(FIVE) <= 0) {
      return Optional.of(new Stars(number(many.group(1)), Optional.of(FIVE), element.number()));
    }
    Matcher rated = RATED.matcher(text);
    return rated.find() && words.stream().anyMatch(NAMES_OF_RATINGS::contains)
        ? Optional.of(new Stars(number(rated.group(1)), Optional.empty(), element.number()))
        : Optional.empty();
  }

  private static Optional<Stars> given(PageElement element) {
    if (element.tag().equals("meter") || !element.attribute("aria-valuenow").isEmpty()) {
      return plain(
          element.tag().equals("meter")
              ? element.attribute("value")
              : element.attribute("aria-valuenow"),
          element.attribute(element.tag().equals("meter") ? "max" : "aria-valuemax"),
          element);
    }
    if (element.tag().equals("input")
        && element.attributes().containsKey("checked")
        && DrawnStars.OF_STARS.matcher(element.attribute("name").toLowerCase(Locale.ROOT)).find()) {
      return plain(element.attribute("value"), "", element);
    }
    return element.attributes().entrySet().stream()
        .filter(
            one ->
                one.getKey()
                    .matches("data-(?:[\\w-]*-)?(?:rating|score|stars?|rate|note)(?:-value)?"))
        .flatMap(
            one ->
                plain(
                    one.getValue(),
                    Stream.of("data-max", "data-best", "data-max-rating", "data-out-of")
                        .map(element::attribute)
                        .filter(max -> !max.isEmpty())
                        .findFirst()
                        .orElse(""),
                    element)
                    .stream())
        .findFirst();
  }

  private static Optional<Stars> plain(String value, String best, PageElement element) {
    return PLAIN.matcher(value.strip()).matches()
        ? Optional.of(
            new Stars(
                number(value.strip()),
                PLAIN.matcher(best.strip()).matches()
                    ? Optional.of(number(best.strip()))
                    : Optional.empty(),
                element.number()))
        : Optional.empty();
  }

  /** The number in a class, unless several have one: then it is the place of an icon. */
  private static Optional<Stars> named(PageElement element, List<PageElement> all) {
    List<String> numbers =
        element.classes().stream().flatMap(name -> inClass(name).stream()).toList();
    if (numbers.size() != 1
        || all.stream()
                .filter(one -> one.classes().stream().anyMatch(name -> inClass(name).isPresent()))
                .count()
            > 1) {
      return Optional.empty();
    }
    return Optional.of(
        new Stars(
            number(numbers.getFirst().replaceAll("[-_]", ".")),
            Optional.empty(),
            element.number()));
  }

  private static Optional<String> inClass(String name) {
    Matcher found = IN_CLASS.matcher(name.toLowerCase(Locale.ROOT));
    return found.find() ? Optional.of(found.group(1)) : Optional.empty();
  }

  static BigDecimal number(String text) {
    return new BigDecimal(text.replace(',', '.'));
  }
}
