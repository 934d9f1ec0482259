package nodyes.server.feeds;

import static nodyes.server.messages.Texts.text;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.imports.DateOrder;
import nodyes.core.imports.TableKind;
import nodyes.server.web.JsonLines.LineProblem;
import org.jspecify.annotations.Nullable;

/** Why a table cannot be read as it is. */
final class FeedTableCheck {
  private FeedTableCheck() {}

  /** The term that rows are told apart by. */
  static String named(FeedKind kind) {
    return kind == FeedKind.PRODUCTS ? "productGroupID" : "orderNumber";
  }

  /**
   * What a table holds by its headings, or by what stands under them: a number beside days.
   *
   * @param found as orders
   */
  static Optional<TableKind> kind(FeedSurvey.Found found) {
    return TableKind.of(found.headings())
        .or(
            () ->
                Optional.of(TableKind.ORDERS)
                    .filter(kind -> found.columns().containsKey("orderNumber"))
                    .filter(kind -> found.columns().containsKey("orderDate")));
  }

  /**
   * The first reason.
   *
   * @param order the order of dates where the owner chose one
   */
  static Optional<LineProblem> of(
      FeedKind kind, FeedSurvey.Found found, @Nullable DateOrder order) {
    if (found.headings().isEmpty()) {
      return Optional.of(new LineProblem(1, "", "", text("problems.fileEmpty")));
    }
    Map<String, Integer> columns = found.indexes();
    boolean isProducts = kind == FeedKind.PRODUCTS;
    boolean namesProducts =
        isProducts && (columns.containsKey("name") || columns.containsKey("sku"));
    if (!columns.containsKey(named(kind)) && !namesProducts) {
      String headings = String.join(", ", found.headings());
      String missing = isProducts ? text("feeds.noProductColumn") : text("feeds.noOrderColumn");
      return Optional.of(
          new LineProblem(
              1, named(kind), headings, another(kind, found.headings()).orElse(missing)));
    }
    if (isAnother(kind, found.headings())) {
      return Optional.of(
          new LineProblem(
              1,
              "",
              String.join(", ", found.headings()),
              another(kind, found.headings()).orElseThrow()));
    }
    String unclear = found.dates().unclear();
    return unclear.isEmpty() || order != null
        ? Optional.empty()
        : Optional.of(new LineProblem(1, "orderDate", unclear, text("feeds.datesOfTwoWays")));
  }

  /**
   * Orders have a date and a number, which a table of products has not, and the other way round.
   */
  private static boolean isAnother(FeedKind kind, List<String> headings) {
    return TableKind.of(headings).filter(one -> !one.name().equals(kind.name())).isPresent();
  }

  private static Optional<String> another(FeedKind kind, List<String> headings) {
    return TableKind.of(headings)
        .filter(one -> !one.name().equals(kind.name()))
        .map(one -> text("feeds.looksLike", "kind", one));
  }
}
