package nodyes.fuzz;

import com.code_intelligence.jazzer.api.FuzzedDataProvider;
import java.time.LocalDate;
import java.time.YearMonth;
import nodyes.core.imports.DateOrder;
import nodyes.core.imports.DateParser;
import nodyes.core.imports.InvalidValueException;
import nodyes.core.imports.MonthParser;

/** Dates of files. */
public final class Dates {
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 26);

  private Dates() {}

  /** Called with each input. */
  public static void fuzzerTestOneInput(FuzzedDataProvider data) {
    String text = data.consumeRemainingAsString();
    boolean isRead = false;
    for (DateOrder order : DateOrder.values()) {
      try {
        DateParser.parse(text, order);
        isRead = true;
      } catch (InvalidValueException e) {
        // it says so
      }
    }
    if (DateParser.isWritten(text)) {
      Law.holds(isRead, "what is written as a date is read as one");
    }
    MonthParser.named(text);
    MonthParser.ago(text, TODAY)
        .ifPresent(
            month ->
                Law.holds(
                    !month.isAfter(YearMonth.from(TODAY)), "what was ago is not after today"));
    Law.holds(
        MonthParser.isAgo(text) == MonthParser.ago(text, TODAY).isPresent(),
        "what tells how long ago it was has a month");
  }
}
