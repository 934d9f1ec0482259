package nodyes.server.pageimports;

import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nodyes.core.pagereading.PageTree;
import nodyes.core.pagereading.PatternReader;
import nodyes.core.pagereading.ReadingPattern;

/**
 * A page whose reviews are read by how they look, until the owner has said that they are read
 * right.
 *
 * @param id its id
 * @param address where it is from
 * @param page what is on it
 * @param next the address of the page after it
 * @param pattern how its reviews are built, once that is known
 * @param leftOut the elements that are no reviews, as the owner says
 * @param learned when the site's pages were shown before, where they have changed since
 */
record PageReading(
    long id,
    String address,
    PageTree page,
    Optional<String> next,
    Optional<ReadingPattern> pattern,
    Set<Integer> leftOut,
    Optional<Instant> learned) {
  PageReading {
    leftOut = Set.copyOf(leftOut);
  }

  PageReading with(ReadingPattern other) {
    return new PageReading(id, address, page, next, Optional.of(other), leftOut, learned);
  }

  /** All that is built like a review. */
  List<PatternReader.Block> blocks() {
    return pattern.map(known -> PatternReader.read(page, known)).orElse(List.of());
  }

  /** What is brought in of it. */
  List<PatternReader.Block> reviews() {
    return blocks().stream().filter(this::isTaken).toList();
  }

  /** Whether it can be a review and was not left out. */
  boolean isTaken(PatternReader.Block block) {
    return block.isReview() && !leftOut.contains(block.element());
  }

  /** The same with stars as the page gives them. */
  List<PatternReader.Block> given() {
    return pattern.map(known -> PatternReader.given(page, known)).orElse(List.of());
  }

  PageReading leaving(int element, boolean isLeftOut) {
    var all = new HashSet<>(leftOut);
    if (isLeftOut) {
      all.add(element);
    } else {
      all.remove(element);
    }
    return new PageReading(id, address, page, next, pattern, all, learned);
  }
}
