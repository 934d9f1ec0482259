package nodyes.core.review;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** How a reviewer's name is shown; chosen by the owner when reviews are imported. */
public enum NameDisplay {
  /** Marta Sousa */
  AS_GIVEN,
  /** Marta S. */
  FIRST_NAME_AND_INITIAL,
  /** M. S. */
  INITIALS,
  /** Marta */
  FIRST_NAME,
  /** M. Sousa */
  INITIAL_AND_LAST_NAME,
  /** M. */
  FIRST_INITIAL,
  /** No name: shoppers read 'Anonymous'. */
  A_CUSTOMER;

  /** How much of a first or a last name is shown. */
  public enum Part {
    /** All of it. */
    IN_FULL,
    /** Its first letter. */
    AS_INITIAL,
    /** Nothing. */
    NOT_SHOWN
  }

  private static final Set<Character.UnicodeScript> WITH_SYLLABLES =
      Set.of(
          Character.UnicodeScript.HANGUL,
          Character.UnicodeScript.HIRAGANA,
          Character.UnicodeScript.KATAKANA);

  /**
   * The name in this form; empty where nothing of it is left. A name of one word has no last name
   * to shorten; initials keep their marks, and what stands before an at-sign of an address counts
   * as the name.
   */
  public Optional<String> of(String name) {
    String whole = syllables(name).strip().replaceAll("\\s+", " ");
    int at = whole.indexOf('@');
    String plain = at > 0 && this != AS_GIVEN ? whole.substring(0, at) : whole;
    if (plain.isEmpty()) {
      return Optional.empty();
    }
    String[] parts = plain.split(" ");
    return switch (this) {
      case AS_GIVEN -> Optional.of(plain);
      case FIRST_NAME -> Optional.of(parts[0]);
      case FIRST_NAME_AND_INITIAL ->
          Optional.of(
              parts.length == 1 ? parts[0] : parts[0] + " " + initial(parts[parts.length - 1]));
      case INITIAL_AND_LAST_NAME ->
          Optional.of(
              parts.length == 1
                  ? initial(parts[0])
                  : initial(parts[0]) + " " + parts[parts.length - 1]);
      case FIRST_INITIAL -> Optional.of(initial(parts[0]));
      case INITIALS ->
          Optional.of(
              Arrays.stream(parts).map(NameDisplay::initial).collect(Collectors.joining(" ")));
      case A_CUSTOMER -> Optional.empty();
    };
  }

  /** How much of the first name is shown. */
  public Part first() {
    return switch (this) {
      case AS_GIVEN, FIRST_NAME_AND_INITIAL, FIRST_NAME -> Part.IN_FULL;
      case INITIALS, INITIAL_AND_LAST_NAME, FIRST_INITIAL -> Part.AS_INITIAL;
      case A_CUSTOMER -> Part.NOT_SHOWN;
    };
  }

  /** How much of the last name is shown. */
  public Part last() {
    return switch (this) {
      case AS_GIVEN, INITIAL_AND_LAST_NAME -> Part.IN_FULL;
      case FIRST_NAME_AND_INITIAL, INITIALS -> Part.AS_INITIAL;
      case FIRST_NAME, FIRST_INITIAL, A_CUSTOMER -> Part.NOT_SHOWN;
    };
  }

  /**
   * The form in which a name was shown: of those that would show the same, the one that shows most
   * of any name.
   *
   * @param given the whole name
   * @param shown what is shown of it; empty for nothing
   */
  public static Optional<NameDisplay> shownAs(String given, Optional<String> shown) {
    return Arrays.stream(values()).filter(form -> form.of(given).equals(shown)).findFirst();
  }

  /** Syllables that were taken apart (NFD) put together, so that an initial is a whole one. */
  private static String syllables(String name) {
    return name.codePoints().anyMatch(c -> WITH_SYLLABLES.contains(Character.UnicodeScript.of(c)))
        ? Normalizer.normalize(name, Normalizer.Form.NFC)
        : name;
  }

  /** The first letter with the marks that belong to it. */
  private static String initial(String word) {
    int end = word.offsetByCodePoints(0, 1);
    while (end < word.length()
        && switch (Character.getType(word.codePointAt(end))) {
          case Character.NON_SPACING_MARK, Character.COMBINING_SPACING_MARK -> true;
          default -> false;
        }) {
      end = word.offsetByCodePoints(end, 1);
    }
    return word.substring(0, end).toUpperCase(Locale.ROOT) + ".";
  }
}
