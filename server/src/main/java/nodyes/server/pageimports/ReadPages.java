package nodyes.server.pageimports;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nodyes.core.pagereading.PatternReader;
import nodyes.core.pagereading.ReadingPattern;
import nodyes.server.tabular.PatternReviews;
import nodyes.server.tabular.WebPage;

/** What was read of a page and of those after it; all of it is put on one scale in the end. */
final class ReadPages {
  private final List<String> marked = new ArrayList<>();
  private final List<PatternReader.Block> blocks = new ArrayList<>();
  private final List<String> addresses = new ArrayList<>();
  private Optional<ReadingPattern> pattern = Optional.empty();

  /** Begins with a page that the owner looked at. */
  static ReadPages of(PageReading reading) {
    var pages = new ReadPages();
    List<PatternReader.Block> given = reading.given();
    // what was left out tells of the scale all the same
    reading.pattern().map(known -> known.seeing(given)).ifPresent(pages::by);
    pages.add(given.stream().filter(reading::isTaken).toList(), reading.address());
    return pages;
  }

  /** From now on pages are read so. */
  void by(ReadingPattern known) {
    pattern = Optional.of(known);
  }

  /** How many reviews there are so far. */
  int reviews() {
    return marked.size() + blocks.size();
  }

  /** Reads a page: what it marks up, or what looks like reviews where that is known. */
  void add(WebPage page) {
    if (pattern.isPresent()) {
      add(PatternReader.given(page.tree(), pattern.get()), page.address());
      return;
    }
    page.found()
        .reviews()
        .forEach(review -> marked.add(PageImportFile.line(review, page.address())));
  }

  private void add(List<PatternReader.Block> read, String address) {
    read.stream()
        .filter(PatternReader.Block::isReview)
        .forEach(
            review -> {
              blocks.add(review);
              addresses.add(address);
            });
  }

  /** How the pages were read, with all that it has seen; empty where they mark up their reviews. */
  Optional<ReadingPattern> pattern() {
    return pattern.map(known -> known.seeing(blocks));
  }

  /** The first so many of them, a line each. */
  List<String> lines(int most) {
    var lines = new ArrayList<>(marked);
    pattern()
        .map(known -> PatternReader.onOneScale(blocks, known))
        .ifPresent(
            scaled -> {
              for (int i = 0; i < scaled.size(); i++) {
                lines.add(PageImportFile.line(PatternReviews.row(scaled.get(i)), addresses.get(i)));
              }
            });
    return lines.subList(0, Math.min(most, lines.size()));
  }
}
