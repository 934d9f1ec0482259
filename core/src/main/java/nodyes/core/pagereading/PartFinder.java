package nodyes.core.pagereading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/** Finds what may be the parts of one review, by what they say and how they are named. */
final class PartFinder {
  private static final int LONGEST_NAME = 60;
  private static final int LONGEST_TITLE = 200;
  private static final int SHORTEST_WORDS = 12;
  private static final Pattern NAMES =
      Pattern.compile(
          "author|reviewer|user|customer|nick|by-?line|(?:^|[\\s_-])name|autor|verfasser|kunde|cliente|client\\b|auteur|writer");

  /** 'by Inês R., 2026-10-23': a name in a line with other things. */
  private static final Pattern BYLINE =
      Pattern.compile(
          "(?:^|\\s)(?:[Bb]y|[Vv]on|[Pp]or|[Pp]ar)\\s+(\\p{Lu}[\\p{L}.'’ -]{0,40}?)(?=\\s*(?:[,·|(–—]|\\s-\\s|\\bon\\b|\\bam\\b|\\d|$))");

  private static final Pattern NO_NAMES =
      Pattern.compile("avatar|image|img|icon|badge|verified|count|link|location|product");
  private static final Pattern TITLES =
      Pattern.compile("title|headline|summary|subject|betreff|titel|titulo|titre");
  private static final Pattern VARIANTS =
      Pattern.compile(
          "variant|variante|option|bought-size|purchased-size|variation|colou?r-|-colou?r\\b|product-attr");
  private static final Pattern VARIANT_LINE =
      Pattern.compile(
          "^(?:colou?r|size|variant|style|option|farbe|größe|ausführung|variante|couleur|taille|cor|tamanho|color|talla|tamaño)\\s*:\\s*\\S.*",
          Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
  private static final Pattern NO_PICTURES =
      Pattern.compile("avatar|profile|user|gravatar|star|icon|logo|flag|sprite|badge|emoji|rating");
  private static final Pattern NOT_READ =
      Pattern.compile(
          "^(?:script|style|noscript|template|button|form|select|option|input|textarea|nav)$");
  private static final Pattern HEADING = Pattern.compile("^h[1-6]$");
  private static final Pattern REPLIES =
      Pattern.compile(
          "reply|response|answer|comment-from|antwort|respuesta|resposta|réponse|reponse");

  private PartFinder() {}

  /** The elements of a review that seem to be its parts. */
  static Map<ReviewPart, PageElement> in(PageElement block) {
    List<PageElement> all = readable(block);
    var parts = new EnumMap<ReviewPart, PageElement>(ReviewPart.class);
    StarReader.in(block)
        .flatMap(
            stars ->
                block.all().stream().filter(one -> one.number() == stars.element()).findFirst())
        .ifPresent(one -> parts.put(ReviewPart.STARS, one));
    block.inmostFirst().stream()
        .filter(all::contains)
        .filter(one -> WrittenDates.isTold(one, one.line()))
        .findFirst()
        .ifPresent(one -> parts.put(ReviewPart.DATE, one));
    title(block, all, parts).ifPresent(one -> parts.put(ReviewPart.TITLE, one));
    name(block, all, parts).ifPresent(one -> parts.put(ReviewPart.NAME, one));
    variant(all).ifPresent(one -> parts.put(ReviewPart.VARIANT, one));
    words(block, all, parts).ifPresent(one -> parts.put(ReviewPart.WORDS, one));
    if (!pictures(block).isEmpty()) {
      parts.put(ReviewPart.PICTURES, block);
    }
    return parts;
  }

  /** Without what is there to press, and without what the shop answers. */
  private static List<PageElement> readable(PageElement block) {
    var all = new ArrayList<PageElement>();
    collect(block, true, all);
    return all;
  }

  private static void collect(PageElement element, boolean isTop, List<PageElement> all) {
    if (NOT_READ.matcher(element.tag()).matches()
        || (!isTop && REPLIES.matcher(element.names()).find())) {
      return;
    }
    all.add(element);
    element.children().forEach(child -> collect(child, false, all));
  }

  /** What a part stands in; where a part is told by the review itself, the rest of it is free. */
  private static Set<Integer> taken(PageElement block, Map<ReviewPart, PageElement> parts) {
    var taken = new HashSet<Integer>();
    parts.values().stream()
        .filter(part -> part.number() != block.number())
        .forEach(part -> part.all().forEach(one -> taken.add(one.number())));
    return taken;
  }

  private static Optional<PageElement> title(
      PageElement block, List<PageElement> all, Map<ReviewPart, PageElement> parts) {
    Set<Integer> taken = taken(block, parts);
    return all.stream()
        .filter(one -> one.number() != block.number() && !taken.contains(one.number()))
        .filter(
            one ->
                (HEADING.matcher(one.tag()).matches() || TITLES.matcher(one.names()).find())
                    && !NAMES.matcher(one.names()).find())
        .filter(one -> isText(one, LONGEST_TITLE))
        .findFirst();
  }

  private static boolean isText(PageElement element, int longest) {
    String text = element.text();
    return !text.isEmpty()
        && text.length() <= longest
        && text.codePoints().anyMatch(Character::isLetter)
        && StarReader.in(element).isEmpty()
        && WrittenDates.in(text).isEmpty();
  }

  private static Optional<PageElement> name(
      PageElement block, List<PageElement> all, Map<ReviewPart, PageElement> parts) {
    Set<Integer> taken = taken(block, parts);
    List<PageElement> free =
        all.stream()
            .filter(one -> one.number() != block.number() && !taken.contains(one.number()))
            .toList();
    return free.stream()
        .filter(
            one ->
                one.attribute("rel").contains("author")
                    || (NAMES.matcher(one.names()).find() && !NO_NAMES.matcher(one.names()).find())
                    || one.tag().equals("cite"))
        .filter(one -> isText(one, LONGEST_NAME))
        .min(Comparator.comparingInt(one -> one.text().length()))
        .or(() -> all.stream().filter(one -> byline(one.line()).isPresent()).findFirst())
        .or(() -> free.stream().filter(PartFinder::isShort).findFirst());
  }

  /** The name in a line that says by whom something is. */
  static Optional<String> byline(String line) {
    return line.length() > LONGEST_TITLE
        ? Optional.empty()
        : BYLINE.matcher(line).results().map(found -> found.group(1).strip()).findFirst();
  }

  /** A few words with a capital: how a name looks where nothing says that it is one. */
  private static boolean isShort(PageElement element) {
    String line = element.line();
    return line.length() <= LONGEST_NAME / 2
        && line.split(" ").length <= 4
        && line.codePoints().anyMatch(Character::isLetter)
        && !line.endsWith(":")
        && line.codePoints().noneMatch(Character::isDigit)
        && isText(element, LONGEST_NAME)
        && !VARIANT_LINE.matcher(line).matches();
  }

  private static Optional<PageElement> variant(List<PageElement> all) {
    return all.stream()
        .filter(
            one ->
                (VARIANTS.matcher(one.names()).find() && isLine(one))
                    || VARIANT_LINE.matcher(one.line()).matches())
        .findFirst();
  }

  private static boolean isLine(PageElement element) {
    String text = element.text();
    return !text.isEmpty() && text.length() <= LONGEST_NAME;
  }

  /** The longest text, with those beside it that are built alike. */
  private static Optional<PageElement> words(
      PageElement block, List<PageElement> all, Map<ReviewPart, PageElement> parts) {
    Set<Integer> taken = taken(block, parts);
    Optional<PageElement> longest =
        all.stream()
            .filter(one -> !taken.contains(one.number()) && one.line().length() >= SHORTEST_WORDS)
            .max(Comparator.comparingInt((PageElement one) -> one.line().length()));
    return longest.map(
        one ->
            all.stream()
                .filter(parent -> isOfParagraphs(parent, one, taken))
                .findFirst()
                .orElse(one));
  }

  private static boolean isOfParagraphs(
      PageElement parent, PageElement paragraph, Set<Integer> taken) {
    return isOfParagraphs(parent)
        && parent.children().contains(paragraph)
        && parent.children().stream().noneMatch(one -> taken.contains(one.number()));
  }

  /** Whether all that it holds are several paragraphs. */
  static boolean isOfParagraphs(PageElement parent) {
    return parent.children().size() > 1
        && parent.children().stream().allMatch(one -> one.tag().equals("p"));
  }

  /** The pictures of a review: no faces, icons or signs. */
  static List<String> pictures(PageElement block) {
    return block.all().stream()
        .filter(one -> one.tag().equals("img"))
        .filter(
            one ->
                !NO_PICTURES
                    .matcher(
                        (one.names() + one.attribute("alt") + one.attribute("src"))
                            .toLowerCase(Locale.ROOT))
                    .find())
        .map(
            one ->
                one.attribute("data-src").isEmpty()
                    ? one.attribute("src")
                    : one.attribute("data-src"))
        .filter(address -> address.startsWith("http"))
        .distinct()
        .toList();
  }
}
