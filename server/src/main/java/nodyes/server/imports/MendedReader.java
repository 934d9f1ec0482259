package nodyes.server.imports;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nodyes.core.imports.ImportedReview;
import nodyes.core.imports.ReviewColumn;
import nodyes.core.imports.RowError;
import nodyes.core.imports.RowReader;
import nodyes.core.imports.RowReader.RowResult;

/**
 * Reads rows; in one that cannot be read, what the owner said that its faulty cells mean. A cell
 * that can be read means what it says: no rating becomes another one.
 */
record MendedReader(RowReader rows, ImportOptions choices) {
  RowResult read(long line, List<String> cells) {
    RowResult result = rows.read(line, cells);
    if (!(result instanceof RowResult.Failed(List<RowError> problems))
        || choices.renames() == null) {
      return result;
    }
    List<String> mended = mended(cells, problems);
    if (mended.equals(cells)) {
      return result;
    }
    RowResult again = rows.read(line, mended);
    return switch (again) {
      case RowResult.Failed(List<RowError> left) ->
          new RowResult.Failed(asTheyStand(problems, left));
      case RowResult.Parsed(ImportedReview review) ->
          new RowResult.Parsed(
              problems.stream()
                  .filter(one -> one.column().equals(Optional.of(ReviewColumn.RATING)))
                  .map(one -> review.givenAs(one.value()))
                  .findFirst()
                  .orElse(review));
    };
  }

  /** What is still wrong, with the texts that stand in the file. */
  private static List<RowError> asTheyStand(List<RowError> problems, List<RowError> left) {
    return problems.stream()
        .filter(one -> left.stream().anyMatch(other -> other.column().equals(one.column())))
        .toList();
  }

  private List<String> mended(List<String> cells, List<RowError> problems) {
    var mended = new ArrayList<>(cells);
    for (RowError problem : problems) {
      problem
          .column()
          .ifPresent(
              column -> {
                int index = index(column);
                if (index >= 0 && index < mended.size()) {
                  mended.set(index, choices.meant(column, mended.get(index)));
                }
              });
    }
    return mended;
  }

  private int index(ReviewColumn column) {
    return rows.columns().getOrDefault(column, -1);
  }
}
