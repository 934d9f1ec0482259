package nodyes.core.pagereading;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Reads how many stars something shows, in the ways in which pages draw them: in words for those
 * who cannot see, in data, as a part of a width, as icons or signs of which some are empty, or in
 * the name of a class. (common practice)
 */
final class StarReader {
  /** How stars were told. */
  enum Means {
    WORDS,
    DATA,
    WIDTH,
    ICONS,
    SIGNS,
    CLASS
  }

  /**
   * Stars as a page shows them.
   *
   * @param value how many
   * @param best of how many; empty where the page does not say
   * @param element the number of the element that shows them
   */
  record Stars(BigDecimal value, Optional<BigDecimal> best, Means means, int element) {}

  private static final String NUMBER = "(\\d{1,3}(?:[.,]\\d{1,2})?)";
  private static final Pattern OUT_OF =
      Pattern.compile(
          NUMBER
              + "\\s*(?:\\p{L}+\\s+)?(?:/|out of|of|von|aus|de un total de|de|sur|su|sobre|em)\\s*(10{1,2}|[3-9])(?![\\d.,]*\\d)(?!\\s*%)",
          Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
  private static final Pattern SO_MANY =
      Pattern.compile(
          NUMBER + "[\\s-]*(?:stars?|sternen?|estrelas?|estrellas?|étoiles?|stelle|★|⭐)",
          Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
  private static final Pattern RATED =
      Pattern.compile(
          "(?:rated|rating|score|stars|bewertung|sterne|nota|note|calificación|valoración|puntuación|avaliação|classificação|évaluation)\\s*:?\\s*"
              + NUMBER
              + "(?!\\s*%)$",
          Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
  private static final Pattern PLAIN = Pattern.compile(NUMBER);
  private static final Pattern PERCENT =
      Pattern.compile("(?:^|[;\\s])(?:width|--[\\w-]+)\\s*:\\s*(\\d{1,3}(?:\\.\\d+)?)\\s*%");
  private static final Pattern OWN_PROPERTY =
      Pattern.compile("--[\\w-]*(?:rat|star|score)[\\w-]*\\s*:\\s*(\\d(?:\\.\\d+)?)\\s*(?:;|$)");
  private static final Pattern OF_STARS =
      Pattern.compile(
          "star|rating|\\brate|score|bewertung|sterne|estrel|étoile|etoile|valora|puntua");
  private static final Pattern IN_CLASS =
      Pattern.compile(
          "(?:star|rating|rate|score|note|bewertung|sterne|estrel\\w*?|etoile)s?[a-z]*[-_]{0,2}(\\d{1,3}|\\d[-_.]\\d)$");
  private static final Pattern EMPTY =
      Pattern.compile(
          "empty|\\boff\\b|[-_]off|outline|gr[ae]y|inactive|disabled|blank|unfilled|hollow|-o\\b|border|\\bfar\\b|\\bnone\\b|without|unlit|faded|light");
  private static final Pattern HALF = Pattern.compile("half|50");
  private static final String FULL_SIGNS = "★⭐🌟✭✮✯";
  private static final String EMPTY_SIGNS = "☆✩✰";
  private static final int LONGEST_LABEL = 80;
  private static final int USUAL = 5;
  private static final BigDecimal FIVE = BigDecimal.valueOf(USUAL);
  private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);
  private static final BigDecimal TWENTY = BigDecimal.valueOf(20);

  private StarReader() {}

  /**
   * The stars that something shows: told in the surest way that there is, and the first of them.
   */
  static Optional<Stars> in(PageElement block) {
    List<PageElement> all = block.inmostFirst();
    return Stream.<Function<PageElement, Optional<Stars>>>of(
            StarReader::labelled,
            StarReader::given,
            StarReader::wide,
            StarReader::icons,
            StarReader::signs,
            element -> named(element, all))
        .flatMap(way -> all.stream().map(way).flatMap(Optional::stream).limit(1))
        .findFirst();
  }

  /** Whether an element shows stars by itself, and not by something in it alone. */
  static boolean here(PageElement element) {
    return labels(element).anyMatch(text -> spoken(text, element).isPresent())
        || spoken(element.line(), element).isPresent()
        || given(element).isPresent()
        || wide(element).isPresent()
        || icons(element).isPresent()
        || isSigns(element.line())
        || element.classes().stream().anyMatch(name -> inClass(name).isPresent());
  }

  private static Stream<String> labels(PageElement element) {
    return Stream.of("aria-label", "title", "alt", "data-label").map(element::attribute);
  }

  private static Optional<Stars> labelled(PageElement element) {
    return labels(element)
        .flatMap(text -> spoken(text, element).stream())
        .findFirst()
        .or(() -> spoken(element.text(), element));
  }

  private static Optional<Stars> spoken(String text, PageElement element) {
    if (text.isEmpty() || text.length() > LONGEST_LABEL) {
      return Optional.empty();
    }
    Matcher of = OUT_OF.matcher(text);
    if (of.find()) {
      BigDecimal best = number(of.group(2));
      BigDecimal value = number(of.group(1));
      return value.compareTo(best) > 0
          ? Optional.empty()
          : Optional.of(new Stars(value, Optional.of(best), Means.WORDS, element.number()));
    }
    Matcher many = SO_MANY.matcher(text);
    if (many.find() && number(many.group(1)).compareTo(FIVE) <= 0) {
      return Optional.of(
          new Stars(number(many.group(1)), Optional.of(FIVE), Means.WORDS, element.number()));
    }
    Matcher rated = RATED.matcher(text);
    return rated.find()
        ? Optional.of(
            new Stars(number(rated.group(1)), Optional.empty(), Means.WORDS, element.number()))
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
        && OF_STARS.matcher(element.attribute("name").toLowerCase(java.util.Locale.ROOT)).find()) {
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
                Means.DATA,
                element.number()))
        : Optional.empty();
  }

