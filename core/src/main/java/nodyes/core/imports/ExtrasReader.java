package nodyes.core.imports;

import java.time.Instant;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nodyes.core.common.Said;
import nodyes.core.rating.Rating;
import nodyes.core.rating.RatingScale;
import nodyes.core.review.LeaveOutReason;
import nodyes.core.review.ReviewStatus;
import nodyes.core.review.Votes;

/** Reads what a row tells of a review besides its rating and words. */
final class ExtrasReader {
  private static final int LONGEST = 10_000;
  private static final int LONGEST_NOTE = 300;
  private static final int MOST_NOTES = 20;
  private static final int MOST_CRITERIA = 30;
  private static final long MOST_VOTES = 1_000_000_000;

  /** What says no in the languages of files (common practice); an empty cell does, too. */
  private static final Pattern NO =
      Pattern.compile(
          "(?iU)0|n|f|no|not|false|none|nein|nicht|n[ãa]o|non|pas|nulo|aucune?|keine?"
              + "|(?:un|(?:not|non|nicht|não|no)[ _-]?)(?:v[eé]rif|gepr).*");

  /** What parts the thousands of a count, and decimals that are none. */
  private static final Pattern NO_DIGITS =
      Pattern.compile("[\\s.,'\u2019](?=\\d{3}(?:\\D|$))|[.,]0+$");

  private static final Pattern COUNT =
      Pattern.compile(
          "(?U)(?:[^\\d-]{0,30}\\s)?\\(?(\\d{1,18})\\)?(?:\\s[^\\d]{1,60}(?:\\d{1,18}[^\\d]{0,60})?)?");

  private final RowCells cells;
  private final DateOrder dateOrder;
  private final ZoneId zone;

  ExtrasReader(RowCells cells, DateOrder dateOrder, ZoneId zone) {
    this.cells = cells;
    this.dateOrder = dateOrder;
    this.zone = zone;
  }

  /** What a cell lists. */
  List<String> notes(ReviewColumn column) {
    List<String> notes =
        cells.text(column, LONGEST).stream()
            .flatMap(text -> CellLists.notes(text).stream())
            .limit(MOST_NOTES)
            .toList();
    notes.forEach(note -> bounded(column, note));
    return notes;
  }

  private void bounded(ReviewColumn column, String note) {
    if (note.codePointCount(0, note.length()) > LONGEST_NOTE) {
      cells.problem(column, note, Said.of("imports.cell.tooLong", "most", LONGEST_NOTE));
    }
  }

  /** Whether a cell says yes: it says something, and not no. */
  boolean isSaid(ReviewColumn column) {
    return cells.text(column, LONGEST_NOTE).filter(text -> !NO.matcher(text).matches()).isPresent();
  }

  /** What was given for it, as it stands there. */
  Optional<String> incentive() {
    return cells
        .text(ReviewColumn.INCENTIVE, LONGEST_NOTE)
        .filter(text -> !NO.matcher(text).matches());
  }

  /** What is told besides; stars of single things are of the row's scale. */
  ImportedReview.Extras extras(RatingScale scale) {
    Optional<Instant> repliedAt =
        cells.optional(
            ReviewColumn.REPLY_DATE, text -> DateParser.parse(text, dateOrder).instantIn(zone));
    return new ImportedReview.Extras(
        cells
            .text(ReviewColumn.REPLY, LONGEST)
            .map(text -> new ImportedReview.Reply(text, repliedAt)),
        criteria(scale),
        new Votes(votes(ReviewColumn.HELPFUL), votes(ReviewColumn.NOT_HELPFUL)),
        decided());
  }

  private long votes(ReviewColumn column) {
    return cells.optional(column, ExtrasReader::count).orElse(0L);
  }

  /** A count alone, or as pages say it: '12 people found this helpful', '3 of 7'. */
  private static long count(String text) throws InvalidValueException {
    String plain = NO_DIGITS.matcher(text).replaceAll("");
    Matcher found = COUNT.matcher(plain);
    if (!found.matches() || Long.parseLong(found.group(1)) > MOST_VOTES) {
      throw new InvalidValueException(Said.of("imports.cell.notACount"));
    }
    return Long.parseLong(found.group(1));
  }

  private Map<String, Integer> criteria(RatingScale scale) {
    var stars = new LinkedHashMap<String, Integer>();
    cells.text(ReviewColumn.CRITERIA, LONGEST).stream()
        .flatMap(text -> CellLists.parts(text).stream())
        .limit(MOST_CRITERIA)
        .forEach(one -> criterion(one, scale, stars));
    return stars;
  }

  private void criterion(String one, RatingScale scale, Map<String, Integer> stars) {
    int end = Math.max(one.lastIndexOf(':'), one.lastIndexOf('='));
    String name = end < 0 ? "" : one.substring(0, end).strip();
    if (name.isEmpty() || name.codePointCount(0, name.length()) > LONGEST_NOTE) {
      cells.problem(ReviewColumn.CRITERIA, one, Said.of("imports.cell.notACriterion"));
      return;
    }
    Rating rating =
        cells.value(
            ReviewColumn.CRITERIA,
            Optional.of(one.substring(end + 1).strip()),
            text -> RowReader.rating(text, scale));
    if (rating != null) {
      stars.put(name, rating.wholeStar());
    }
  }

  private ImportedReview.Decided decided() {
    ReviewStatus status =
        cells
            .text(ReviewColumn.STATE, LONGEST_NOTE)
            .flatMap(text -> named(ReviewStatus.class, text))
            .orElse(ReviewStatus.PENDING);
    Optional<LeaveOutReason> reason =
        cells
            .text(ReviewColumn.REASON, LONGEST_NOTE)
            .flatMap(text -> named(LeaveOutReason.class, text));
    return new ImportedReview.Decided(status, reason, isSaid(ReviewColumn.FEATURED));
  }

  /** A state of another program is none of ours: what it says there decides nothing here. */
  private static <E extends Enum<E>> Optional<E> named(Class<E> type, String text) {
    String name = text.strip().toUpperCase(Locale.ROOT).replace(' ', '_');
    return Arrays.stream(type.getEnumConstants())
        .filter(one -> one.name().equals(name))
        .findFirst();
  }
}
