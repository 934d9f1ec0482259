package nodyes.core.pagereading;

import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import nodyes.core.imports.DateParser;
import nodyes.core.imports.MonthParser;

/** Finds the date in what a page writes beside a review: 'Reviewed in Lisbon on 3 May 2026'. */
final class WrittenDates {
  private static final int LONGEST = 120;
  private static final Pattern LIKE_A_DATE =
      Pattern.compile(
          "\\d{4}-\\d{1,2}-\\d{1,2}(?:[T ]\\d{1,2}:\\d{2}(?::\\d{2})?(?:\\.\\d+)?(?:Z|[+-]\\d{2}:?\\d{2})?)?"
              + "|\\d{4}年\\d{1,2}月\\d{1,2}日"
              + "|\\d{4}/\\d{1,2}/\\d{1,2}"
              + "|\\d{1,2}[./-]\\s?\\d{1,2}[./-]\\s?\\d{2,4}"
              + "|\\d{1,2}(?:st|nd|rd|th|º|er)?\\.?(?:\\s+de|\\s+of)?\\s+\\p{L}{3,12}\\.?,?(?:\\s+de|\\s+del)?\\s+\\d{4}"
              + "|\\p{L}{3,12}\\.?\\s+\\d{1,2}(?:st|nd|rd|th)?,?\\s+\\d{4}");
  private static final Pattern RELATIVE =
      Pattern.compile(
          "\\b(?:ago|yesterday|today|gestern|heute|ayer|hoy|ontem|hoje|hier|aujourd'hui)\\b"
              + "|^(?:vor|hace|há|il y a)\\s.*\\p{L}"
              + "|^(?:in|last|im|en|em)\\s+\\p{L}{3,12}(?:\\s+\\d{4})?$|^\\p{L}{3,12}\\s+\\d{4}$",
          Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);

  private WrittenDates() {}

  /** The date that an element gives: in its data, else in its line. */
  static Optional<String> of(PageElement element) {
    String given = element.attribute("datetime");
    if (!given.isBlank() && DateParser.isWritten(given.strip())) {
      return Optional.of(given.strip());
    }
    return in(element.line());
  }

  /** What an element tells of when it was, in the place itself: a date, a month or how long ago. */
  static Optional<String> told(PageElement element) {
    return of(element).or(() -> in(element.text())).or(() -> withoutDay(element.text()));
  }

  /** The end of a line that tells a month: 'Reviewed 2 weeks ago'. */
  private static Optional<String> withoutDay(String line) {
    String rest = line.strip();
    while (!rest.isEmpty() && rest.length() <= LONGEST) {
      if (MonthParser.isAgo(rest) || MonthParser.named(rest).isPresent()) {
        return Optional.of(rest);
      }
      rest = rest.contains(" ") ? rest.substring(rest.indexOf(' ') + 1).strip() : "";
    }
    return Optional.empty();
  }

  /** Whether an element tells a time, with a day or without. */
  static boolean isTold(PageElement element, String line) {
    return of(element).isPresent() || isWithoutDay(line);
  }

  /** A date within a line. */
  static Optional<String> in(String line) {
    if (line.isEmpty() || line.length() > LONGEST) {
      return Optional.empty();
    }
    return LIKE_A_DATE
        .matcher(line)
        .results()
        .map(MatchResult::group)
        .map(WrittenDates::plain)
        .filter(DateParser::isWritten)
        .findFirst();
  }

  /** Without what stands behind a number to make it an ordinal one. */
  private static String plain(String date) {
    return date.replaceAll("(?<=\\d)(?:st|nd|rd|th|º|er)\\b", "").replaceAll("\\bof\\s", "");
  }

  /** Whether a line tells a time without a day: 'two weeks ago', 'in July'. */
  static boolean isWithoutDay(String line) {
    return line.length() <= LONGEST / 3 && in(line).isEmpty() && RELATIVE.matcher(line).find();
  }
}
