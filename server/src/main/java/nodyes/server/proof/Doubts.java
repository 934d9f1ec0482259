package nodyes.server.proof;

import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import nodyes.core.nod.Label;
import nodyes.core.nod.Nod;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.PickedQuotes;
import nodyes.core.nod.Viewpoint;
import nodyes.core.showing.Doubt;
import nodyes.core.showing.Facts;
import nodyes.core.showing.ProductFacts;
import nodyes.core.showing.Showing;

/** What may be held against nods, over all products of the shop. */
final class Doubts {
  private static final int MOST_NAMED = 5;

  private Doubts() {}

  static List<DoubtOfNod> of(List<Nod> nods, Facts facts, Instant now) {
    var all = new ArrayList<DoubtOfNod>();
    for (Nod nod : nods) {
      if (nod.placement().on()) {
        of(nod, facts, now).forEach((doubt, products) -> all.add(doubted(nod, doubt, products)));
        if (nod instanceof Label label && label.claim() == Label.Claim.OWN_WORDS) {
          all.addAll(StatedDoubts.of(label));
        }
      }
    }
    return List.copyOf(all);
  }

  /** A country to which promises are not kept, as it is said of it. */
  static DoubtOfNod unkept(String words) {
    return new DoubtOfNod("Promise not kept", words, "delivery", "Delivery", "", 0, List.of());
  }

  private static DoubtOfNod doubted(
      Nod nod, Doubt doubt, List<DoubtOfNod.DoubtedProduct> products) {
    return new DoubtOfNod(
        doubt.rule(),
        doubt.words(),
        nod.id().value(),
        nod.called(),
        Viewpoint.firstPage(nod.placement()).wireName(),
        products.size(),
        products.stream().limit(MOST_NAMED).toList());
  }

  private static Map<Doubt, List<DoubtOfNod.DoubtedProduct>> of(Nod nod, Facts facts, Instant now) {
    var found = new LinkedHashMap<Doubt, List<DoubtOfNod.DoubtedProduct>>();
    if (nod instanceof PickedQuotes quotes) {
      // which reviews a product has does not change what is held against the rule
      if (quotes.mayHideTheWhole()) {
        found.put(Doubt.PRAISE_ALONE, List.of());
      }
      return found;
    }
    PageKind page = Viewpoint.firstPage(nod.placement());
    for (ProductFacts product : facts.products().values()) {
      var viewpoint = Viewpoint.anyone(page, product.slug(), now);
      for (Doubt doubt : Showing.of(nod, product.slug(), facts, viewpoint).because().doubts()) {
        found
            .computeIfAbsent(doubt, _ -> new ArrayList<>())
            .add(new DoubtOfNod.DoubtedProduct(product.slug().value(), product.title()));
      }
    }
    return found;
  }
}
