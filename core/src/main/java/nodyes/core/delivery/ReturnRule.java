package nodyes.core.delivery;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.Optional;
import nodyes.core.common.Unfit;

/**
 * How long some of what is sold can be sent back.
 *
 * @param id its id among the rules
 * @param scope what it is for
 * @param country where it goes, ISO 3166-1 alpha-2; empty for everywhere
 * @param on whether it applies at all
 * @param season on which days orders are placed that it applies to; empty for always
 * @param days calendar days from the last day on which it may arrive, that day not counted; 0 where
 *     it cannot be sent back
 * @param notBefore a day until which it can be sent back in any case, such as one after a holiday
 */
public record ReturnRule(
    String id,
    RuleScope scope,
    Optional<String> country,
    boolean on,
    Optional<Season> season,
    int days,
    Optional<LocalDate> notBefore) {
  /** The longest time that can be set, in days: two years. */
  public static final int LONGEST = 731;

  /** The narrower first: by what, then by where, then by when it applies. */
  static final Comparator<ReturnRule> NARROWEST_FIRST =
      Comparator.<ReturnRule>comparingInt(rule -> -rule.scope().rank())
          .thenComparing(rule -> rule.country().isEmpty())
          .thenComparing(rule -> rule.season().isEmpty());

  /** Throws {@link IllegalArgumentException} saying what is wrong with the days. */
  public ReturnRule {
    if (days < 0 || days > LONGEST) {
      throw new Unfit("delivery.returnDays", "most", LONGEST);
    }
    if (days == 0 && notBefore.isPresent()) {
      throw new Unfit("delivery.returnDayWithoutDays");
    }
  }

  /** A rule for everywhere and always. */
  public static ReturnRule always(String id, RuleScope scope, int days) {
    return new ReturnRule(
        id, scope, Optional.empty(), true, Optional.empty(), days, Optional.empty());
  }

  /**
   * The last day on which it can be sent back; empty where it cannot. The day on which it arrives
   * is not counted, as in Regulation (EEC, Euratom) No 1182/71, Article 3(1).
   *
   * @param arrives the last day on which it may arrive
   */
  public Optional<LocalDate> lastDay(LocalDate arrives) {
    if (days == 0) {
      return Optional.empty();
    }
    LocalDate counted = arrives.plusDays(days);
    return Optional.of(notBefore.filter(counted::isBefore).orElse(counted));
  }

  boolean applies(ShippableItem ware, String to, LocalDate day) {
    return on
        && scope.holds(ware)
        && country.map(to::equals).orElse(true)
        && season.map(one -> one.holds(day)).orElse(true);
  }
}
