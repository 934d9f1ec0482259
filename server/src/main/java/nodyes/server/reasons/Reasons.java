package nodyes.server.reasons;

import static nodyes.core.targeting.FactName.AVERAGE_RATING;
import static nodyes.core.targeting.FactName.COUNTDOWN;
import static nodyes.core.targeting.FactName.DATE_RANGE;
import static nodyes.core.targeting.FactName.DELIVERY;
import static nodyes.core.targeting.FactName.DISCOUNT;
import static nodyes.core.targeting.FactName.LAST_ORDER;
import static nodyes.core.targeting.FactName.PROMISES;
import static nodyes.core.targeting.FactName.QUOTED_REVIEWS;
import static nodyes.core.targeting.FactName.RESTOCK_DATE;
import static nodyes.core.targeting.FactName.RETURNS;
import static nodyes.core.targeting.FactName.REVIEWS;
import static nodyes.core.targeting.FactName.SALES_RANK;
import static nodyes.core.targeting.FactName.SHOP_REVIEWS;
import static nodyes.core.targeting.FactName.STOCK;
import static nodyes.core.targeting.FactName.UNITS_SOLD;
import static nodyes.core.targeting.FactName.VISITORS;
import static nodyes.server.messages.Texts.text;

import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.function.UnaryOperator;
import nodyes.core.common.Said;
import nodyes.core.evaluation.Verdict;
import nodyes.core.targeting.FactName;
import nodyes.core.targeting.Finding;
import org.springframework.stereotype.Component;

/** The evidence of a verdict as sentences, in the language of whoever asks. */
@Component
public class Reasons {
  /** What tells most of why something is shown, the strongest first. */
  private static final List<FactName> STRONGEST =
      List.of(
          DISCOUNT,
          COUNTDOWN,
          RETURNS,
          DELIVERY,
          UNITS_SOLD,
          SALES_RANK,
          VISITORS,
          STOCK,
          RESTOCK_DATE,
          QUOTED_REVIEWS,
          PROMISES,
          SHOP_REVIEWS,
          REVIEWS,
          AVERAGE_RATING,
          LAST_ORDER,
          DATE_RANGE);

  /**
   * One thing: the fact that tells most of why it shows, or what keeps it from showing.
   *
   * @param titleOf a product's title by its name in addresses
   */
  public String because(Verdict verdict, ZoneId zone, UnaryOperator<String> titleOf) {
    return switch (verdict) {
      case Verdict.Shown _ ->
          verdict.because().findings().stream()
              .filter(Finding::met)
              .min(Comparator.comparingInt(Reasons::strength))
              .map(finding -> clause(finding, zone, titleOf))
              .orElseGet(() -> say(Reason.of("unasked")));
      case Verdict.Withheld _ -> withheld(verdict.because().missing(), zone, titleOf);
    };
  }

  private String withheld(List<Finding> missing, ZoneId zone, UnaryOperator<String> titleOf) {
    List<String> all =
        missing.stream().map(finding -> clause(finding, zone, titleOf)).distinct().toList();
    if (all.isEmpty()) {
      return say(Reason.of("notShown"));
    }
    return all.size() == 1
        ? say(Reason.of("notShownBecause", "reason", all.getFirst()))
        : say(Reason.of("notShownAndMore", "reason", all.getFirst(), "more", all.size() - 1));
  }

  private static int strength(Finding finding) {
    int place = STRONGEST.indexOf(finding.fact());
    return place < 0 ? STRONGEST.size() : place;
  }

  /**
   * One finding as a whole sentence.
   *
   * @param titleOf a product's title by its name in addresses
   */
  public String clause(Finding finding, ZoneId zone, UnaryOperator<String> titleOf) {
    return say(new FindingReason(zone, titleOf).of(finding));
  }

  /** What a fact is called. */
  public String name(FactName fact) {
    return say(Reason.of("fact." + fact.name()));
  }

  private String say(Said reason) {
    return text(reason);
  }
}
