package nodyes.core.recognition;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * What the owner showed of the shop's pages: what they do not say themselves.
 *
 * @param products further ways in which products are addressed, beside the shop's usual one
 * @param landmarks CSS selectors of what places are beside, one for all pages of a kind
 * @param leftOut CSS selectors of what looks like a product's card and is none
 */
public record LearnedPages(
    List<AddressPattern> products, Map<Landmark, String> landmarks, List<String> leftOut) {
  /** Nothing was shown. */
  public static final LearnedPages NONE = new LearnedPages(List.of(), Map.of(), List.of());

  /** Something on a page that nods, or what they are about, depend on. */
  public enum Landmark {
    /** The title of a product's page. */
    TITLE,
    /** The price there. */
    PRICE,
    /** The button that buys, or the form around it. */
    BUY,
    /** The large picture there. */
    PICTURE,
    /** The text about the product. */
    DESCRIPTION,
    /** Each card of a listing. */
    CARD,
    /** The field that holds the SKU of the chosen variant. */
    VARIANT
  }

  /** Copies them; what an older version of this program kept lacks some of them. */
  public LearnedPages {
    products = List.copyOf(Objects.requireNonNullElse(products, List.of()));
    landmarks = Map.copyOf(Objects.requireNonNullElse(landmarks, Map.of()));
    leftOut = List.copyOf(Objects.requireNonNullElse(leftOut, List.of()));
  }

  /** With a selector in place of the one that was pointed at before. */
  public LearnedPages with(Landmark landmark, String selector) {
    var all = new EnumMap<Landmark, String>(Landmark.class);
    all.putAll(landmarks);
    all.put(landmark, selector);
    return new LearnedPages(products, all, leftOut);
  }

  /** As if it had never been pointed at. */
  public LearnedPages without(Landmark landmark) {
    var all = new EnumMap<Landmark, String>(Landmark.class);
    all.putAll(landmarks);
    all.remove(landmark);
    return new LearnedPages(products, all, leftOut);
  }

  /** With a further way to address products, behind those that there are. */
  public LearnedPages with(AddressPattern pattern) {
    var all = new ArrayList<>(products);
    all.remove(pattern);
    all.add(pattern);
    return new LearnedPages(all, landmarks, leftOut);
  }

  /** Without one. */
  public LearnedPages without(AddressPattern pattern) {
    return new LearnedPages(
        products.stream().filter(one -> !one.equals(pattern)).toList(), landmarks, leftOut);
  }

  /** What a selector matches is no card from now on. */
  public LearnedPages leavingOut(String selector) {
    var all = new ArrayList<>(leftOut);
    all.remove(selector);
    all.add(selector);
    return new LearnedPages(products, landmarks, all);
  }

  /** What a selector matches may be a card again. */
  public LearnedPages takingIn(String selector) {
    return new LearnedPages(
        products, landmarks, leftOut.stream().filter(one -> !one.equals(selector)).toList());
  }
}
