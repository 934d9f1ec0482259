package nodyes.core.pagereading;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/** Reads the reviews of a page as a pattern says. */
public final class PatternReader {
  private static final Pattern LABEL = Pattern.compile("^[\\p{L} ]{2,14}:\\s*");
  private static final BigDecimal TEN = BigDecimal.TEN;

  private PatternReader() {}

  /**
   * A part of a review as the page has it.
   *
   * @param element the number of the element that it was read from
   * @param text what it says; of stars their number, of pictures their addresses, a line each
   */
  public record Read(int element, String text) {}

  /**
   * What is built like a review.
   *
   * @param element its number
   * @param parts what was read of it
   * @param best of how many its stars are; empty where it shows none
   * @param dateWithoutDay what it tells in place of a day; empty where nothing
   */
  public record Block(
      int element, Map<ReviewPart, Read> parts, Optional<BigDecimal> best, String dateWithoutDay) {
    /** Keeps the parts unchangeable. */
    public Block {
      parts = Map.copyOf(parts);
    }

    /** Whether it can be taken for a review: it has stars, and words or a date or a name. */
    public boolean isReview() {
      return parts.containsKey(ReviewPart.STARS)
          && (parts.containsKey(ReviewPart.WORDS)
              || parts.containsKey(ReviewPart.DATE)
              || !dateWithoutDay.isEmpty()
              || parts.containsKey(ReviewPart.NAME));
    }

    /** What a part says. */
    public Optional<String> text(ReviewPart part) {
      return Optional.ofNullable(parts.get(part)).map(Read::text);
    }
  }

  /** All that is built like a review on a page, in its order. */
  public static List<Block> read(PageTree page, ReadingPattern pattern) {
    List<PageElement> elements = pattern.blocks(page);
    List<Optional<StarReader.Stars>> stars =
        elements.stream()
            .map(block -> place(pattern, ReviewPart.STARS, block).flatMap(StarReader::in))
            .toList();
    BigDecimal highest =
        stars.stream()
            .flatMap(Optional::stream)
            .filter(one -> one.best().isEmpty())
            .map(StarReader.Stars::value)
            .max(BigDecimal::compareTo)
            .orElse(BigDecimal.ONE);
    return IntStream.range(0, elements.size())
        .mapToObj(i -> block(pattern, elements.get(i), stars.get(i), highest))
        .toList();
  }

  private static Optional<PageElement> place(
      ReadingPattern pattern, ReviewPart part, PageElement block) {
    return Optional.ofNullable(pattern.parts().get(part)).flatMap(path -> path.find(block));
  }

  private static Block block(
      ReadingPattern pattern,
      PageElement block,
      Optional<StarReader.Stars> stars,
      BigDecimal highest) {
    var parts = new EnumMap<ReviewPart, Read>(ReviewPart.class);
    stars.ifPresent(
        one ->
            parts.put(
                ReviewPart.STARS, new Read(one.element(), scaled(one, highest).toPlainString())));
    String withoutDay = "";
    for (ReviewPart part : ReviewPart.values()) {
      Optional<PageElement> place = place(pattern, part, block);
      if (part == ReviewPart.STARS || place.isEmpty()) {
        continue;
      }
      String text = text(part, place.get());
      if (!text.isEmpty()) {
        parts.put(part, new Read(place.get().number(), text));
      } else if (part == ReviewPart.DATE) {
        withoutDay = place.get().line();
      }
    }
    return new Block(
        block.number(), parts, stars.map(one -> one.best().orElse(best(highest))), withoutDay);
  }

  /** Numbers without an end stand for a scale that the highest of them tells. */
  private static BigDecimal best(BigDecimal highest) {
    if (highest.compareTo(BigDecimal.valueOf(5)) <= 0 || isTenths(highest)) {
      return BigDecimal.valueOf(5);
    }
    return highest.compareTo(TEN) <= 0 ? TEN : BigDecimal.valueOf(100);
  }

  /** 'stars-45' is four and a half. */
  private static boolean isTenths(BigDecimal highest) {
    return highest.compareTo(TEN) > 0 && highest.compareTo(BigDecimal.valueOf(50)) <= 0;
  }

  private static BigDecimal scaled(StarReader.Stars stars, BigDecimal highest) {
    return stars.best().isEmpty() && isTenths(highest)
        ? stars.value().divide(TEN, MathContext.DECIMAL32).stripTrailingZeros()
        : stars.value();
  }

  private static String text(ReviewPart part, PageElement place) {
    return switch (part) {
      case STARS -> "";
      case DATE -> WrittenDates.of(place).or(() -> WrittenDates.in(place.text())).orElse("");
      case NAME -> PartFinder.byline(place.line()).orElseGet(() -> place.text());
      case TITLE -> place.text();
      case VARIANT -> LABEL.matcher(place.text()).replaceFirst("");
      case WORDS -> place.paragraphs();
      case PICTURES -> String.join("\n", PartFinder.pictures(place));
    };
  }
}
