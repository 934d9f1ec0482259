package nodyes.core.pagereading;

import java.math.BigDecimal;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.regex.Pattern;

/**
 * Finds what on a page is built alike and looks like reviews: elements at one path of tags that
 * show stars and hold a date or some words each.
 */
public final class PatternFinder {
  private static final int LONG_LINE = 25;
  private static final int LEAST_ALIKE = 2;

  /** In a longer line a price is told of, and is not one. */
  private static final int LONGEST_PRICE = 40;

  private static final Pattern PRICE =
      Pattern.compile("\\p{Sc}\\s?\\d|\\d\\s?\\p{Sc}|\\d[.,]\\d\\d\\s?(?:[A-Z]{3}|zł|kr)\\b");

  /** More of one path than this are no reviews. */
  private static final int MOST_ALIKE = 5_000;

  private final PageTree page;
  private final Map<Integer, Marks> marks = new HashMap<>();

  /** How many of what an element holds. */
  private record Marks(int stars, int dates, int lines, int prices) {
    static final Marks NONE = new Marks(0, 0, 0, 0);

    Marks and(Marks other) {
      return new Marks(
          stars + other.stars, dates + other.dates, lines + other.lines, prices + other.prices);
    }

    /** What has a price and no date is a product in a listing. */
    boolean isReview() {
      return stars > 0 && (dates > 0 || (lines > 0 && prices == 0));
    }

    /** One that shows no stars that can be read. */
    boolean isWriting() {
      return dates > 0 && lines > 0;
    }
  }

  private PatternFinder(PageTree page) {
    this.page = page;
    mark(page.root());
  }

  private Marks mark(PageElement element) {
    String line = element.line();
    Marks all =
        new Marks(
            StarReader.here(element, line) ? 1 : 0,
            WrittenDates.isTold(element, line) ? 1 : 0,
            line.length() >= LONG_LINE ? 1 : 0,
            line.length() <= LONGEST_PRICE && PRICE.matcher(line).find() ? 1 : 0);
    for (PageElement child : element.children()) {
      all = all.and(mark(child));
    }
    marks.put(element.number(), all);
    return all;
  }

  /** What looks like reviews, if at least two are built alike. */
  public static Optional<ReadingPattern> propose(PageTree page) {
    var finder = new PatternFinder(page);
    return finder
        .best(page.repeated(), Marks::isReview)
        .or(() -> finder.best(page.repeated(), Marks::isWriting))
        .map(finder::pattern);
  }

  /**
   * What is built like the review in which an element stands that someone points at; also a single
   * one.
   */
  public static Optional<ReadingPattern> around(PageTree page, int number) {
    var finder = new PatternFinder(page);
    return page.element(number)
        .flatMap(
            pointed -> {
              List<PageElement> around = page.upwards(pointed);
              List<String> paths = around.stream().map(page::path).distinct().toList();
              return finder
                  .best(paths, Marks::isReview)
                  .or(() -> finder.best(paths, Marks::isWriting))
                  .or(() -> finder.single(around));
            })
        .map(finder::pattern);
  }

  /** The same with another place of one part, found in any of the reviews. */
  public static Optional<ReadingPattern> pointing(
      PageTree page, ReadingPattern pattern, ReviewPart part, int number) {
    List<PageElement> blocks = pattern.blocks(page);
    return page.element(number)
        .flatMap(
            pointed -> {
              List<PageElement> around = page.upwards(pointed);
              return around.stream()
                  .filter(blocks::contains)
                  .findFirst()
                  .flatMap(
                      block ->
                          PartPath.of(page, block, meant(part, around, block))
                              .map(Common.of(blocks)::of));
            })
        .map(path -> pattern.with(part, path));
  }

  /** Who points at one star means all of them, who points at a picture what all stand in. */
  private static PageElement meant(ReviewPart part, List<PageElement> around, PageElement block) {
    List<PageElement> inBlock = around.subList(0, around.indexOf(block) + 1);
    return switch (part) {
      case STARS ->
          inBlock.stream()
              .filter(one -> StarReader.in(one).isPresent())
              .findFirst()
              .orElse(around.getFirst());
      case DATE ->
          inBlock.stream()
              .filter(one -> WrittenDates.of(one).isPresent())
              .findFirst()
              .orElse(around.getFirst());
      case PICTURES -> inBlock.get(Math.min(1, inBlock.size() - 1));
      case WORDS ->
          inBlock.size() > 2 && PartFinder.isOfParagraphs(inBlock.get(1))
              ? inBlock.get(1)
              : around.getFirst();
      case NAME, TITLE, VARIANT -> around.getFirst();
    };
  }

