package nodyes.core.pagereading;

import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nodyes.core.pagereading.StarReader.Stars;

/**
 * Stars as they are drawn: a part of a width, icons or signs of which some are empty. Where what is
 * empty cannot be told, nothing is read.
 */
final class DrawnStars {
  /** Names of what shows stars. */
  static final Pattern OF_STARS =
      Pattern.compile(
          "star(?!t)|rating|\\brate|score|bewertung|sterne|estrel|étoile|etoile|valora|puntua");

  private static final Pattern PERCENT =
      Pattern.compile("(?:^|[;\\s])(?:width|--[\\w-]+)\\s*:\\s*(\\d{1,3}(?:\\.\\d+)?)\\s*%");
  private static final Pattern OWN_PROPERTY =
      Pattern.compile("--[\\w-]*(?:rat|star|score)[\\w-]*\\s*:\\s*(\\d(?:\\.\\d+)?)\\s*(?:;|$)");
  private static final Pattern EMPTY =
      Pattern.compile(
          "empty|\\boff\\b|[-_]off|outline|gr[ae]y|inactive|disabled|blank|unfilled|hollow|-o\\b|\\bfar\\b|\\bnone\\b|without|unlit|faded");
  private static final Pattern FULL =
      Pattern.compile(
          "full|\\bfill|[-_]fill|filled|\\bon\\b|[-_]on\\b|active|checked|solid|gold|yellow|\\blit\\b|\\bfas\\b|highlight|selected");
  private static final Pattern HALF = Pattern.compile("half");
  private static final String FULL_SIGNS = "★⭐🌟✭✮✯";
  private static final String EMPTY_SIGNS = "☆✩✰";
  private static final int USUAL = 5;
  private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);
  private static final BigDecimal TWENTY = BigDecimal.valueOf(20);

  private DrawnStars() {}

  static Optional<Stars> wide(PageElement element) {
    return isOfStars(element)
        ? element.all().stream()
            .flatMap(one -> share(one.attribute("style")).stream())
            .findFirst()
            .map(value -> new Stars(value, Optional.of(StarReader.FIVE), element.number()))
        : Optional.empty();
  }

  /** How many of five stars a style shows. */
  private static Optional<BigDecimal> share(String style) {
    Matcher property = OWN_PROPERTY.matcher(style);
    if (property.find()) {
      return Optional.of(StarReader.number(property.group(1)));
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
    return OF_STARS.matcher(element.names()).find()
        || isSigns(element.shortText(StarReader.LONGEST_LABEL));
  }

  static boolean isSigns(String text) {
    return !text.isEmpty()
        && text.codePoints()
            .allMatch(
                one ->
                    Character.isWhitespace(one)
                        || one == 0xFE0F
                        || one == '½'
                        || (FULL_SIGNS + EMPTY_SIGNS).indexOf(one) >= 0);
  }

  /** Five alike, of which some are empty; where that cannot be told by their names, none. */
  static Optional<Stars> icons(PageElement element) {
    List<PageElement> icons = element.children();
    if (icons.size() != USUAL
        || icons.stream().map(PageElement::tag).distinct().count() > 1
        || icons.stream().anyMatch(icon -> icon.shortText(2).length() > 2)
        || !(OF_STARS.matcher(element.names()).find()
            || icons.stream()
                .allMatch(icon -> isSigns(icon.text()) || OF_STARS.matcher(look(icon)).find()))) {
      return Optional.empty();
    }
    long empty = icons.stream().filter(DrawnStars::isEmpty).count();
    long half = icons.stream().filter(icon -> !isEmpty(icon) && isHalf(icon)).count();
    boolean isTold =
        icons.stream().allMatch(icon -> isEmpty(icon) || isHalf(icon) || isFull(icon))
            || (empty > 0
                && icons.stream()
                        .filter(icon -> !isEmpty(icon))
                        .map(DrawnStars::look)
                        .distinct()
                        .count()
                    <= 2);
    if (!isTold || empty == USUAL) {
      return Optional.empty();
    }
    BigDecimal value =
        BigDecimal.valueOf(USUAL - empty - half).add(BigDecimal.valueOf(half * 5, 1));
    return Optional.of(new Stars(value, Optional.of(StarReader.FIVE), element.number()));
  }

  private static boolean isFull(PageElement icon) {
    return FULL.matcher(look(icon)).find();
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
    return look.toString().toLowerCase(Locale.ROOT);
  }

  static Optional<Stars> signs(PageElement element) {
    String text = element.shortText(StarReader.LONGEST_LABEL);
    if (!isSigns(text)) {
      return Optional.empty();
    }
    long full = fullSigns(element);
    long all =
        text.codePoints().filter(one -> (FULL_SIGNS + EMPTY_SIGNS).indexOf(one) >= 0).count();
    int half = text.contains("½") ? 5 : 0;
    if (all == 0 || all > USUAL || full + half == 0) {
      return Optional.empty();
    }
    return Optional.of(
        new Stars(
            BigDecimal.valueOf(full).add(BigDecimal.valueOf(half, 1)),
            Optional.of(StarReader.FIVE),
            element.number()));
  }

  /** Full signs, but for those that stand in something which is named as empty. */
  private static long fullSigns(PageElement element) {
    long full = 0;
    for (PagePart part : element.parts()) {
      full +=
          switch (part) {
            case PagePart.Text(String text) ->
                text.codePoints().filter(one -> FULL_SIGNS.indexOf(one) >= 0).count();
            case PageElement child -> isEmpty(child) ? 0 : fullSigns(child);
          };
    }
    return full;
  }
}
