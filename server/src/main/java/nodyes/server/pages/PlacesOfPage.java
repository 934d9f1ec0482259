package nodyes.server.pages;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import nodyes.core.recognition.LearnedPages.Landmark;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.select.Selector;
import org.jspecify.annotations.Nullable;

/**
 * Where nods find places on a product's page that marks none: by schema.org, by landmarks, by what
 * stands there. The page is read from its source, so what comes later or is hidden is not known
 * here; what counts is what the script finds in browsers.
 */
final class PlacesOfPage {
  private static final Pattern MONEY =
      Pattern.compile(
          "(?:\\p{Sc}|\\b[A-Z]{3})\\s?\\d|\\d\\s?(?:\\p{Sc}|[A-Z]{3}\\b)|\\d[.,]\\d{2}\\b");
  private static final String NO_PRICE =
      "del,s,strike,script,style,noscript,option,select,nav,header,footer";
  private static final Pattern BUY =
      Pattern.compile(
          "(?iu)\\b(add(ed)? to|buy|order now|in den (waren|einkaufs)|kaufen|bestellen|ajouter au"
              + "|acheter|commander|añadir|agregar|comprar|adicionar|aggiungi|acquista|toevoegen"
              + "|in winkel|dodaj|kup|kjøp|köp|osta|køb)|カート|购物车|장바구니|أضف|купить|в корзину");

  /** What is kept for later, or looked at beside others, is not bought. */
  private static final Pattern NOT_BUY =
      Pattern.compile(
          "(?iu)wish|favo|compar|merk|wunsch|souhait|envie|dese[oj]s|desideri|verlang|ønske|önske"
              + "|życze|избранн");

  private static final Pattern BUYING_FORM =
      Pattern.compile(
          "(?i)cart|basket|bag|checkout|order|warenkorb|panier|cesta|carrito|carrinho|carrello"
              + "|winkel");
  private static final int LEAST_DESCRIPTION = 80;

  /** The standard spots of a product's page, by what they are beside; the page's end is always. */
  private static final Map<Landmark, List<String>> SPOTS =
      new EnumMap<>(
          Map.of(
              Landmark.TITLE, List.of("above-title", "under-title"),
              Landmark.PRICE, List.of("under-price"),
              Landmark.BUY, List.of("above-buy", "under-buy"),
              Landmark.PICTURE, List.of("on-picture", "under-picture"),
              Landmark.DESCRIPTION, List.of("under-description")));

  private static final String END = "page-end";

  private PlacesOfPage() {}

  /**
   * The standard spots, each with whether the page has it.
   *
   * @param pointed selectors of what the owner pointed at, which go before what is found
   */
  static List<AddressReport.CheckedPlace> found(Document html, Map<Landmark, String> pointed) {
    Element main = Optional.ofNullable(html.selectFirst("main,[role=main]")).orElse(html.body());
    var places = new ArrayList<AddressReport.CheckedPlace>();
    SPOTS.forEach(
        (landmark, spots) -> {
          boolean isFound = isAt(pointed.get(landmark), html) || has(landmark, html, main);
          spots.forEach(spot -> places.add(new AddressReport.CheckedPlace(spot, isFound)));
        });
    places.add(new AddressReport.CheckedPlace(END, true));
    return places;
  }

  private static boolean isAt(@Nullable String selector, Document html) {
    try {
      return selector != null && html.selectFirst(selector) != null;
    } catch (Selector.SelectorParseException | IllegalArgumentException e) {
      return false;
    }
  }

  private static boolean has(Landmark landmark, Document html, Element main) {
    return switch (landmark) {
      case PICTURE -> main.selectFirst("img") != null;
      case TITLE -> html.selectFirst("h1,[itemprop=name],h2") != null;
      case PRICE ->
          any(main.select("[itemprop=price],[itemprop=offers]"), PlacesOfPage::isElement)
              || any(main.select("*"), PlacesOfPage::isPrice);
      case BUY ->
          any(
              main.select("button,input[type=submit],input[type=button],[role=button]"),
              one -> isToBuy(saying(one)) || isInBuyingForm(one));
      case DESCRIPTION ->
          any(main.select("[itemprop=description]"), PlacesOfPage::isElement)
              || any(main.select("p"), one -> one.text().length() >= LEAST_DESCRIPTION);
      case CARD, VARIANT -> false;
    };
  }

  private static boolean any(List<Element> elements, Predicate<Element> is) {
    return elements.stream().anyMatch(is);
  }

  private static boolean isElement(Element element) {
    return !element.normalName().equals("meta") && !element.normalName().equals("link");
  }

  private static boolean isPrice(Element element) {
    String text = element.ownText();
    return !text.isEmpty()
        && text.length() <= 60
        && MONEY.matcher(text).find()
        && Stream.iterate(element, one -> one != null, Element::parent)
            .noneMatch(one -> one.is(NO_PRICE));
  }

  private static boolean isToBuy(String text) {
    return BUY.matcher(text).find() && !NOT_BUY.matcher(text).find();
  }

  private static String saying(Element button) {
    return button.text() + " " + button.attr("value") + " " + button.attr("aria-label");
  }

  private static boolean isInBuyingForm(Element button) {
    Element form = button.closest("form");
    return form != null && BUYING_FORM.matcher(form.attr("action")).find();
  }
}