  private record Alike(String path, List<PageElement> members) {}

  private Optional<Alike> best(List<String> paths, Predicate<Marks> isReview) {
    return paths.stream()
        .filter(path -> page.at(path).size() <= MOST_ALIKE)
        .map(
            path ->
                new Alike(
                    path, page.at(path).stream().filter(one -> isReview.test(of(one))).toList()))
        .filter(alike -> alike.members().size() >= LEAST_ALIKE)
        // of an element and what it stands in, the outer one holds all parts
        .max(
            Comparator.comparingDouble(this::score)
                .thenComparingInt(alike -> -alike.path().length()));
  }

  /** Each counts, and counts more where it holds all that a review has. */
  private double score(Alike alike) {
    return alike.members().stream()
        .map(this::of)
        .mapToDouble(
            one ->
                1
                    + (one.dates() > 0 ? 0.5 : 0)
                    + (one.lines() > 0 ? 0.5 : 0)
                    + (one.stars() > 0 ? 0.5 : 0))
        .sum();
  }

  /** The smallest element around that holds what a review has, or stars and something beside. */
  private Optional<Alike> single(List<PageElement> around) {
    return around.stream()
        .filter(one -> of(one).isReview() || of(one).isWriting())
        .findFirst()
        .or(
            () ->
                around.stream()
                    .filter(one -> of(one).stars() > 0 && one.children().size() > 1)
                    .findFirst())
        .map(one -> new Alike(page.path(one), List.of(one)));
  }

  private Marks of(PageElement element) {
    return marks.getOrDefault(element.number(), Marks.NONE);
  }

  private ReadingPattern pattern(Alike alike) {
    Set<String> classes = new TreeSet<>(alike.members().getFirst().classes());
    alike.members().forEach(one -> classes.retainAll(one.classes()));
    return new ReadingPattern(
        alike.path(), List.copyOf(classes), parts(alike.members()), BigDecimal.ZERO);
  }

  /** Where most reviews have each part. */
  private Map<ReviewPart, PartPath> parts(List<PageElement> blocks) {
    var votes = new EnumMap<ReviewPart, Map<PartPath, Set<String>>>(ReviewPart.class);
    Common common = Common.of(blocks);
    for (PageElement block : blocks) {
      PartFinder.in(block)
          .forEach(
              (part, element) ->
                  PartPath.of(page, block, element)
                      .map(common::of)
                      .ifPresent(
                          path ->
                              votes
                                  .computeIfAbsent(part, _ -> new LinkedHashMap<>())
                                  .computeIfAbsent(path, _ -> new HashSet<>())
                                  .add(said(part, element, block))));
    }
    var parts = new EnumMap<ReviewPart, PartPath>(ReviewPart.class);
    votes.forEach(
        (part, paths) ->
            paths.entrySet().stream()
                .filter(one -> part != ReviewPart.NAME || isNames(one.getValue(), blocks.size()))
                .max(Comparator.comparingInt(one -> one.getValue().size()))
                .ifPresent(one -> parts.put(part, one.getKey())));
    return parts;
  }

  /** What is counted: names are other ones each time, of the rest each counts for itself. */
  private static String said(ReviewPart part, PageElement element, PageElement block) {
    return part == ReviewPart.NAME ? element.text() : String.valueOf(block.number());
  }

  private static boolean isNames(Set<String> texts, int blocks) {
    return texts.size() > 1 || blocks == 1;
  }

  /** How many of the reviews have an element with a tag and a class, and how many there are. */
  private record Common(Map<String, Integer> having, int blocks) {
    static Common of(List<PageElement> blocks) {
      var having = new HashMap<String, Integer>();
      for (PageElement block : blocks) {
        block.all().stream()
            .flatMap(one -> one.classes().stream().map(name -> key(one.tag(), name)))
            .distinct()
            .forEach(key -> having.merge(key, 1, Integer::sum));
      }
      return new Common(having, blocks.size());
    }

    private static String key(String tag, String name) {
      return tag + "." + name;
    }

    /** Keeps the classes that most of the reviews have there. */
    PartPath of(PartPath path) {
      return path.keeping((tag, name) -> 2L * having.getOrDefault(key(tag, name), 0) > blocks);
    }
  }
}
