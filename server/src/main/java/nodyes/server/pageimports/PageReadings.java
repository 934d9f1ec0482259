package nodyes.server.pageimports;

import static nodyes.server.messages.Texts.text;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.net.URI;
import java.time.Clock;
import java.time.Duration;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.UnaryOperator;
import nodyes.core.pagereading.PageTree;
import nodyes.core.pagereading.PatternFinder;
import nodyes.core.pagereading.PatternReader;
import nodyes.core.pagereading.ReadingPattern;
import nodyes.core.pagereading.ReviewPart;
import nodyes.server.web.ApiProblem;
import org.springframework.stereotype.Component;

/** Pages that the owner shows how to read, and what was learned of their sites. */
@Component
class PageReadings {
  private static final int MOST_OPEN = 20;
  private static final Duration LONGEST_OPEN = Duration.ofHours(6);

  private final PagePatternStore patterns;
  private final Clock clock;
  private final AtomicLong ids = new AtomicLong();
  private final Cache<Long, PageReading> open =
      Caffeine.newBuilder().maximumSize(MOST_OPEN).expireAfterAccess(LONGEST_OPEN).build();

  PageReadings(PagePatternStore patterns, Clock clock) {
    this.patterns = patterns;
    this.clock = clock;
  }

  /**
   * How the pages of a site are read, if that was shown before and still finds on this page all
   * parts that it found then: where a site has changed, nothing is taken unseen.
   */
  Optional<ReadingPattern> known(String address, PageTree page) {
    return patterns
        .of(site(address))
        .map(PagePatternStore.Learned::pattern)
        .filter(pattern -> findsAll(page, pattern));
  }

  private static boolean findsAll(PageTree page, ReadingPattern pattern) {
    var blocks =
        PatternReader.read(page, pattern).stream().filter(PatternReader.Block::isReview).toList();
    return !blocks.isEmpty()
        && pattern.parts().keySet().stream()
            // not every page has a review with a picture, a heading or a variant
            .filter(Set.of(ReviewPart.STARS, ReviewPart.NAME, ReviewPart.WORDS)::contains)
            .allMatch(part -> blocks.stream().anyMatch(block -> block.parts().containsKey(part)));
  }

  /** Opens a page for the owner to look at, with what looks like reviews on it. */
  PageReading open(String address, PageTree page, Optional<String> next) {
    var reading =
        new PageReading(
            ids.incrementAndGet(),
            address,
            page,
            next,
            PatternFinder.propose(page),
            Set.of(),
            patterns.of(site(address)).map(PagePatternStore.Learned::at));
    open.put(reading.id(), reading);
    return reading;
  }

  PageReading get(long id) {
    return Optional.ofNullable(open.getIfPresent(id))
        .orElseThrow(() -> ApiProblem.notFound(text("imports.pageReadingGone")));
  }

  /** Takes what someone points at for a review; what is built like it is found anew. */
  PageReading pointAtReview(long id, int element) {
    return change(
        id,
        reading ->
            PatternFinder.around(reading.page(), element)
                .map(reading::with)
                .orElseThrow(() -> ApiProblem.unusable(text("imports.pointedAtNoReview"))));
  }

  /** Takes what someone points at for a part of each review. */
  PageReading pointAt(long id, ReviewPart part, int element) {
    return change(
        id,
        reading ->
            reading
                .pattern()
                .flatMap(pattern -> PatternFinder.pointing(reading.page(), pattern, part, element))
                .map(reading::with)
                .orElseThrow(() -> ApiProblem.unusable(text("imports.pointedOutside"))));
  }

  /** Reads a part no more. */
  PageReading without(long id, ReviewPart part) {
    return change(
        id,
        reading ->
            reading.pattern().map(pattern -> reading.with(pattern.without(part))).orElse(reading));
  }

  PageReading leave(long id, int element, boolean isLeftOut) {
    return change(id, reading -> reading.leaving(element, isLeftOut));
  }

  /** Keeps how the pages of a site are read. */
  void remember(String address, ReadingPattern pattern) {
    patterns.remember(site(address), pattern, clock.instant());
  }

  private PageReading change(long id, UnaryOperator<PageReading> change) {
    PageReading next = change.apply(get(id));
    open.put(id, next);
    return next;
  }

  /** The server of an address, as a site is known by. */
  static String site(String address) {
    String host = URI.create(address).getHost();
    return host == null ? "" : host.toLowerCase(Locale.ROOT).replaceFirst("^www\\.", "");
  }
}
