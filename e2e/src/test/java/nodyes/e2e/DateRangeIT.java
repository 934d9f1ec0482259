package nodyes.e2e;

import static org.testng.Assert.assertEquals;

import com.ibm.icu.text.DateIntervalFormat;
import com.ibm.icu.util.DateInterval;
import com.ibm.icu.util.TimeZone;
import com.ibm.icu.util.ULocale;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;

/**
 * Spans of days as shoppers read them, beside ICU4J: both go by CLDR, each by a version of it. Left
 * out are fi, ja, lt and zh, which browsers write in figures, and so the script writes two whole
 * days, and sk, whose month stands with one or with both.
 */
public class DateRangeIT extends InBrowser {
  private static final List<String> LANGUAGES =
      List.of(
          "en-GB", "en-US", "pt-PT", "pt-BR", "de", "fr", "es", "it", "nl", "pl", "sv", "da", "nb",
          "cs", "hu", "ro", "el", "tr", "ko", "lv", "et", "sl", "hr");

  @Test
  public void areWrittenAsCldrHasThem() {
    page.navigate(demo.office("/pages"));
    var differences = new ArrayList<String>();
    for (String language : LANGUAGES) {
      for (String[] days :
          List.of(
              new String[] {"2026-12-01", "2026-12-03"},
              new String[] {"2026-11-30", "2026-12-04"},
              new String[] {"2026-04-30", "2026-05-04"})) {
        Instant first = Instant.parse(days[0] + "T00:00:00Z");
        Instant last = Instant.parse(days[1] + "T00:00:00Z");
        var format = DateIntervalFormat.getInstance("EEEdMMM", new ULocale(language));
        format.setTimeZone(TimeZone.getTimeZone("UTC"));
        String theirs = format.format(new DateInterval(first.toEpochMilli(), last.toEpochMilli()));
        String ours =
            (String)
                page.evaluate(
                    "([language, first, last]) => new Intl.DateTimeFormat(language,"
                        + " {weekday: 'short', day: 'numeric', month: 'short', timeZone: 'UTC'})"
                        + ".formatRange(new Date(first), new Date(last))",
                    List.of(language, first.toString(), last.toString()));
        if (!plain(ours).equals(plain(theirs))) {
          differences.add(language + ": " + ours + " and " + theirs);
        }
      }
    }
    assertEquals(String.join("\n", differences), "");
  }

  /** Versions of CLDR differ in which space stands about a dash. */
  private static String plain(String text) {
    return text.replaceAll("\\h+", " ").replaceAll("\\h*–\\h*", "–");
  }
}
