package nodyes.simulators.shop;

import java.util.Set;
import java.util.regex.Pattern;

/** Takes the marks for nods out of a page: half of the shop says nothing but what shops say. */
final class Marks {
  /** Pages of these, and of products in them, carry none. */
  private static final Set<String> WITHOUT = Set.of("seeds-and-bulbs", "tools", "grow-lights");

  private static final Pattern EMPTY_SPOT =
      Pattern.compile("\\n *<div[^>]* data-nod-spot=\"[^\"]*\"></div>");
  private static final Pattern MARK = Pattern.compile(" data-nod-[a-z]+=\"[^\"]*\"");

  private Marks() {}

  static String takenOut(ShopCatalogue.Category category, String html) {
    return WITHOUT.contains(category.slug())
        ? MARK.matcher(EMPTY_SPOT.matcher(html).replaceAll("")).replaceAll("")
        : html;
  }
}
