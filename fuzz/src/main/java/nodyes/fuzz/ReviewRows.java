package nodyes.fuzz;

import com.code_intelligence.jazzer.api.FuzzedDataProvider;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.imports.ColumnDetector;
import nodyes.core.imports.CriterionColumns;
import nodyes.core.imports.DateOrder;
import nodyes.core.imports.Fingerprint;
import nodyes.core.imports.ReviewColumn;
import nodyes.core.imports.RowReader;
import nodyes.core.rating.RatingScale;

/** Rows of reviews: each kind of cell with anything in it. */
public final class ReviewRows {
  private static final int LONGEST = 60;
  private static final RowReader READER =
      new RowReader(
          all(),
          RatingScale.ONE_TO_FIVE,
          DateOrder.DAY_FIRST,
          ZoneId.of("Europe/Lisbon"),
          Optional.of(LocalDate.of(2026, 11, 26)));

  private ReviewRows() {}

  private static Map<ReviewColumn, Integer> all() {
    var columns = new EnumMap<ReviewColumn, Integer>(ReviewColumn.class);
    for (ReviewColumn column : ReviewColumn.values()) {
      columns.put(column, columns.size());
    }
    return columns;
  }

  /** Called with each input. */
  public static void fuzzerTestOneInput(FuzzedDataProvider data) {
    var cells = new ArrayList<String>();
    for (int i = 0; i < ReviewColumn.values().length && data.remainingBytes() > 0; i++) {
      cells.add(data.consumeBoolean() ? "" : data.consumeString(LONGEST));
    }
    switch (READER.read(2, cells)) {
      case RowReader.RowResult.Parsed(var review) -> {
        double stars = review.rating().stars(1).doubleValue();
        Law.holds(stars >= 1 && stars <= 5, "a rating has 1 to 5 stars");
        Law.holds(
            Fingerprint.of(review).equals(Fingerprint.of(review)), "a review has one fingerprint");
      }
      case RowReader.RowResult.Failed(var problems) ->
          Law.holds(!problems.isEmpty(), "a bad row says why");
    }
    ColumnDetector.of(cells, List.of(cells), text -> text.length() == 3);
    CriterionColumns.of(cells, List.of(cells), Set.of(), _ -> false);
  }
}
