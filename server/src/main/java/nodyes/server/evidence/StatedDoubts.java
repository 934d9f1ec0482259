package nodyes.server.evidence;

import static nodyes.server.messages.Texts.text;

import java.util.ArrayList;
import java.util.List;
import nodyes.core.nod.Label;
import nodyes.core.nod.StatedClaim;
import nodyes.core.nod.Viewpoint;
import nodyes.core.targeting.Condition;
import nodyes.server.messages.Written;
import nodyes.server.nods.NodNames;

/** What may be held against labels of the owner's own words, language by language. */
final class StatedDoubts {
  private StatedDoubts() {}

  static List<NodClaimRisk> of(Label label) {
    var doubts = new ArrayList<NodClaimRisk>();
    for (StatedClaim.Stated stated : StatedClaim.of(label)) {
      doubts.add(doubt(label, text("doubts.STATED.rule"), words(stated)));
    }
    if (label.placement().audience().equals(Condition.everyone())) {
      doubts.add(
          doubt(label, text("doubts.UNCONDITIONAL.rule"), text("doubts.UNCONDITIONAL.words")));
    }
    return List.copyOf(doubts);
  }

  private static String words(StatedClaim.Stated stated) {
    return text(
        "doubts.STATED.words",
        "language",
        Written.language(stated.language()),
        "text",
        stated.text(),
        "claim",
        stated.claim().name(),
        "kind",
        stated.claim().computedBy().map(claim -> NodNames.of(claim.kind())).orElse("none"));
  }

  private static NodClaimRisk doubt(Label label, String rule, String words) {
    return new NodClaimRisk(
        rule,
        words,
        label.id().value(),
        NodNames.called(label),
        Viewpoint.firstPage(label.placement()).wireName(),
        0,
        List.of());
  }
}
