package nodyes.server.businessprofile;

import static nodyes.server.messages.Texts.text;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.Decimals;
import nodyes.core.imports.ReviewColumn;
import nodyes.core.imports.SchemaOrgReviewReader;
import nodyes.core.rating.RatingScale;
import nodyes.server.web.ApiProblem;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What a directory says of a place: a schema.org LocalBusiness with up to five reviews. */
record DirectoryResponse(
    String title,
    Optional<BigDecimal> rating,
    Optional<Integer> reviews,
    Optional<String> link,
    List<BusinessProfileView.Item> items) {
  private static final JsonMapper JSON = JsonMapper.shared();
  private static final int MOST = 5;
  private static final int LONGEST_NUMBER = 12;

  static DirectoryResponse of(String json) {
    try {
      JsonNode place = JSON.readTree(json);
      JsonNode rated = place.path("aggregateRating");
      if (!place.path("name").isString()) {
        throw unreadable();
      }
      return new DirectoryResponse(
          place.path("name").asString(),
          rating(rated),
          number(rated.path("reviewCount")).flatMap(DirectoryResponse::whole),
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

  private static ApiProblem unreadable() {
    return ApiProblem.unusable(text("directory.unreadable"));
  }

  private static List<BusinessProfileView.Item> items(Object tree) {
    var items = new ArrayList<BusinessProfileView.Item>();
    for (Map<ReviewColumn, String> review : SchemaOrgReviewReader.in(tree)) {
      stars(review)
          .ifPresent(
              stars ->
                  items.add(
                      new BusinessProfileView.Item(
                          stars,
                          review.get(ReviewColumn.WORDS),
                          review.get(ReviewColumn.REVIEWER),
                          review.get(ReviewColumn.LANGUAGE),
                          day(review.get(ReviewColumn.DATE)),
                          review.get(ReviewColumn.SOURCE_ID))));
    }
    return List.copyOf(items.subList(0, Math.min(MOST, items.size())));
  }

  private static Optional<BigDecimal> stars(Map<ReviewColumn, String> review) {
    try {
      var scale =
          new RatingScale(
              Decimals.of(review.getOrDefault(ReviewColumn.WORST, "1")),
              Decimals.of(review.getOrDefault(ReviewColumn.BEST, "5")));
      return scale
          .toRating(Decimals.of(review.getOrDefault(ReviewColumn.RATING, "")))
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
