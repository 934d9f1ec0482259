package nodyes.server.evidence;

import static nodyes.server.messages.Texts.text;

import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import nodyes.core.evaluation.ClaimRisk;
import nodyes.core.evaluation.Facts;
import nodyes.core.evaluation.NodEvaluator;
import nodyes.core.evaluation.ProductFacts;
import nodyes.core.nod.Label;
import nodyes.core.nod.Nod;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.PickedQuotes;
import nodyes.core.nod.Viewpoint;
import nodyes.server.nods.NodNames;

/** What may be held against nods, over all products of the shop. */
final class ClaimRisks {
  private static final int MOST_NAMED = 5;

  private ClaimRisks() {}

  static List<NodClaimRisk> of(List<Nod> nods, Facts facts, Instant now) {
    var all = new ArrayList<NodClaimRisk>();
    for (Nod nod : nods) {
      if (nod.placement().on()) {
        of(nod, facts, now).forEach((doubt, products) -> all.add(doubted(nod, doubt, products)));
        if (nod instanceof Label label && label.claim() == Label.LabelType.OWN_WORDS) {
          all.addAll(StatedDoubts.of(label));
        }
      }
    }
    return List.copyOf(all);
  }

  /** A country to which promises are not kept, as it is said of it. */
  static NodClaimRisk unkept(String words) {
    return new NodClaimRisk(
        text("doubts.NOT_KEPT.rule"), words, "delivery", text("doubts.delivery"), "", 0, List.of());
  }

  private static NodClaimRisk doubted(
      Nod nod, ClaimRisk doubt, List<NodClaimRisk.DoubtedProduct> products) {
    return new NodClaimRisk(
        text("doubts." + doubt.name() + ".rule"),
        text("doubts." + doubt.name() + ".words"),
        nod.id().value(),
        NodNames.called(nod),
        Viewpoint.firstPage(nod.placement()).wireName(),
        products.size(),
        products.stream().limit(MOST_NAMED).toList());
  }

  private static Map<ClaimRisk, List<NodClaimRisk.DoubtedProduct>> of(
      Nod nod, Facts facts, Instant now) {
    var found = new LinkedHashMap<ClaimRisk, List<NodClaimRisk.DoubtedProduct>>();
    if (nod instanceof PickedQuotes quotes) {
      // which reviews a product has does not change what is held against the rule
      if (quotes.mayHideTheWhole()) {
        found.put(ClaimRisk.ONLY_HIGH_RATINGS, List.of());
      }
      return found;
    }
    PageKind page = Viewpoint.firstPage(nod.placement());
    for (ProductFacts product : facts.products().values()) {
      var viewpoint = Viewpoint.anyone(page, product.slug(), now);
      for (ClaimRisk doubt :
          NodEvaluator.of(nod, product.slug(), facts, viewpoint).because().doubts()) {
        found
            .computeIfAbsent(doubt, _ -> new ArrayList<>())
            .add(new NodClaimRisk.DoubtedProduct(product.slug().value(), product.title()));
      }
    }
    return found;
  }
}
