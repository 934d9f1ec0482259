package nodyes.server.reviews.export;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import nodyes.core.imports.CellLists;
import nodyes.core.review.ReviewText;
import nodyes.server.reviews.ExportedReview;
import nodyes.server.tabular.SchemaColumns;
import org.jspecify.annotations.Nullable;

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
          "reply date",
          "pros",
          "cons",
          "criteria",
          "helpful",
          "not helpful",
          "verified at source",
          "incentive",
          "review state",
          SchemaColumns.OWN_HEADING,
          "origin",
          "came from",
          "featured");

  private static final String YES = "yes";

  private ExportColumns() {}

  static List<String> cells(ExportedReview row) {
    ReviewText text = row.text();
    ExportedReview.ExportedOrigin from = row.origin();
    ExportedReview.ExportedModeration made = row.moderation();
    return Arrays.asList(
        row.subject().product(),
        row.subject().title(),
        row.subject().variant().orElse(null),
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
        made.repliedAt() == null ? null : made.repliedAt().toString(),
        CellLists.cell(text.pros()),
        CellLists.cell(text.cons()),
        CellLists.cell(row.extras().criteria()),
        votes(row.extras().votes().helpful()),
        votes(row.extras().votes().notHelpful()),
        from.isVerifiedThere() ? YES : null,
        from.incentive(),
        words(made.state()),
        made.leftOutBecause() == null ? null : words(made.leftOutBecause()),
        words(from.origin()),
        from.source(),
        made.isFeatured() ? YES : null);
  }

  private static @Nullable String votes(long count) {
    return count == 0 ? null : String.valueOf(count);
  }

  private static String words(Enum<?> name) {
    return name.name().toLowerCase(Locale.ROOT).replace('_', ' ');
  }
}
