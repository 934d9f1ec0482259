package nodyes.server.storefront.wire;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import nodyes.core.recognition.RecognisedPage;
import org.jspecify.annotations.Nullable;

/**
 * What a page shows.
 *
 * @param revision changes whenever the answer does
 * @param validUntil until when it holds if no fact changes; null if time alone changes nothing
 * @param language the language of the words
 * @param nods what shows, in page order
 * @param spots places of the page that the owner pointed at
 * @param words words of each kind of nod in that language; those that count have CLDR plural
 *     categories
 * @param dress how those that are dressed by the owner are, by their id
 * @param withheld what does not show; with a preview token only
 * @param page what the page was recognised as, where it was asked for by its signs
 */
public record WirePage(
    String revision,
    @Nullable Instant validUntil,
    String language,
    List<WireNod> nods,
    List<WireSpot> spots,
    Map<String, Map<String, Object>> words,
    Map<String, WireAppearance> dress,
    @Nullable List<WireWithheld> withheld,
    @Nullable WireRecognised page) {
  /**
   * What a page is.
   *
   * @param kind missing where it is none that nods stand on, or in doubt
   * @param product the slug of the product that it is of
   * @param variant the SKU that it names
   * @param by the sign that told it
   * @param doubt why nothing shows although it speaks of a product
   * @param cards slugs by what its cards name products by
   */
  public record WireRecognised(
      @Nullable String kind,
      @Nullable String product,
      @Nullable String variant,
      RecognisedPage.@Nullable Sign by,
      RecognisedPage.@Nullable Doubt doubt,
      Map<String, String> cards) {}

  /** A place of the page by selector, and where to it: before, after or inside. */
  public record WireSpot(String spot, String selector, String side) {}

  /** A nod that does not show, and why in a sentence. */
  public record WireWithheld(
      String id,
      String kind,
      String spot,
      String product,
      String because,
      @Nullable Instant validUntil) {}
}
