package nodyes.core.review;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Contact details that a reviewer wrote into the words. They can be hidden; nothing else of the
 * words ever changes.
 */
public final class ContactDetails {
  /** What stands where a detail was hidden: the sign for words left out, in any language. */
  public static final String HIDDEN = "[…]";

  private static final Pattern EMAIL =
      Pattern.compile(
          "[\\p{L}\\p{N}._%+-]{1,64}@[\\p{L}\\p{N}-]{1,63}(?:\\.[\\p{L}\\p{N}-]{1,63})+");
  private static final Pattern LINK =
      Pattern.compile("(?i)\\b(?:https?://|www\\.)[^\\s<>\"”]{2,400}");
  private static final Pattern NUMBER =
      Pattern.compile(
          "(?<![\\p{L}\\p{N}])\\+?\\(?\\d(?:[ ().\\-/\\u00A0]{0,2}\\d){8,14}(?![\\p{L}\\p{N}])");

  /** What kind of detail. */
  public enum Kind {
    /** An e-mail address. */
    EMAIL,
    /** A link. */
    LINK,
    /** A telephone number: 9 to 15 digits, the most that ITU-T E.164 allows. */
    NUMBER
  }

  /**
   * A detail in a text.
   *
   * @param kind which
   * @param from index of its first char
   * @param to index behind its last
   */
  public record Detail(Kind kind, int from, int to) {}

  private ContactDetails() {}

  /** The details in a text, in their order, none within another. */
  public static List<Detail> in(String text) {
    if (!mayHold(text)) {
      return List.of();
    }
    var found = new ArrayList<Detail>();
    add(found, Kind.EMAIL, EMAIL.matcher(text));
    add(found, Kind.LINK, LINK.matcher(text));
    add(found, Kind.NUMBER, NUMBER.matcher(text));
    found.sort(Comparator.comparingInt(Detail::from));
    return List.copyOf(found);
  }

  /** The text with each detail replaced by {@link #HIDDEN}. */
  public static String hide(String text) {
    var shown = new StringBuilder();
    int end = 0;
    for (Detail detail : in(text)) {
      shown.append(text, end, detail.from()).append(HIDDEN);
      end = detail.to();
    }
    return shown.append(text, end, text.length()).toString();
  }

  /** Most texts hold neither an at-sign, nor a link, nor nine digits: they are told at a glance. */
  private static boolean mayHold(String text) {
    int digits = 0;
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      if (c == '@' || c == ':' || (c >= '0' && c <= '9' && ++digits >= 9)) {
        return true;
      }
      if ((c == 'w' || c == 'W') && text.regionMatches(true, i, "www.", 0, 4)) {
        return true;
      }
    }
    return false;
  }

  private static void add(List<Detail> found, Kind kind, Matcher matcher) {
    while (matcher.find()) {
      int from = matcher.start();
      int to = matcher.end();
      if (found.stream().noneMatch(other -> from < other.to() && other.from() < to)) {
        found.add(new Detail(kind, from, to));
      }
    }
  }
}
