package nodyes.server.feeds;

import static nodyes.server.messages.Texts.text;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.imports.ColumnDetector.MatchBasis;
import nodyes.core.imports.TableKind;
import nodyes.server.web.JsonLines.LineProblem;

/** Why a table cannot be read as it is. */
final class FeedTableCheck {
  private FeedTableCheck() {}

  /** The term that rows are told apart by. */
  static String named(FeedKind kind) {
    return kind == FeedKind.PRODUCTS ? "productGroupID" : "orderNumber";
  }

  /** The first reason. */
  static Optional<LineProblem> of(FeedSurvey.Found found) {
    if (found.headings().isEmpty()) {
      return Optional.of(new LineProblem(1, "", "", text("problems.fileEmpty")));
    }
    FeedKind kind = found.kind();
    String headings = String.join(", ", found.headings());
    Optional<String> another = another(kind, found.headings());
    // an owner who says which column is which knows what it is
    boolean isChosen =
        found.columns().values().stream().anyMatch(match -> match.basis() == MatchBasis.CHOSEN);
    if (another.isPresent() && !isChosen) {
      return Optional.of(new LineProblem(1, "", headings, another.get()));
    }
    Map<String, Integer> columns = found.indexes();
    boolean isProducts = kind == FeedKind.PRODUCTS;
    boolean isNamed =
        columns.containsKey(named(kind))
            || (isProducts && (columns.containsKey("name") || columns.containsKey("sku")));
    if (!isNamed) {
      String missing = isProducts ? text("feeds.noProductColumn") : text("feeds.noOrderColumn");
      return Optional.of(new LineProblem(1, named(kind), headings, missing));
    }
    String unclear = found.dates().unclear();
    return unclear.isEmpty()
        ? Optional.empty()
        : Optional.of(new LineProblem(1, "orderDate", unclear, text("feeds.datesOfTwoWays")));
  }

  /** What its headings say that it holds instead. */
  private static Optional<String> another(FeedKind kind, List<String> headings) {
    return TableKind.of(headings)
        .filter(one -> !one.name().equals(kind.name()))
        .map(one -> text("feeds.looksLike", "kind", one));
  }
}
