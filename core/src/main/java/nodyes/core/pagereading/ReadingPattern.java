package nodyes.core.pagereading;

import java.math.BigDecimal;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * How the reviews of a site's pages are built: learned from one page, read on all of them. Numbers
 * of stars without an end stand for a scale which the highest of them tells: on a later page there
 * may be low ones alone.
 *
 * @param path the tags from the top of the page to a review, parted by '/'
 * @param classes names of classes that each review has
 * @param parts where in a review its parts stand
 * @param highest the highest number of stars without an end so far; 0 where none was seen
 */
public record ReadingPattern(
    String path, List<String> classes, Map<ReviewPart, PartPath> parts, BigDecimal highest) {
  /** Keeps lists unchangeable. */
  public ReadingPattern {
    classes = List.copyOf(classes);
    parts = Map.copyOf(parts);
  }

  /** The same with another place of a part. */
  ReadingPattern with(ReviewPart part, PartPath place) {
    var all = new EnumMap<ReviewPart, PartPath>(ReviewPart.class);
    all.putAll(parts);
    all.put(part, place);
    return new ReadingPattern(path, classes, all, highest);
  }

  /** The same without a part. */
  public ReadingPattern without(ReviewPart part) {
    var all = new EnumMap<ReviewPart, PartPath>(ReviewPart.class);
    all.putAll(parts);
    all.remove(part);
    return new ReadingPattern(path, classes, all, highest);
  }

  /** The same with the highest number of these, too. */
  public ReadingPattern seeing(List<PatternReader.Block> blocks) {
    return new ReadingPattern(
        path,
        classes,
        parts,
        blocks.stream()
            .filter(block -> block.best().isEmpty())
            .flatMap(block -> block.text(ReviewPart.STARS).stream())
            .map(BigDecimal::new)
            .reduce(highest, BigDecimal::max));
  }

  /** The elements of a page that are built like a review, in their order. */
  List<PageElement> blocks(PageTree page) {
    List<PageElement> there =
        page.at(path).stream().filter(one -> one.classes().containsAll(classes)).toList();
    if (!there.isEmpty() || classes.isEmpty()) {
      return there;
    }
    // another page of the site may wrap them otherwise
    String tag = path.substring(path.lastIndexOf('/') + 1);
    return page.root().all().stream()
        .filter(one -> one.tag().equals(tag) && one.classes().containsAll(classes))
        .toList();
  }
}
