package nodyes.core.imports;

import static org.testng.Assert.assertEquals;

import com.ibm.icu.text.DateFormat;
import com.ibm.icu.util.TimeZone;
import com.ibm.icu.util.ULocale;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Date;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Dates as ICU4J (by CLDR) and java.time write them, read back. */
public class WrittenDateLawTest {
  private static final int TRIES = 120;
  private static final ZoneId BERLIN = ZoneId.of("Europe/Berlin");

  @DataProvider
  Object[][] languages() {
    return new Object[][] {
      {"en-GB", DateOrder.DAY_FIRST},
      {"en-US", DateOrder.MONTH_FIRST},
      {"de", DateOrder.DAY_FIRST},
      {"fr", DateOrder.DAY_FIRST},
      {"es", DateOrder.DAY_FIRST},
      {"es-MX", DateOrder.DAY_FIRST},
      {"pt-PT", DateOrder.DAY_FIRST},
      {"pt-BR", DateOrder.DAY_FIRST},
      {"it", DateOrder.DAY_FIRST},
      {"nl", DateOrder.DAY_FIRST},
      {"ja", DateOrder.DAY_FIRST},
    };
  }

  @Test(dataProvider = "languages")
  public void whatCldrWritesIsRead(String language, DateOrder order) throws InvalidValueException {
    var random = new Random(language.hashCode());
    var place = ULocale.forLanguageTag(language);
    for (int style :
        new int[] {DateFormat.FULL, DateFormat.LONG, DateFormat.MEDIUM, DateFormat.SHORT}) {
      // Japan writes short years first, which nothing tells from days
      if (language.equals("ja") && style == DateFormat.FULL) {
        continue;
      }
      DateFormat days = DateFormat.getDateInstance(style, place);
      DateFormat moments = DateFormat.getDateTimeInstance(style, DateFormat.SHORT, place);
      days.setTimeZone(TimeZone.getTimeZone("Europe/Berlin"));
      moments.setTimeZone(TimeZone.getTimeZone("Europe/Berlin"));
      for (int n = 0; n < TRIES; n++) {
        Instant minute = Instant.ofEpochSecond(60 * random.nextLong(21_000_000, 31_000_000));
        String day = days.format(Date.from(minute));
        assertEquals(DateParser.parse(day, order).day(), minute.atZone(BERLIN).toLocalDate(), day);
        String moment = moments.format(Date.from(minute));
        assertEquals(
            DateParser.parse(moment, order).dayIn(BERLIN),
            minute.atZone(BERLIN).toLocalDate(),
            moment);
        if (!isTwice(minute)) {
          assertEquals(DateParser.parse(moment, order).instantIn(BERLIN), minute, moment);
        }
      }
    }
  }

  /** In the hour that clocks go back by, a time is two instants. */
  private static boolean isTwice(Instant minute) {
    return BERLIN.getRules().getValidOffsets(minute.atZone(BERLIN).toLocalDateTime()).size() > 1;
  }

  @DataProvider
  Object[][] forms() {
    return new Object[][] {
      {DateTimeFormatter.ISO_OFFSET_DATE_TIME},
      {DateTimeFormatter.ISO_INSTANT},
      {DateTimeFormatter.RFC_1123_DATE_TIME},
      {DateTimeFormatter.ofPattern("yyyyMMdd'T'HHmmssX")},
      {DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm:ss xx")},
    };
  }

  @Test(dataProvider = "forms")
  public void whatJavaTimeWritesIsRead(DateTimeFormatter form) throws InvalidValueException {
    var random = new Random(7);
    for (int n = 0; n < 5 * TRIES; n++) {
      Instant second = Instant.ofEpochSecond(random.nextLong(1_200_000_000, 1_900_000_000));
      OffsetDateTime there = second.atOffset(ZoneOffset.ofHoursMinutes(random.nextInt(-11, 13), 0));
      String text = form.format(there);
      assertEquals(DateParser.parse(text, DateOrder.DAY_FIRST).instantIn(BERLIN), second, text);
    }
  }

  /** ECMA-376-1, 18.17.4.1: serial values of the 1900 date base. */
  @Test
  public void theDaysOfASpreadsheetAreRead() throws InvalidValueException {
    assertEquals(
        DateParser.parse("39448", DateOrder.DAY_FIRST).day(), LocalDate.parse("2008-01-01"));
  }
}
