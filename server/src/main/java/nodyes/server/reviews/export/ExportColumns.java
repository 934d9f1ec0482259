package nodyes.server.reviews.export;

import java.util.Arrays;
import java.util.List;
import nodyes.server.reviews.ExportedReview;

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
          "left out because",
          "origin",
          "came from",
          "featured");

  private ExportColumns() {}

  static List<String> cells(ExportedReview row) {
    return Arrays.asList(
        row.product(),
        row.productTitle(),
        row.variant(),
        row.rating(),
        "5",
        "1",
        row.title(),
        row.text(),
        row.reviewer(),
        row.country(),
        row.language(),
        row.date(),
        row.order(),
        row.sourceId(),
        String.join(" ", row.pictures()),
        row.reply(),
        row.state().toLowerCase(java.util.Locale.ROOT).replace('_', ' '),
        row.leftOutBecause() == null
            ? null
            : row.leftOutBecause().toLowerCase(java.util.Locale.ROOT).replace('_', ' '),
        row.origin().toLowerCase(java.util.Locale.ROOT).replace('_', ' '),
        row.source(),
        row.isFeatured() ? "yes" : null);
  }
}
