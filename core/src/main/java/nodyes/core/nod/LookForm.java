package nodyes.core.nod;

import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import nodyes.core.common.Colour;

/** What a value of a look can be. */
public sealed interface LookForm {
  /** Digits alone: what Java takes for a number beyond them, CSS does not. */
  Pattern PLAIN = Pattern.compile("[0-9]{1,3}(\\.[0-9]{1,3})?");

  /** Why a text is not of this form; empty where it is. */
  Optional<String> problem(String text);

  /** A colour. */
  record Tint() implements LookForm {
    @Override
    public Optional<String> problem(String text) {
      return Colour.parse(text).isPresent()
          ? Optional.empty()
          : Optional.of("is no colour that can be read; write it as #6a2c5a");
    }
  }

  /** A length in pixels, both ends included. */
  record Pixels(int least, int most) implements LookForm {
    @Override
    public Optional<String> problem(String text) {
      return between(text, least, most) && text.indexOf('.') < 0
          ? Optional.empty()
          : Optional.of("is a whole number of pixels from " + least + " to " + most);
    }
  }

  /** A whole number, both ends included. */
  record Whole(int least, int most) implements LookForm {
    @Override
    public Optional<String> problem(String text) {
      return between(text, least, most) && text.indexOf('.') < 0
          ? Optional.empty()
          : Optional.of("is a whole number from " + least + " to " + most);
    }
  }

  /** Numbers of some things, parted by commas, each once; none is as well. */
  record Numbers(int most) implements LookForm {
    @Override
    public Optional<String> problem(String text) {
      List<String> numbers = text.isEmpty() ? List.of() : List.of(text.split(",", -1));
      return numbers.size() <= most
              && numbers.stream().allMatch(one -> one.matches("[0-9]{1,18}"))
              && numbers.stream().distinct().count() == numbers.size()
          ? Optional.empty()
          : Optional.of("is at most " + most + " numbers, parted by commas");
    }
  }

  /** A plain number, both ends included. */
  record Plain(double least, double most) implements LookForm {
    @Override
    public Optional<String> problem(String text) {
      return between(text, least, most)
          ? Optional.empty()
          : Optional.of("is a number from " + least + " to " + most);
    }
  }

  /** One of some names. */
  record OneOf(List<String> names) implements LookForm {
    /** Keeps the names unchangeable. */
    public OneOf {
      names = List.copyOf(names);
    }

    @Override
    public Optional<String> problem(String text) {
      return names.contains(text)
          ? Optional.empty()
          : Optional.of("is one of " + String.join(", ", names));
    }
  }

  /** One of some names, or a file of the shop's own. */
  record OneOfOrOwn(List<String> names, OwnFile.Kind kind) implements LookForm {
    /** Keeps the names unchangeable. */
    public OneOfOrOwn {
      names = List.copyOf(names);
    }

    @Override
    public Optional<String> problem(String text) {
      return isOwn(text, kind) ? Optional.empty() : new OneOf(names).problem(text);
    }
  }

  /**
   * One of our {@link Drawings} by name, an emoji (UTS 51), a picture of the shop's own, or none.
   */
  record Mark() implements LookForm {
    private static final int LONGEST = 12;
    private static final int FIRST_SIGN = 0x2000;

    @Override
    public Optional<String> problem(String text) {
      return text.equals("none")
              || Drawings.named(text).isPresent()
              || isOwn(text, OwnFile.Kind.PICTURE)
              || isEmoji(text)
          ? Optional.empty()
          : Optional.of("is a drawing, one emoji or a picture of yours");
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
  record Name() implements LookForm {
    @Override
    public Optional<String> problem(String text) {
      return text.matches("[\\p{L}\\p{N}][\\p{L}\\p{N} '’-]{0,39}")
          ? Optional.empty()
          : Optional.of("is a name of at most 40 letters and digits");
    }
  }

  /** A class name (HTML, section 3.2.6) of plain letters, digits, hyphens and underscores. */
  record ClassName() implements LookForm {
    @Override
    public Optional<String> problem(String text) {
      return text.matches("[A-Za-z_][A-Za-z0-9_-]{0,59}")
          ? Optional.empty()
          : Optional.of("is one name of letters, digits, - and _, beginning with a letter");
    }
  }

  private static boolean isOwn(String text, OwnFile.Kind kind) {
    return OwnFile.parse(text).filter(file -> file.kind() == kind).isPresent();
  }

  private static boolean between(String text, double least, double most) {
    if (!PLAIN.matcher(text).matches()) {
      return false;
    }
    double value = Double.parseDouble(text);
    return value >= least && value <= most;
  }
}
