package nodyes.core.pagereading;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/** Reads the reviews of a page as a pattern says. */
public final class PatternReader {
  private static final Pattern LABEL = Pattern.compile("^[\\p{L} ]{2,14}:\\s*");
  private static final BigDecimal TEN = BigDecimal.TEN;

  private PatternReader() {}

  /**
   * A part of a review as the page has it.
   *
   * @param element the number of the element that it was read from
   * @param text what it says; of stars their number, of pictures their addresses
   */
  public record Read(int element, String text) {}

  /**
   * What is built like a review.
   *
   * @param element its number
   * @param parts what was read of it
   * @param best of how many its stars are; empty where it shows none, or gives no end
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

  /** All that is built like a review on a page, in its order, on the scale of that page. */
  public static List<Block> read(PageTree page, ReadingPattern pattern) {
    List<Block> blocks = given(page, pattern);
    return onOneScale(blocks, pattern.seeing(blocks));
  }

  /** The same with stars as they are given: several pages are put on one scale together. */
  public static List<Block> given(PageTree page, ReadingPattern pattern) {
    return pattern.blocks(page).stream().map(block -> block(pattern, block)).toList();
  }

  /**
   * With an end for stars that have none.
   *
   * @param pattern one that has seen them all
   */
  public static List<Block> onOneScale(List<Block> blocks, ReadingPattern pattern) {
    return blocks.stream().map(block -> scaled(block, pattern.highest())).toList();
  }

  private static Block scaled(Block block, BigDecimal highest) {
    Read stars = block.parts().get(ReviewPart.STARS);
    if (stars == null || block.best().isPresent()) {
      return block;
    }
    var parts = new EnumMap<>(block.parts());
    if (isTenths(highest)) {
      BigDecimal whole = new BigDecimal(stars.text()).divide(TEN, MathContext.DECIMAL32);
      parts.put(ReviewPart.STARS, new Read(stars.element(), plain(whole)));
    }
    return new Block(block.element(), parts, Optional.of(best(highest)), block.dateWithoutDay());
  }

  private static String plain(BigDecimal number) {
    return number.stripTrailingZeros().toPlainString();
  }

  private static Optional<PageElement> place(
      ReadingPattern pattern, ReviewPart part, PageElement block) {
    return Optional.ofNullable(pattern.parts().get(part)).flatMap(path -> path.find(block));
  }

  private static Block block(ReadingPattern pattern, PageElement block) {
    Optional<StarReader.Stars> stars =
        place(pattern, ReviewPart.STARS, block).flatMap(StarReader::in);
    var parts = new EnumMap<ReviewPart, Read>(ReviewPart.class);
    stars.ifPresent(
        one -> parts.put(ReviewPart.STARS, new Read(one.element(), plain(one.value()))));
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
    return new Block(block.number(), parts, stars.flatMap(StarReader.Stars::best), withoutDay);
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

  private static String text(ReviewPart part, PageElement place) {
    return switch (part) {
      case STARS -> "";
      case DATE -> WrittenDates.told(place).orElse("");
      case NAME -> PartFinder.byline(place.line()).orElseGet(() -> place.text());
      case TITLE -> place.text();
      case VARIANT -> LABEL.matcher(place.text()).replaceFirst("");
      case WORDS -> place.paragraphs();
      case PICTURES -> String.join(" ", PartFinder.pictures(place));
    };
  }
}
