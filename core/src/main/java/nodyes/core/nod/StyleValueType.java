package nodyes.core.nod;

import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import nodyes.core.common.RgbColor;
import nodyes.core.common.Said;

/** What a value of a look can be. */
public sealed interface StyleValueType {
  /** Digits alone: what Java takes for a number beyond them, CSS does not. */
  Pattern PLAIN = Pattern.compile("[0-9]{1,3}(\\.[0-9]{1,3})?");

  /** Why a text is not of this form; empty where it is. */
  Optional<Said> problem(String text);

  /** A colour. */
  record Tint() implements StyleValueType {
    @Override
    public Optional<Said> problem(String text) {
      return RgbColor.parse(text).isPresent()
          ? Optional.empty()
          : Optional.of(Said.of("looks.colour"));
    }
  }

  /** A length in pixels, both ends included. */
  record Pixels(int min, int max) implements StyleValueType {
    @Override
    public Optional<Said> problem(String text) {
      return between(text, min, max) && text.indexOf('.') < 0
          ? Optional.empty()
          : Optional.of(Said.of("looks.pixels", "least", min, "most", max));
    }
  }

  /** A whole number, both ends included. */
  record Whole(int min, int max) implements StyleValueType {
    @Override
    public Optional<Said> problem(String text) {
      return between(text, min, max) && text.indexOf('.') < 0
          ? Optional.empty()
          : Optional.of(Said.of("looks.whole", "least", min, "most", max));
    }
  }

  /** Numbers of some things, parted by commas, each once; none is as well. */
  record Numbers(int max) implements StyleValueType {
    @Override
    public Optional<Said> problem(String text) {
      List<String> numbers = text.isEmpty() ? List.of() : List.of(text.split(",", -1));
      return numbers.size() <= max
              && numbers.stream().allMatch(one -> one.matches("[0-9]{1,18}"))
              && numbers.stream().distinct().count() == numbers.size()
          ? Optional.empty()
          : Optional.of(Said.of("looks.numbers", "most", max));
    }
  }

  /** A plain number, both ends included. */
  record Plain(double min, double max) implements StyleValueType {
    @Override
    public Optional<Said> problem(String text) {
      return between(text, min, max)
          ? Optional.empty()
          : Optional.of(Said.of("looks.number", "least", min, "most", max));
    }
  }

  /** One of some names. */
  record OneOf(List<String> names) implements StyleValueType {
    /** Keeps the names unchangeable. */
    public OneOf {
      names = List.copyOf(names);
    }

    @Override
    public Optional<Said> problem(String text) {
      return names.contains(text)
          ? Optional.empty()
          : Optional.of(Said.of("looks.oneOf", "names", String.join(", ", names)));
    }
  }

  /** One of some names, or a file of the shop's own. */
  record OneOfOrOwn(List<String> names, AssetRef.Kind kind) implements StyleValueType {
    /** Keeps the names unchangeable. */
    public OneOfOrOwn {
      names = List.copyOf(names);
    }

    @Override
    public Optional<Said> problem(String text) {
      return isOwn(text, kind) ? Optional.empty() : new OneOf(names).problem(text);
    }
  }

  /**
   * One of our {@link IconSet} by name, an emoji (UTS 51), a picture of the shop's own, or none.
   */
  record Mark() implements StyleValueType {
    private static final int LONGEST = 12;
    private static final int FIRST_SIGN = 0x2000;

    @Override
    public Optional<Said> problem(String text) {
      return text.equals("none")
              || IconSet.named(text).isPresent()
              || isOwn(text, AssetRef.Kind.PICTURE)
              || isEmoji(text)
          ? Optional.empty()
          : Optional.of(Said.of("looks.mark"));
    }

    /** Letters and digits take part in emoji too, and are none. */
    private static boolean isEmoji(String text) {
      return !text.isEmpty()
          && text.length() <= LONGEST
          && text.codePoints().allMatch(sign -> sign >= FIRST_SIGN)
          && text.codePoints().anyMatch(Character::isEmoji)
          && text.codePoints().noneMatch(Character::isLetter);
    }
  }

  /** A name that the shop gave, of a colour pair; whether there is one is seen elsewhere. */
  record Name() implements StyleValueType {
    @Override
    public Optional<Said> problem(String text) {
      return text.matches("[\\p{L}\\p{N}][\\p{L}\\p{N} '’-]{0,39}")
          ? Optional.empty()
          : Optional.of(Said.of("looks.name"));
    }
  }

  /** A class name (HTML, section 3.2.6) of plain letters, digits, hyphens and underscores. */
  record ClassName() implements StyleValueType {
    @Override
    public Optional<Said> problem(String text) {
      return text.matches("[A-Za-z_][A-Za-z0-9_-]{0,59}")
          ? Optional.empty()
          : Optional.of(Said.of("looks.className"));
    }
  }

  private static boolean isOwn(String text, AssetRef.Kind kind) {
    return AssetRef.parse(text).filter(file -> file.kind() == kind).isPresent();
  }

  private static boolean between(String text, double least, double most) {
    if (!PLAIN.matcher(text).matches()) {
      return false;
    }
    double value = Double.parseDouble(text);
    return value >= least && value <= most;
  }
}
