package nodyes.server.storefront.wire;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import nodyes.core.nod.NodOption;
import nodyes.core.nod.PickedQuotes;
import nodyes.core.review.Quote;
import org.jspecify.annotations.Nullable;

/**
 * Picked reviews.
 *
 * @param quotes in their order
 * @param lay in-turn, carousel, row or line
 * @param seconds until the next one; 0 where only a hand moves them
 * @param all whether a link leads to all reviews
 * @param link where all are read, if not on the page
 * @param foot what all reviews say, where it stands under them
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record WireQuotes(
    List<WireQuote> quotes,
    String lay,
    int inView,
    int inViewNarrow,
    boolean arrows,
    boolean dots,
    int seconds,
    boolean all,
    @Nullable String link,
    @Nullable WireFoot foot) {
  /** Mean to one decimal, of how many. */
  public record WireFoot(BigDecimal mean, long count) {}

  /**
   * A quoted review.
   *
   * @param text all of its words
   * @param cut how much of them shows at first; missing where all does
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record WireQuote(
      BigDecimal stars,
      @JsonUnwrapped WireReview.WireText text,
      @Nullable String cut,
      @JsonUnwrapped WireReview.WireWriter writer,
      @JsonUnwrapped WireReview.WireFrom from,
      @Nullable String picture) {}

  static WireQuotes of(PickedQuotes.PickedQuotesContent content) {
    PickedQuotes.Carousel turns = content.turns();
    return new WireQuotes(
        content.quotes().stream().map(WireQuotes::quote).toList(),
        NodOption.named(turns.lay()),
        turns.inView(),
        turns.inViewNarrow(),
        turns.hasArrows(),
        turns.hasDots(),
        turns.seconds(),
        turns.leadsToAll(),
        content.link().orElse(null),
        content.foot().map(foot -> new WireFoot(foot.average(), foot.count())).orElse(null));
  }

  private static WireQuote quote(Quote quote) {
    return new WireQuote(
        quote.rating().cut(),
        WireReview.WireText.of(quote.text()),
        quote.excerpt().isCut() ? quote.excerpt().text() : null,
        WireReview.WireWriter.of(quote.writer()),
        WireReview.WireFrom.of(quote.origin(), Optional.empty()),
        quote.picture().orElse(null));
  }
}
