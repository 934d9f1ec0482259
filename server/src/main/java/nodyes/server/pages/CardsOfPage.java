package nodyes.server.pages;

import java.net.URI;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import nodyes.core.recognition.AddressPattern;
import nodyes.core.recognition.Identifier;
import nodyes.core.recognition.LearnedPages;
import nodyes.core.recognition.ShopAddresses;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.select.Selector;

/** The cards of a page, read from its source as the script reads them from the page. */
final class CardsOfPage {
  private static final int MOST = 100;

  private final Document html;
  private final ShopAddresses addresses;
  private final LearnedPages learned;
  private final Set<Element> leftOut;

  CardsOfPage(Document html, ShopAddresses addresses, LearnedPages learned) {
    this.html = html;
    this.addresses = addresses;
    this.learned = learned;
    this.leftOut =
        learned.leftOut().stream()
            .flatMap(selector -> matching(selector).stream())
            .collect(Collectors.toSet());
  }

  /**
   * What names a product on each card; several where a card leads to several, none where to none.
   */
  List<Set<Identifier>> cards() {
    List<Element> marked = html.select("[data-nod-product]");
    if (!marked.isEmpty()) {
      return marked.stream()
          .map(card -> Identifier.of(Identifier.Type.ADDRESS, card.attr("data-nod-product")))
          .flatMap(Optional::stream)
          .distinct()
          .limit(MOST)
          .map(Set::of)
          .toList();
    }
    Optional<String> card =
        Optional.ofNullable(learned.landmarks().get(LearnedPages.Landmark.CARD));
    return card.isPresent()
        ? matching(card.get()).stream()
            .filter(one -> !isLeftOut(one))
            .limit(MOST)
            .map(this::namesIn)
            .toList()
        : namesIn(html).stream().limit(MOST).map(Set::of).toList();
  }

  private Set<Identifier> namesIn(Element part) {
    var names = new LinkedHashSet<Identifier>();
    for (Element link : part.select("a[href]")) {
      if (link.closest("nav,[role=navigation]") == null && !isLeftOut(link)) {
        name(link).ifPresent(names::add);
      }
    }
    return names;
  }

  /** What a link of this shop names; nothing where it leads elsewhere. */
  private Optional<Identifier> name(Element link) {
    String to = link.attr("abs:href");
    String host = URI.create(html.location()).getAuthority();
    return to.contains("//" + host + "/")
        ? SignsOfPage.path(to)
            .flatMap(addresses::ofProduct)
            .flatMap(AddressPattern.Match::product)
            .flatMap(name -> Identifier.of(Identifier.Type.ADDRESS, name))
        : Optional.empty();
  }

  private boolean isLeftOut(Element element) {
    return leftOut.contains(element) || element.parents().stream().anyMatch(leftOut::contains);
  }

  /** One that cannot be read matches nothing. */
  private List<Element> matching(String selector) {
    try {
      return html.select(selector);
    } catch (Selector.SelectorParseException | IllegalArgumentException e) {
      return List.of();
    }
  }
}