  private static Optional<Stars> wide(PageElement element) {
    return isOfStars(element)
        ? element.all().stream()
            .flatMap(one -> share(one.attribute("style")).stream())
            .findFirst()
            .map(value -> new Stars(value, Optional.of(FIVE), Means.WIDTH, element.number()))
        : Optional.empty();
  }

  /** How many of five stars a style shows. */
  private static Optional<BigDecimal> share(String style) {
    Matcher property = OWN_PROPERTY.matcher(style);
    if (property.find()) {
      return Optional.of(number(property.group(1)));
    }
    return PERCENT
        .matcher(style)
        .results()
        .map(found -> new BigDecimal(found.group(1)))
        .filter(percent -> percent.compareTo(HUNDRED) <= 0)
        .findFirst()
        .map(percent -> percent.divide(TWENTY).stripTrailingZeros());
  }

  private static boolean isOfStars(PageElement element) {
    return OF_STARS.matcher(element.names()).find() || isSigns(element.text());
  }

  private static boolean isSigns(String text) {
    return !text.isEmpty()
        && text.codePoints()
            .allMatch(
                one ->
                    Character.isWhitespace(one)
                        || one == 0xFE0F
                        || one == '½'
                        || (FULL_SIGNS + EMPTY_SIGNS).indexOf(one) >= 0);
  }

  private static Optional<Stars> icons(PageElement element) {
    List<PageElement> icons = element.children();
    if (icons.size() != USUAL
        || icons.stream().map(PageElement::tag).distinct().count() > 1
        || !(OF_STARS.matcher(element.names()).find()
            || icons.stream().allMatch(icon -> OF_STARS.matcher(look(icon)).find()))
        || icons.stream().anyMatch(icon -> icon.text().length() > 2)) {
      return Optional.empty();
    }
    long empty = icons.stream().filter(icon -> isEmpty(icon)).count();
    long half = icons.stream().filter(icon -> !isEmpty(icon) && isHalf(icon)).count();
    BigDecimal value =
        BigDecimal.valueOf(USUAL - empty - half).add(BigDecimal.valueOf(half * 5, 1));
    return Optional.of(
        new Stars(value.stripTrailingZeros(), Optional.of(FIVE), Means.ICONS, element.number()));
  }

  private static boolean isEmpty(PageElement icon) {
    return EMPTY.matcher(look(icon)).find()
        || (isSigns(icon.text()) && EMPTY_SIGNS.contains(icon.text()));
  }

  private static boolean isHalf(PageElement icon) {
    return HALF.matcher(look(icon)).find();
  }

  /** All that may tell how an icon looks. */
  private static String look(PageElement icon) {
    var look = new StringBuilder();
    for (PageElement one : icon.all()) {
      look.append(one.names()).append(' ');
      for (String name : List.of("src", "href", "xlink:href", "data-icon", "data-state", "fill")) {
        look.append(one.attribute(name)).append(' ');
      }
    }
    return look.toString().toLowerCase(java.util.Locale.ROOT);
  }

  private static Optional<Stars> signs(PageElement element) {
    String text = element.text();
    if (!isSigns(text)) {
      return Optional.empty();
    }
    long full = text.codePoints().filter(one -> FULL_SIGNS.indexOf(one) >= 0).count();
    long empty = text.codePoints().filter(one -> EMPTY_SIGNS.indexOf(one) >= 0).count();
    boolean isHalf = text.contains("½");
    if (full + empty == 0 || full + empty + (isHalf ? 1 : 0) > USUAL) {
      return Optional.empty();
    }
    BigDecimal value = BigDecimal.valueOf(full).add(BigDecimal.valueOf(isHalf ? 5 : 0, 1));
    return Optional.of(
        new Stars(value.stripTrailingZeros(), Optional.of(FIVE), Means.SIGNS, element.number()));
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
            Means.CLASS,
            element.number()));
  }

  private static Optional<String> inClass(String name) {
    Matcher found = IN_CLASS.matcher(name.toLowerCase(java.util.Locale.ROOT));
    return found.find() ? Optional.of(found.group(1)) : Optional.empty();
  }

  private static BigDecimal number(String text) {
    return new BigDecimal(text.replace(',', '.'));
  }
}
