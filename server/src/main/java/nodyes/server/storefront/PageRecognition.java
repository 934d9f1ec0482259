package nodyes.server.storefront;

import static java.util.stream.Collectors.joining;

import java.util.LinkedHashMap;
import java.util.Optional;
import java.util.stream.Stream;
import nodyes.core.common.Slug;
import nodyes.core.nod.PageKind;
import nodyes.core.recognition.PageRecogniser;
import nodyes.core.recognition.RecognisedPage;
import nodyes.core.recognition.ShopAddresses;
import nodyes.server.catalogue.ProductNameStore;
import nodyes.server.nods.KnownAddresses;
import nodyes.server.storefront.wire.WirePage;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Tells what a page is that does not say so itself. */
@Component
class PageRecognition {
  private final KnownAddresses addresses;
  private final ProductNameStore names;

  PageRecognition(KnownAddresses addresses, ProductNameStore names) {
    this.addresses = addresses;
    this.names = names;
  }

  /**
   * What is asked for once it is known what the page is.
   *
   * @param asked with kind, products and variant; of a page of no kind without products
   * @param recognised what the signs came to; null where the page said it itself
   */
  record Told(PageApi.Asked asked, WirePage.@Nullable WireRecognised recognised) {}

  Told told(PageApi.Asked asked, SignsAsked signs, boolean isOfDraft) {
    if (asked.kind() != null) {
      return new Told(asked, null);
    }
    RecognisedPage page = recognise(signs, isOfDraft ? addresses.drafted() : addresses.published());
    String products =
        Stream.concat(page.product().stream(), page.cards().values().stream())
            .map(Slug::value)
            .distinct()
            .collect(joining(","));
    String kind = page.kind().map(PageKind::wireName).orElse(null);
    return new Told(
        new PageApi.Asked(
            kind == null ? PageKind.HOME.wireName() : kind,
            kind == null ? null : products,
            Optional.ofNullable(asked.variant()).or(page::variant).orElse(null),
            asked.ordered(),
            asked.lang(),
            asked.shop()),
        wire(page, kind));
  }

  /** What a page is that says so much of itself. */
  RecognisedPage recognise(SignsAsked signs) {
    return recognise(signs, addresses.published());
  }

  private RecognisedPage recognise(SignsAsked signs, ShopAddresses known) {
    return new PageRecogniser(known, names).recognise(signs.signs());
  }

  private static WirePage.WireRecognised wire(RecognisedPage page, @Nullable String kind) {
    var cards = new LinkedHashMap<String, String>();
    page.cards().forEach((name, product) -> cards.put(name.text(), product.value()));
    return new WirePage.WireRecognised(
        kind,
        page.product().map(Slug::value).orElse(null),
        page.variant().orElse(null),
        page.by().orElse(null),
        page.doubt().orElse(null),
        cards);
  }
}
