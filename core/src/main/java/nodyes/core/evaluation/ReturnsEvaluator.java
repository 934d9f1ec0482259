package nodyes.core.evaluation;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import nodyes.core.common.ValidUntil;
import nodyes.core.delivery.DeliveryEstimate;
import nodyes.core.delivery.ReturnEstimate;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.ReturnsLine;
import nodyes.core.targeting.FactName;
import nodyes.core.targeting.FactValue;
import nodyes.core.targeting.Finding;

/**
 * Until when something can be sent back: from the last day on which it may arrive, as the rule of
 * returns says. Of several things it is the first of their last days, so that it is true of each.
 */
final class ReturnsEvaluator {
  private static final FactValue ANY = new FactValue.NameList(List.of("a return"));

  /**
   * Where buyers at a distance may withdraw for {@value #WITHDRAWAL_DAYS} days: the European
   * Economic Area by Directive 2011/83/EU, Article 9(1), the United Kingdom by SI 2013/3134,
   * regulation 30.
   */
  private static final Set<String> WITH_WITHDRAWAL =
      Set.of(
          "AT", "BE", "BG", "CY", "CZ", "DE", "DK", "EE", "ES", "FI", "FR", "GR", "HR", "HU", "IE",
          "IT", "LT", "LU", "LV", "MT", "NL", "PL", "PT", "RO", "SE", "SI", "SK", "IS", "LI", "NO",
          "GB");

  private static final int WITHDRAWAL_DAYS = 14;

  private ReturnsEvaluator() {}

  static NodEvaluator.Part of(ReturnsLine nod, OfferedProduct offered) {
    return DeliveryEvaluator.withheldHere(nod, offered).orElseGet(() -> here(nod, offered));
  }

  private static NodEvaluator.Part here(ReturnsLine nod, OfferedProduct offered) {
    String country = DeliveryEvaluator.country(offered).orElseThrow();
    List<OfferedProduct> things =
        nod.placement().spot().isOfPage() ? DeliveryEvaluator.lines(offered) : List.of(offered);
    ReturnEstimate returns =
        offered
            .facts()
            .delivery()
            .returns(things.stream().map(one -> DeliveryEvaluator.order(one, country)).toList());
    Optional<ReturnEstimate.Period> shortest = returns.shortest();
    boolean isOrdered = offered.viewpoint().page() == PageKind.CONFIRMATION;
    return new NodEvaluator.Part(
        List.of(finding(returns, shortest, country)),
        () ->
            shortest.map(
                period ->
                    new ReturnsLine.ReturnsLineContent(
                        period.lastDay(), returns.fewestDays(), nod.tells(), isOrdered)),
        // what was ordered is promised for good
        isOrdered ? ValidUntil.NEVER_ENDS : returns.validUntil(),
        ValidUntil.NEVER_ENDS,
        shortest.isPresent()
                && WITH_WITHDRAWAL.contains(country)
                && returns.fewestDays() < WITHDRAWAL_DAYS
            ? List.of(ClaimRisk.UNDER_WITHDRAWAL_PERIOD)
            : List.of());
  }

  /** What is so, or the first thing that keeps it from being said. */
  private static Finding finding(
      ReturnEstimate returns, Optional<ReturnEstimate.Period> shortest, String country) {
    if (shortest.isPresent()) {
      ReturnEstimate.Period period = shortest.get();
      return Finding.of(
          FactName.RETURNS,
          new FactValue.ReturnsUntil(country, period.arrives(), period.days(), period.lastDay()),
          ANY,
          true);
    }
    for (ReturnEstimate.Thing thing : returns.things()) {
      if (thing.delivery() instanceof DeliveryEstimate.Unavailable) {
        return DeliveryEvaluator.finding(thing.delivery(), country, false);
      }
    }
    return Finding.of(
        FactName.RETURNS, new FactValue.NoReturns(country, reason(returns.things())), ANY, false);
  }

  private static FactValue.NoReturns.Reason reason(List<ReturnEstimate.Thing> things) {
    if (things.stream().anyMatch(thing -> thing.rule().isEmpty())) {
      return FactValue.NoReturns.Reason.NO_RULE;
    }
    return things.size() == 1
        ? FactValue.NoReturns.Reason.NOT_TAKEN_BACK
        : FactValue.NoReturns.Reason.NOT_ALL;
  }
}
