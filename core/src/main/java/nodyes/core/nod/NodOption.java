package nodyes.core.nod;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/**
 * Something that can be set of a kind of nod beside its look: how many, in which order, what goes
 * with it.
 *
 * @param name in stored settings and on the wire
 * @param form what it can be
 * @param usual what it is when the owner sets nothing
 */
public record NodOption(String name, StyleValueType form, String usual) {
  private static final String YES = "yes";
  private static final String NO = "no";

  /** Throws {@link IllegalArgumentException} where the usual value is none of the form. */
  public NodOption {
    form.problem(usual)
        .ifPresent(
            problem -> {
              throw new IllegalArgumentException(name + " " + problem);
            });
  }

  /** One of some names; the first is usual. */
  static NodOption oneOf(String name, String... names) {
    return new NodOption(name, new StyleValueType.OneOf(List.of(names)), names[0]);
  }

  /** One of a type's values, each by {@link #named}; the first is usual. */
  static NodOption oneOf(String name, Enum<?>[] values) {
    return oneOf(name, Arrays.stream(values).map(NodOption::named).toArray(String[]::new));
  }

  /** Yes or no. */
  static NodOption yesNo(String name, boolean usual) {
    return new NodOption(name, new StyleValueType.OneOf(List.of(YES, NO)), usual ? YES : NO);
  }

  /** A whole number, both ends included. */
  static NodOption whole(String name, int least, int most, int usual) {
    return new NodOption(name, new StyleValueType.Whole(least, most), String.valueOf(usual));
  }

  /** How a value of a type is written: {@code PICTURES_FIRST} as {@code pictures-first}. */
  public static String named(Enum<?> value) {
    return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  static boolean isYes(String text) {
    return text.equals(YES);
  }
}
