package nodyes.core.imports;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Reads what a review in the vocabulary of schema.org tells besides its rating and words. */
final class ReviewExtrasReader {
  private static final Pattern SPACE = Pattern.compile("\\s+");
  private static final Pattern PARTING = Pattern.compile("[;|\\s]+");

  private ReviewExtrasReader() {}

  static void read(Map<?, ?> review, Map<ReviewColumn, String> row) {
    notes(row, ReviewColumn.PROS, SchemaOrgReviewReader.value(review, "positiveNotes"));
    notes(row, ReviewColumn.CONS, SchemaOrgReviewReader.value(review, "negativeNotes"));
    put(row, ReviewColumn.CRITERIA, criteria(SchemaOrgReviewReader.value(review, "reviewRating")));
    Object counters = SchemaOrgReviewReader.value(review, "interactionStatistic");
    put(row, ReviewColumn.HELPFUL, votes(counters, "LikeAction"));
    put(row, ReviewColumn.NOT_HELPFUL, votes(counters, "DislikeAction"));
  }

  /** A list of items, of texts, or one text. */
  private static void notes(
      Map<ReviewColumn, String> row, ReviewColumn column, @Nullable Object given) {
    List<String> notes = notes(given).toList();
    if (!notes.isEmpty()) {
      row.put(column, CellLists.cell(notes));
    }
  }

  private static Stream<String> notes(@Nullable Object given) {
    return all(given)
        .flatMap(
            one ->
                one instanceof Map<?, ?> map
                        && SchemaOrgReviewReader.value(map, "itemListElement") != null
                    ? all(SchemaOrgReviewReader.value(map, "itemListElement"))
                    : Stream.of(one))
        .flatMap(one -> note(one).stream())
        .map(note -> SPACE.matcher(note).replaceAll(" "));
  }

  private static Optional<String> note(Object one) {
    if (!(one instanceof Map<?, ?> item)) {
      return SchemaOrgReviewReader.text(one);
    }
    Object inner = SchemaOrgReviewReader.first(SchemaOrgReviewReader.value(item, "item"));
    return SchemaOrgReviewReader.firstText(item, "name", "text", "@value")
        .or(
            () ->
                inner instanceof Map<?, ?> thing
                    ? SchemaOrgReviewReader.firstText(thing, "name")
                    : SchemaOrgReviewReader.text(inner));
  }

  private static Stream<String> criteria(@Nullable Object ratings) {
    return all(ratings)
        .filter(Map.class::isInstance)
        .map(rating -> (Map<?, ?>) rating)
        .flatMap(
            rating ->
                SchemaOrgReviewReader.firstText(rating, "reviewAspect")
                    .flatMap(
                        name ->
                            SchemaOrgReviewReader.firstText(rating, "ratingValue")
                                .map(stars -> PARTING.matcher(name).replaceAll(" ") + ": " + stars))
                    .stream());
  }

  private static Stream<String> votes(@Nullable Object counters, String type) {
    return all(counters)
        .filter(Map.class::isInstance)
        .map(counter -> (Map<?, ?>) counter)
        .filter(counter -> isOf(SchemaOrgReviewReader.value(counter, "interactionType"), type))
        .flatMap(
            counter -> SchemaOrgReviewReader.firstText(counter, "userInteractionCount").stream())
        .limit(1);
  }

  private static boolean isOf(@Nullable Object given, String type) {
    return all(given)
        .flatMap(
            one ->
                one instanceof Map<?, ?> action
                    ? Stream.of(action.get("@type"), action.get("@id"))
                    : Stream.of(one))
        .anyMatch(name -> SchemaOrgReviewReader.local(String.valueOf(name)).equals(type));
  }

  private static Stream<?> all(@Nullable Object given) {
    return given instanceof List<?> list
        ? list.stream().filter(one -> one != null)
        : Stream.ofNullable(given);
  }

  private static void put(
      Map<ReviewColumn, String> row, ReviewColumn column, Stream<String> texts) {
    SchemaOrgReviewReader.put(
        row,
        column,
        Optional.of(texts.collect(Collectors.joining("\n"))).filter(text -> !text.isEmpty()));
  }
}
