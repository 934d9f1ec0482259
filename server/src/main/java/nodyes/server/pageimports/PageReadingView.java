package nodyes.server.pageimports;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.imports.DateOrder;
import nodyes.core.imports.InvalidValueException;
import nodyes.core.pagereading.PatternReader;
import nodyes.core.pagereading.ReviewPart;
import nodyes.core.rating.RatingScale;
import org.jspecify.annotations.Nullable;

/**
 * A page that is read by how its reviews look, as the owner sees it.
 *
 * @param id its id
 * @param address where it is from
 * @param site its server
 * @param learned when the site was shown before, where it has changed since
 * @param parts which parts are read, each with how many of the reviews have it
 * @param rows what is built like a review
 * @param reviews how many of them are brought in
 * @param page the part of the page in which they stand, or all of it where there are none
 * @param hasNext whether the page names one after it
 * @param dateOrder how dates are read where one of them could be two days; missing where none is
 */
record PageReadingView(
    long id,
    String address,
    String site,
    @Nullable Instant learned,
    List<PatternPart> parts,
    List<ReadRow> rows,
    int reviews,
    PagePiece page,
    boolean hasNext,
    @Nullable DateOrder dateOrder) {
  /** A part, and how many of the reviews have it. */
  record PatternPart(ReviewPart part, int found) {}

  /**
   * What a part says.
   *
   * @param element where it was read
   * @param text as the page has it
   * @param reads what it is taken for; missing where that is the same
   */
  record ReadCell(int element, String text, @Nullable String reads) {}

  /**
   * What is built like a review.
   *
   * @param isReview whether it can be one
   * @param isLeftOut whether the owner left it out
   * @param dateWithoutDay what it says in place of a day
   */
  record ReadRow(
      int element,
      boolean isReview,
      boolean isLeftOut,
      Map<ReviewPart, ReadCell> cells,
      @Nullable String dateWithoutDay) {}

  static PageReadingView of(PageReading reading, ZoneId zone) {
    List<PatternReader.Block> blocks = reading.blocks();
    var evidence = new DateOrder.Evidence();
    blocks.forEach(block -> block.text(ReviewPart.DATE).ifPresent(evidence::see));
    List<PatternReader.Block> reviews = reading.reviews();
    var parts = new ArrayList<PatternPart>();
    for (ReviewPart part : ReviewPart.values()) {
      if (reading.pattern().filter(pattern -> pattern.parts().containsKey(part)).isPresent()) {
        parts.add(
            new PatternPart(
                part,
                (int) reviews.stream().filter(block -> block.parts().containsKey(part)).count()));
      }
    }
    return new PageReadingView(
        reading.id(),
        reading.address(),
        PageReadings.site(reading.address()),
        reading.learned().orElse(null),
        parts,
        blocks.stream().map(block -> row(block, reading, evidence.order(), zone)).toList(),
        reviews.size(),
        PagePiece.around(
            reading.page(),
            blocks.stream().map(PatternReader.Block::element).toList(),
            drawn(blocks)),
        reading.next().isPresent(),
        blocks.stream()
                .flatMap(block -> block.text(ReviewPart.DATE).stream())
                .anyMatch(DateOrder::isTwoDays)
            ? evidence.order()
            : null);
  }

  private static Map<Integer, String> drawn(List<PatternReader.Block> blocks) {
    var drawn = new HashMap<Integer, String>();
    for (PatternReader.Block block : blocks) {
      PatternReader.Read read = block.parts().get(ReviewPart.STARS);
      if (read != null) {
        drawn.put(read.element(), text(ReviewPart.STARS, read, block));
      }
    }
    return drawn;
  }

  private static ReadRow row(
      PatternReader.Block block, PageReading reading, DateOrder order, ZoneId zone) {
    var cells = new EnumMap<ReviewPart, ReadCell>(ReviewPart.class);
    block
        .parts()
        .forEach(
            (part, read) ->
                cells.put(
                    part,
                    new ReadCell(
                        read.element(),
                        text(part, read, block),
                        switch (part) {
                          case STARS -> stars(read.text(), block.best()).orElse(null);
                          case DATE -> day(read.text(), order, zone).orElse(null);
                          case NAME, TITLE, WORDS, PICTURES, VARIANT -> null;
                        })));
    return new ReadRow(
        block.element(),
        block.isReview(),
        reading.leftOut().contains(block.element()),
        cells,
        block.dateWithoutDay().isEmpty() ? null : block.dateWithoutDay());
  }

  private static String text(ReviewPart part, PatternReader.Read read, PatternReader.Block block) {
    return part == ReviewPart.STARS
        ? read.text() + " / " + block.best().map(BigDecimal::toPlainString).orElse("5")
        : read.text();
  }

  /** As a rating is read from a file with the same scale. */
  private static Optional<String> stars(String text, Optional<BigDecimal> best) {
    return new RatingScale(BigDecimal.ONE, best.orElse(BigDecimal.valueOf(5)))
        .toRating(new BigDecimal(text))
        .map(rating -> rating.stars(1).toPlainString());
  }

  private static Optional<String> day(String text, DateOrder order, ZoneId zone) {
    try {
      LocalDate day = order.read(text, zone);
      return Optional.of(day.toString());
    } catch (InvalidValueException e) {
      return Optional.empty();
    }
  }
}
