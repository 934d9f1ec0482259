package nodyes.server.reviews.export;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import nodyes.core.review.ReviewText;
import nodyes.server.reviews.ExportedReview;
import nodyes.server.tabular.SchemaColumns;

/** The columns of CSV and XLSX; what comes in again is named as it is known there. */
final class ExportColumns {
  static final List<String> HEADINGS =
      List.of(
          "product",
          "product title",
          "variant",
          "rating",
          "best rating",
          "worst rating",
          "title",
          "words",
          "reviewer",
          "country",
          "language",
          "date",
          "order",
          "source id",
          "pictures",
          "reply",
          "state",
          SchemaColumns.OWN_HEADING,
          "origin",
          "came from",
          "featured");

  private ExportColumns() {}

  static List<String> cells(ExportedReview row) {
    ReviewText text = row.text();
    ExportedReview.ExportedOrigin from = row.origin();
    ExportedReview.ExportedModeration made = row.moderation();
    return Arrays.asList(
        row.product(),
        row.productTitle(),
        row.variant().orElse(null),
        row.rating(),
        "5",
        "1",
        text.title().orElse(null),
        text.body().orElse(null),
        row.writer().name().orElse(null),
        row.writer().country().orElse(null),
        text.language().orElse(null),
        from.date() == null ? null : from.date().toString(),
        from.order(),
        from.sourceId(),
        String.join(" ", row.media().pictures()),
        made.reply(),
        words(made.state()),
        made.leftOutBecause() == null ? null : words(made.leftOutBecause()),
        words(from.origin()),
        from.source(),
        made.isFeatured() ? "yes" : null);
  }

  private static String words(Enum<?> name) {
    return name.name().toLowerCase(Locale.ROOT).replace('_', ' ');
  }
}
