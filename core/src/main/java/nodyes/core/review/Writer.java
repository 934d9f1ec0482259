package nodyes.core.review;

import java.util.Optional;
import nodyes.core.common.PlainText;

/**
 * Who wrote a review.
 *
 * @param name the name, if one is told
 * @param country ISO 3166-1 alpha-2 code, if known
 */
public record Writer(Optional<String> name, Optional<String> country) {
  /** Nobody who is known. */
  public static final Writer UNKNOWN = new Writer(Optional.empty(), Optional.empty());

  /** Keeps of the name what is text. */
  public Writer {
    name = name.map(PlainText::of);
  }
}
