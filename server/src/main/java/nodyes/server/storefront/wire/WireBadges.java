package nodyes.server.storefront.wire;

import java.util.List;
import nodyes.core.nod.Icon;
import nodyes.core.nod.IconSet;
import nodyes.core.nod.TrustBadges;
import org.jspecify.annotations.Nullable;

/**
 * Promises side by side.
 *
 * @param items in the owner's order
 * @param columns beside one another on a wide screen
 * @param columnsNarrow the same on a narrow one
 * @param wholeLinks whether all of an item leads on
 */
public record WireBadges(
    List<WireBadge> items, int columns, int columnsNarrow, boolean wholeLinks) {
  /**
   * One promise.
   *
   * @param drawing an outline, an emoji, or a picture's name; missing for none
   */
  public record WireBadge(
      @Nullable String drawing, String title, @Nullable String line, @Nullable String link) {}

  static WireBadges of(TrustBadges.TrustBadgesContent content) {
    return new WireBadges(
        content.items().stream().map(WireBadges::badge).toList(),
        content.columns(),
        content.columnsNarrow(),
        content.isWholeLink());
  }

  private static WireBadge badge(TrustBadges.Item item) {
    String drawing = IconSet.named(item.drawing()).map(Icon::outline).orElse(item.drawing());
    return new WireBadge(
        drawing.equals("none") ? null : drawing,
        item.title(),
        item.line().isEmpty() ? null : item.line(),
        item.link().isEmpty() ? null : item.link());
  }
}
