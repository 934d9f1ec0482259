package nodyes.server.listing;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.bringin.Column;
import nodyes.core.bringin.SchemaReviews;
import nodyes.core.common.Decimals;
import nodyes.core.rating.RatingScale;
import nodyes.server.web.Refusal;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What a directory says of a place: a schema.org LocalBusiness with up to five reviews. */
record DirectoryAnswer(
    String title,
    Optional<BigDecimal> rating,
    Optional<Integer> reviews,
    Optional<String> link,
    List<ListingView.Item> items) {
  private static final JsonMapper JSON = JsonMapper.shared();
  private static final int MOST = 5;
  private static final int LONGEST_NUMBER = 12;

  static DirectoryAnswer of(String json) {
    try {
      JsonNode place = JSON.readTree(json);
      JsonNode rated = place.path("aggregateRating");
      if (!place.path("name").isString()) {
        throw unreadable();
      }
      return new DirectoryAnswer(
          place.path("name").asString(),
          rating(rated),
          number(rated.path("reviewCount")).flatMap(DirectoryAnswer::whole),
          Optional.of(place.path("url").asString("")).filter(url -> url.startsWith("http")),
          items(JSON.treeToValue(place, Object.class)));
    } catch (JacksonException e) {
      throw unreadable();
    }
  }

  /** On the scale that it names, 1 to 5 where it names none (schema.org AggregateRating). */
  private static Optional<BigDecimal> rating(JsonNode rated) {
    BigDecimal worst = number(rated.path("worstRating")).orElse(BigDecimal.ONE);
    BigDecimal best = number(rated.path("bestRating")).orElse(BigDecimal.valueOf(5));
    return number(rated.path("ratingValue"))
        .filter(_ -> best.compareTo(worst) > 0)
        .flatMap(value -> new RatingScale(worst, best).toRating(value))
        .map(rating -> rating.stars(1));
  }

  /** Of schema.org a number may be written as text too. */
  private static Optional<BigDecimal> number(JsonNode node) {
    try {
      return node.isNumber() || node.isString()
          ? Optional.of(node.asString().strip())
              .filter(text -> text.length() <= LONGEST_NUMBER)
              .map(BigDecimal::new)
          : Optional.empty();
    } catch (NumberFormatException e) {
      return Optional.empty();
    }
  }

  private static Optional<Integer> whole(BigDecimal number) {
    try {
      return Optional.of(number.intValueExact()).filter(count -> count >= 0);
    } catch (ArithmeticException e) {
      return Optional.empty();
    }
  }

  private static Refusal unreadable() {
    return Refusal.unusable("The directory's answer cannot be read; what was here before stays.");
  }

  private static List<ListingView.Item> items(Object tree) {
    var items = new ArrayList<ListingView.Item>();
    for (Map<Column, String> review : SchemaReviews.in(tree)) {
      stars(review)
          .ifPresent(
              stars ->
                  items.add(
                      new ListingView.Item(
                          stars,
                          review.get(Column.WORDS),
                          review.get(Column.REVIEWER),
                          review.get(Column.LANGUAGE),
                          day(review.get(Column.DATE)),
                          review.get(Column.SOURCE_ID))));
    }
    return List.copyOf(items.subList(0, Math.min(MOST, items.size())));
  }

  private static Optional<BigDecimal> stars(Map<Column, String> review) {
    try {
      var scale =
          new RatingScale(
              Decimals.of(review.getOrDefault(Column.WORST, "1")),
              Decimals.of(review.getOrDefault(Column.BEST, "5")));
      return scale
          .toRating(Decimals.of(review.getOrDefault(Column.RATING, "")))
          .map(rating -> rating.stars(1));
    } catch (IllegalArgumentException e) {
      return Optional.empty();
    }
  }

  private static @Nullable LocalDate day(@Nullable String text) {
    try {
      return text == null || text.length() < 10 ? null : LocalDate.parse(text.substring(0, 10));
    } catch (DateTimeParseException e) {
      return null;
    }
  }
}
