package nodyes.server.messages;

import com.ibm.icu.number.NumberRangeFormatter;
import com.ibm.icu.text.DateFormat;
import com.ibm.icu.text.DateIntervalFormat;
import com.ibm.icu.text.ListFormatter;
import com.ibm.icu.text.MeasureFormat;
import com.ibm.icu.text.NumberFormat;
import com.ibm.icu.text.TimeZoneNames;
import com.ibm.icu.util.Currency;
import com.ibm.icu.util.DateInterval;
import com.ibm.icu.util.Measure;
import com.ibm.icu.util.MeasureUnit;
import com.ibm.icu.util.TimeZone;
import com.ibm.icu.util.ULocale;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.Month;
import java.time.YearMonth;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Date;
import java.util.List;
import java.util.Locale;
import org.joda.money.Money;

/** Values as CLDR writes them where whoever asks reads. */
public final class Written {
  private static final String MOMENT = "EEEdMMMyyyyHHmm";
  private static final String DAY = "EEEdMMMyyyy";
  private static final String SHORT_DAY = "EEEdMMM";
  private static final String TIME = "HHmm";

  private Written() {}

  private static ULocale locale() {
    return ULocale.forLocale(Texts.locale());
  }

  /** Sat 28 Nov 2026, 00:00, on the shop's clock. */
  public static String moment(Instant instant, ZoneId zone) {
    return format(
        MOMENT,
        instant,
        zone.equals(ZoneOffset.UTC) ? TimeZone.GMT_ZONE : TimeZone.getTimeZone(zone.getId()));
  }

  /** Sat 28 Nov, 09:30, on the shop's clock. */
  public static String shortMoment(Instant instant, ZoneId zone) {
    return format("EEEdMMMHHmm", instant, TimeZone.getTimeZone(zone.getId()));
  }

  /** Sat 28 Nov 2026, 09:30, of a clock whose zone is no matter. */
  public static String wallMoment(LocalDateTime time) {
    return moment(time.toInstant(ZoneOffset.UTC), ZoneOffset.UTC);
  }

  /** Sat 28 Nov 2026. */
  public static String day(LocalDate day) {
    return format(DAY, start(day), TimeZone.GMT_ZONE);
  }

  /** Sat 28 Nov. */
  public static String shortDay(LocalDate day) {
    return format(SHORT_DAY, start(day), TimeZone.GMT_ZONE);
  }

  /** Mon 30 Nov, or Mon 30 Nov – Tue 1 Dec. */
  public static String span(LocalDate first, LocalDate last) {
    return first.equals(last)
        ? shortDay(first)
        : interval()
            .format(new DateInterval(start(first).toEpochMilli(), start(last).toEpochMilli()));
  }

  private static DateIntervalFormat interval() {
    DateIntervalFormat format = DateIntervalFormat.getInstance(SHORT_DAY, locale());
    format.setTimeZone(TimeZone.GMT_ZONE);
    return format;
  }

  private static Instant start(LocalDate day) {
    return day.atStartOfDay(ZoneOffset.UTC).toInstant();
  }

  /** 09:30. */
  public static String time(LocalTime time) {
    return format(TIME, time.atDate(LocalDate.EPOCH).toInstant(ZoneOffset.UTC), TimeZone.GMT_ZONE);
  }

  private static String format(String skeleton, Instant instant, TimeZone zone) {
    DateFormat format = DateFormat.getInstanceForSkeleton(skeleton, locale());
    format.setTimeZone(zone);
    return format.format(Date.from(instant));
  }

  /** €25.00. */
  public static String money(Money money) {
    NumberFormat format = NumberFormat.getCurrencyInstance(locale());
    format.setCurrency(Currency.getInstance(money.getCurrencyUnit().getCode()));
    int digits = money.getCurrencyUnit().getDecimalPlaces();
    format.setMinimumFractionDigits(digits);
    format.setMaximumFractionDigits(digits);
    return format.format(money.getAmount());
  }

  /** 4.5. */
  public static String decimal(Number number) {
    NumberFormat format = NumberFormat.getNumberInstance(locale());
    format.setMaximumFractionDigits(2);
    return format.format(number);
  }

  /** 3, or 3–4. */
  public static String range(int least, int most) {
    return least == most
        ? decimal(most)
        : NumberRangeFormatter.withLocale(locale()).formatRange(least, most).toString();
  }

  /** Where a time zone's clock is read, such as Lisbon for Europe/Lisbon, as CLDR has it. */
  public static String placeOf(ZoneId zone) {
    String place = TimeZoneNames.getInstance(locale()).getExemplarLocationName(zone.getId());
    return place == null ? zone.getId() : place;
  }

  /** A value of the core as it is written here; numbers and texts stay, a message forms them. */
  static Object value(Object value) {
    return switch (value) {
      case LocalDate day -> day(day);
      case LocalTime time -> time(time);
      case YearMonth month -> format("yMMMM", start(month.atDay(1)), TimeZone.GMT_ZONE);
      case Locale country -> country(country.getCountry());
      default -> value;
    };
  }

  /** Spain. */
  public static String country(String code) {
    return Locale.of("", code).getDisplayCountry(Texts.locale());
  }

  /** German. */
  public static String language(String tag) {
    return Locale.forLanguageTag(tag).getDisplayLanguage(Texts.locale());
  }

  /** Monday. */
  public static String longWeekday(DayOfWeek day) {
    return day.getDisplayName(TextStyle.FULL_STANDALONE, Texts.locale());
  }

  /** November. */
  public static String month(Month month) {
    return month.getDisplayName(TextStyle.FULL_STANDALONE, Texts.locale());
  }

  /** 28 Nov. */
  public static String dayOfMonth(LocalDate day) {
    return format("dMMM", start(day), TimeZone.GMT_ZONE);
  }

  /** 2 days, 30 minutes; parts that are 0 are left out. */
  public static String length(long days, long hours, long minutes) {
    var parts = new ArrayList<Measure>();
    add(parts, days, MeasureUnit.DAY);
    add(parts, hours, MeasureUnit.HOUR);
    add(parts, minutes, MeasureUnit.MINUTE);
    return MeasureFormat.getInstance(locale(), MeasureFormat.FormatWidth.WIDE)
        .formatMeasures(parts.toArray(new Measure[0]));
  }

  private static void add(List<Measure> parts, long count, MeasureUnit unit) {
    if (count > 0) {
      parts.add(new Measure(count, unit));
    }
  }

  /** Mon. */
  public static String weekday(DayOfWeek day) {
    return day.getDisplayName(TextStyle.SHORT_STANDALONE, Texts.locale());
  }

  /** Spain, Portugal or France. */
  public static String either(Collection<String> names) {
    return ListFormatter.getInstance(locale(), ListFormatter.Type.OR, ListFormatter.Width.WIDE)
        .format(List.copyOf(names));
  }

  /** Spain, Portugal and France. */
  public static String all(Collection<String> names) {
    return ListFormatter.getInstance(locale(), ListFormatter.Type.AND, ListFormatter.Width.WIDE)
        .format(List.copyOf(names));
  }
}
