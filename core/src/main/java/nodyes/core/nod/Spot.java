package nodyes.core.nod;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import nodyes.core.common.Unfit;

/**
 * A place on a page where nods sit: a standard one, or one that the owner pointed at.
 *
 * @param name as written in the page's {@code data-nod-spot} attribute: 1 to 40 lower-case letters,
 *     digits and hyphens
 */
public record Spot(String name) {
  private static final Pattern FORM = Pattern.compile("[a-z][a-z0-9-]{0,39}");

  /** The standard spots, in the order in which they come on a page. */
  public static final List<Spot> STANDARD =
      List.of(
          new Spot("on-picture"),
          new Spot("listing-card"),
          new Spot("above-title"),
          new Spot("under-title"),
          new Spot("under-price"),
          new Spot("above-buy"),
          new Spot("under-buy"),
          new Spot("under-picture"),
          new Spot("under-description"),
          new Spot("basket-line"),
          new Spot("basket-end"),
          new Spot("order-end"),
          new Spot("page-end"),
          new Spot("screen-edge"));

  private static final Map<String, Integer> ORDER = order(STANDARD);

  private static Map<String, Integer> order(List<Spot> spots) {
    var order = new HashMap<String, Integer>();
    spots.forEach(spot -> order.put(spot.name(), order.size()));
    return Map.copyOf(order);
  }

  /** Throws {@link IllegalArgumentException} where the name is not of that form. */
  public Spot {
    if (!FORM.matcher(name).matches()) {
      throw new Unfit("spots.notAName", "name", name);
    }
  }

  /** Whether nods lie on the picture here, beside or over one another, and take no room. */
  public boolean isOnPicture() {
    return name.equals("on-picture");
  }

  /** Whether it is of the page as a whole, where others are of one of its products. */
  public boolean isOfPage() {
    return name.equals("basket-end") || name.equals("order-end");
  }

  /** Its place in the order of a page: standard ones first, others after them. */
  public int order() {
    return ORDER.getOrDefault(name, STANDARD.size());
  }
}
