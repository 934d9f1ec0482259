package nodyes.core.reviewform;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What the owner wants asked.
 *
 * @param fields which field is asked for, all of them
 * @param mostPictures so many at most, 1 to {@value #MOST_PICTURES}
 * @param largestPicture megabytes that a picture may have, 1 to {@value #LARGEST_PICTURE}
 */
public record FormRules(
    Map<FormField, FormField.Asked> fields, int mostPictures, int largestPicture) {
  /** No owner can ask for more pictures to a review. */
  public static final int MOST_PICTURES = 10;

  /** No picture may be larger, in megabytes. */
  public static final int LARGEST_PICTURE = 20;

  private static final int USUAL_PICTURES = 5;
  private static final int USUAL_SIZE = 15;

  /** What is asked until the owner says otherwise. */
  public static final FormRules USUAL =
      new FormRules(
          Map.of(
              FormField.TITLE, FormField.Asked.OPTIONAL,
              FormField.WORDS, FormField.Asked.OPTIONAL,
              FormField.PROS, FormField.Asked.OFF,
              FormField.CONS, FormField.Asked.OFF,
              FormField.CRITERIA, FormField.Asked.OPTIONAL,
              FormField.PICTURES, FormField.Asked.OPTIONAL,
              FormField.NAME, FormField.Asked.OPTIONAL,
              FormField.EMAIL, FormField.Asked.OPTIONAL),
          USUAL_PICTURES,
          USUAL_SIZE);

  /** Fills in what is not said, and throws {@link IllegalArgumentException} out of bounds. */
  public FormRules {
    var all = new EnumMap<FormField, FormField.Asked>(FormField.class);
    for (FormField field : FormField.values()) {
      all.put(field, fields.getOrDefault(field, FormField.Asked.OFF));
    }
    fields = Collections.unmodifiableMap(all);
    if (mostPictures < 1 || mostPictures > MOST_PICTURES) {
      throw new IllegalArgumentException("a review has 1 to 10 pictures");
    }
    if (largestPicture < 1 || largestPicture > LARGEST_PICTURE) {
      throw new IllegalArgumentException("a picture has 1 to 20 megabytes");
    }
  }

  /** Whether and how a field is asked for. */
  public FormField.Asked asked(FormField field) {
    return fields.getOrDefault(field, FormField.Asked.OFF);
  }

  /** What is wrong with a field of a sent form. */
  public enum Fault {
    /** It is asked for and missing. */
    MISSING,
    /** No star is chosen. */
    NO_STARS,
    /** It has too many characters. */
    TOO_LONG,
    /** It holds no letter, digit or picture sign. */
    NO_WORDS,
    /** It is no e-mail address. */
    NO_ADDRESS,
    /** There are more pictures than may be. */
    TOO_MANY,
    /** It is not asked for any more. */
    GONE
  }

  /** A field that cannot be taken, and why; without a field it is the stars. */
  public record Problem(String field, Fault fault) {}

  /**
   * What is wrong with a sent form; empty where it can be taken.
   *
   * @param stars 1 to 5; anything else is no choice
   * @param texts by field, those that were filled in, without space around them
   * @param criteria how many single things were rated, and how many are asked about
   * @param pictures how many came with it
   */
  public List<Problem> problems(
      int stars, Map<FormField, String> texts, Rated criteria, int pictures) {
    var problems = new ArrayList<Problem>();
    if (stars < 1 || stars > 5) {
      problems.add(new Problem("stars", Fault.NO_STARS));
    }
    for (FormField field : FormField.values()) {
      boolean isFilled =
          switch (field) {
            case CRITERIA -> criteria.given() > 0;
            case PICTURES -> pictures > 0;
            case TITLE, WORDS, PROS, CONS, NAME, EMAIL -> !texts.getOrDefault(field, "").isEmpty();
          };
      boolean isWhole =
          field == FormField.CRITERIA ? criteria.given() >= criteria.asked() : isFilled;
      switch (asked(field)) {
        case REQUIRED -> {
          if (!isWhole) {
            problems.add(problem(field, Fault.MISSING));
          }
        }
        case OFF -> {
          if (isFilled) {
            problems.add(problem(field, Fault.GONE));
          }
        }
        case OPTIONAL -> {}
      }
    }
    texts.forEach((field, text) -> checkText(field, text, problems));
    if (pictures > mostPictures) {
      problems.add(problem(FormField.PICTURES, Fault.TOO_MANY));
    }
    return List.copyOf(problems);
  }

  /** Single things that were rated, and those that are asked about. */
  public record Rated(int given, int asked) {}

  private static void checkText(FormField field, String text, List<Problem> problems) {
    if (text.codePointCount(0, text.length()) > field.longest()) {
      problems.add(problem(field, Fault.TOO_LONG));
    } else if (!text.isEmpty() && text.codePoints().noneMatch(FormRules::says)) {
      problems.add(problem(field, Fault.NO_WORDS));
    }
  }

  /** Letters, digits and emoji say something; marks, spaces and signs of direction do not. */
  private static boolean says(int sign) {
    return Character.isLetterOrDigit(sign) || Character.isExtendedPictographic(sign);
  }

  private static Problem problem(FormField field, Fault fault) {
    return new Problem(field.wireName(), fault);
  }

  /** The fields that are there. */
  public Set<FormField> shown() {
    var shown = EnumSet.noneOf(FormField.class);
    fields.forEach(
        (field, asked) -> {
          if (asked != FormField.Asked.OFF) {
            shown.add(field);
          }
        });
    return Collections.unmodifiableSet(shown);
  }
}
