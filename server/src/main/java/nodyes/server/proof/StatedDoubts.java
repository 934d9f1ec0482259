package nodyes.server.proof;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import nodyes.core.audience.Condition;
import nodyes.core.nod.Label;
import nodyes.core.nod.StatedClaim;
import nodyes.core.nod.Viewpoint;

/** What may be held against labels of the owner's own words, language by language. */
final class StatedDoubts {
  private StatedDoubts() {}

  static List<DoubtOfNod> of(Label label) {
    var doubts = new ArrayList<DoubtOfNod>();
    for (StatedClaim.Stated stated : StatedClaim.of(label)) {
      doubts.add(doubt(label, "Stated, not computed", words(stated)));
    }
    if (label.placement().audience().equals(Condition.everyone())) {
      doubts.add(
          doubt(
              label,
              "Words without a condition",
              "It shows on every product, whatever is so of it: its words rest on no condition."));
    }
    return List.copyOf(doubts);
  }

  private static String words(StatedClaim.Stated stated) {
    String language = Locale.of(stated.language()).getDisplayLanguage(Locale.ENGLISH);
    return "In "
        + language
        + " it says “"
        + stated.text()
        + "”, which states "
        + stated.claim().words()
        + ". Nothing computes it, and it stays when it is no longer so."
        + stated
            .claim()
            .computedBy()
            .map(claim -> " The " + claim.kind().words().toLowerCase(Locale.ROOT) + " computes it.")
            .orElse("");
  }

  private static DoubtOfNod doubt(Label label, String rule, String words) {
    return new DoubtOfNod(
        rule,
        words,
        label.id().value(),
        label.called(),
        Viewpoint.firstPage(label.placement()).wireName(),
        0,
        List.of());
  }
}
