package nodyes.core.review;

import java.util.Optional;
import nodyes.core.common.PlainText;

/**
 * What the shop made of a published review.
 *
 * @param reply what it answered, if it did
 * @param isFeatured whether it marked the review as one to read
 */
public record Moderation(Optional<String> reply, boolean isFeatured) {
  /** Neither answered nor marked. */
  public static final Moderation NONE = new Moderation(Optional.empty(), false);

  /** Keeps of the reply what is text. */
  public Moderation {
    reply = reply.map(PlainText::of);
  }
}
