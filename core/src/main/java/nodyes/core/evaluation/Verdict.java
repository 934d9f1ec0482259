package nodyes.core.evaluation;

import nodyes.core.common.ValidUntil;
import nodyes.core.nod.Content;

/** The answer for one nod and one product: shown or withheld, why, and until when. */
public sealed interface Verdict {
  /** Why. */
  Because because();

  /** Until when, with the same facts. */
  ValidUntil validUntil();

  /** It shows. */
  record Shown(Content content, Because because, ValidUntil validUntil) implements Verdict {}

  /** It does not. */
  record Withheld(Because because, ValidUntil validUntil) implements Verdict {}
}
