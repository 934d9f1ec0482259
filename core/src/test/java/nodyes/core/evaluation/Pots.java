package nodyes.core.evaluation;

import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.common.ProductId;
import nodyes.core.common.Slug;
import nodyes.core.nod.Nod;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Placement;
import nodyes.core.nod.Spot;
import nodyes.core.nod.Viewpoint;
import nodyes.core.price.PriceChange;
import nodyes.core.price.PriceHistory;
import nodyes.core.targeting.Condition;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;

/** One product with variants of which the prices and the stock are told, for tests. */
final class Pots {
  static final ZoneId LISBON = ZoneId.of("Europe/Lisbon");
  static final Slug POT = new Slug("pot");

  private Pots() {}

  /**
   * A variant.
   *
   * @param prices such as {@code 2026-11-01 40.00}, from midnight of UTC on
   */
  static VariantFacts variant(String sku, @Nullable Long stock, String... prices) {
    var changes = new ArrayList<PriceChange>();
    for (String price : prices) {
      String[] parts = price.split(" ");
      changes.add(
          new PriceChange(Instant.parse(parts[0] + "T00:00:00Z"), Money.parse("EUR " + parts[1])));
    }
    return new VariantFacts(
        sku,
        Optional.empty(),
        new PriceHistory(changes),
        Optional.empty(),
        Optional.ofNullable(stock),
        Optional.empty(),
        false);
  }

  static Facts facts(VariantFacts... variants) {
    var bySku = new LinkedHashMap<String, VariantFacts>();
    for (VariantFacts variant : variants) {
      bySku.put(variant.sku(), variant);
    }
    return new Facts(
        LISBON,
        Map.of(
            POT,
            new ProductFacts(
                new ProductId(1),
                POT,
                "Pot",
                Set.of(),
                Set.of(),
                ProductAttributes.NONE,
                bySku,
                ReviewFacts.NONE)));
  }

  static Placement everywhere() {
    return new Placement(
        new Spot("above-buy"), EnumSet.allOf(PageKind.class), Condition.everyone(), true);
  }

  /** The verdict of a product page, of a variant or of all. */
  static Verdict ask(Nod nod, Facts facts, @Nullable String sku, String moment) {
    return NodEvaluator.of(
        nod,
        POT,
        facts,
        new Viewpoint(
            PageKind.PRODUCT,
            List.of(POT),
            Optional.ofNullable(sku),
            Optional.empty(),
            Locale.ENGLISH,
            Optional.empty(),
            Instant.parse(moment)));
  }

  static String sentence(Verdict verdict) {
    return Told.of(verdict);
  }
}
