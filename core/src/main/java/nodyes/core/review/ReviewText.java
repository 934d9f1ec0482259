package nodyes.core.review;

import java.util.List;
import java.util.Optional;
import nodyes.core.common.PlainText;

/**
 * What a review says.
 *
 * @param title a line above the words, if any
 * @param body the words, if any
 * @param language BCP 47 tag of the words, if known
 * @param pros what is good, a line to each
 * @param cons what is not
 */
public record ReviewText(
    Optional<String> title,
    Optional<String> body,
    Optional<String> language,
    List<String> pros,
    List<String> cons) {
  /** Nothing. */
  public static final ReviewText NONE = of(Optional.empty(), Optional.empty(), Optional.empty());

  /** Keeps the lists unchangeable, and of the texts what is text. */
  public ReviewText {
    title = title.map(PlainText::of);
    body = body.map(PlainText::of);
    pros = pros.stream().map(PlainText::of).toList();
    cons = cons.stream().map(PlainText::of).toList();
  }

  /** One without lines of what is good and what is not. */
  public static ReviewText of(
      Optional<String> title, Optional<String> body, Optional<String> language) {
    return new ReviewText(title, body, language, List.of(), List.of());
  }

  /** The same said to be in another language. */
  public ReviewText inLanguage(Optional<String> other) {
    return new ReviewText(title, body, other, pros, cons);
  }
}
