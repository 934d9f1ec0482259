package nodyes.core.evaluation;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nodyes.core.common.ValidUntil;
import nodyes.core.countdown.ActivePeriod;
import nodyes.core.countdown.CountdownSchedule;
import nodyes.core.delivery.DeliveryEstimate;
import nodyes.core.nod.Content;
import nodyes.core.nod.Countdown;
import nodyes.core.nod.PageKind;
import nodyes.core.targeting.FactName;
import nodyes.core.targeting.FactValue;
import nodyes.core.targeting.Finding;

/** What countdowns have to show. */
final class CountdownEvaluator {
  /** So long after its end a price may still be changed before it counts as false urgency. */
  private static final Duration GRACE = Duration.ofHours(24);

  private CountdownEvaluator() {}

  /**
   * Where a countdown stands at a moment.
   *
   * @param coming its windows that run or come, as far as is asked
   * @param running the one that runs
   * @param ended the last that ended
   * @param after the one that ended and of which something is still said
   */
  private record Periods(
      List<ActivePeriod> coming,
      Optional<ActivePeriod> running,
      Optional<ActivePeriod> ended,
      Optional<ActivePeriod> after) {}

  static NodEvaluator.Part of(Countdown countdown, OfferedProduct offered) {
    Instant now = offered.viewpoint().moment();
    boolean isToCutOff = countdown.ending() instanceof CountdownSchedule.UntilDispatchCutoff;
    Optional<DeliveryEstimate> delivery =
        isToCutOff ? DeliveryEvaluator.delivery(offered) : Optional.empty();
    Periods at = standing(countdown, offered, delivery, now);
    var findings = new ArrayList<Finding>();
    findings.add(isToCutOff ? DeliveryEvaluator.finding(offered, delivery) : phase(at));
    ValidUntil until =
        until(countdown, now, at)
            .and(
                offered.viewpoint().orderedAt().isPresent()
                    ? ValidUntil.NEVER_ENDS
                    : delivery.map(DeliveryEstimate::validUntil).orElse(ValidUntil.NEVER_ENDS));
    if (countdown.isAboutPrice()) {
      until = until.and(offered.percentOff().until()).and(graceOf(at.ended(), now));
      if (at.after().isEmpty()) {
        findings.add(reduced(offered));
      }
    }
    return new NodEvaluator.Part(
        findings,
        () -> content(countdown, offered, at),
        until,
        ValidUntil.NEVER_ENDS,
        doubts(countdown, offered, now, at));
  }

  private static Periods standing(
      Countdown countdown,
      OfferedProduct offered,
      Optional<DeliveryEstimate> delivery,
      Instant now) {
    List<ActivePeriod> coming =
        switch (countdown.ending()) {
          case CountdownSchedule.UntilPriceChange _ -> offered.reducedTime().stream().toList();
          case CountdownSchedule.UntilDispatchCutoff _ -> toCutOff(delivery, now);
          case CountdownSchedule.FixedEnd _,
              CountdownSchedule.FixedDuration _,
              CountdownSchedule.Recurring _,
              CountdownSchedule.WeeklyCutoff _ ->
              countdown.ending().windows(now, offered.zone(), 1);
        };
    Optional<ActivePeriod> running = coming.stream().filter(one -> one.hasBegunAt(now)).findFirst();
    Optional<ActivePeriod> ended = countdown.ending().lastEnded(now, offered.zone());
    Duration said = Duration.ofHours(countdown.hoursAfter());
    Optional<ActivePeriod> after =
        ended.filter(one -> now.isBefore(one.end().plus(said)) && running.isEmpty());
    return new Periods(coming, running, ended, after);
  }

  /**
   * It always runs, as an order that is too late for one day counts on the next; not for what has
   * been ordered.
   */
  private static List<ActivePeriod> toCutOff(Optional<DeliveryEstimate> delivery, Instant now) {
    return delivery.orElse(null) instanceof DeliveryEstimate.Estimated promised
            && promised.cutOff().isAfter(now)
        ? List.of(new ActivePeriod(Optional.empty(), promised.cutOff()))
        : List.of();
  }

  private static Optional<Content> content(
      Countdown countdown, OfferedProduct offered, Periods at) {
    return at.running()
        .or(at::after)
        .map(
            window ->
                countdown.content(
                    window,
                    offered.zone(),
                    countdown.isAboutPrice() ? offered.priceFrom(window.end()) : Optional.empty(),
                    at.running().isEmpty(),
                    offered.viewpoint().page() != PageKind.PRODUCT));
  }

  private static ValidUntil until(Countdown countdown, Instant now, Periods at) {
    ValidUntil until =
        at.running()
            .map(window -> ValidUntil.before(window.end()))
            .or(
                () ->
                    at.coming().stream()
                        .flatMap(window -> window.start().stream())
                        .filter(now::isBefore)
                        .findFirst()
                        .map(ValidUntil::before))
            .orElse(ValidUntil.NEVER_ENDS);
    return at.after()
        .map(
            window ->
                until.and(
                    ValidUntil.before(window.end().plus(Duration.ofHours(countdown.hoursAfter())))))
        .orElse(until);
  }

  /** Until when it may still turn out that a price did not end. */
  private static ValidUntil graceOf(Optional<ActivePeriod> ended, Instant now) {
    return ended
        .map(window -> window.end().plus(GRACE))
        .filter(now::isBefore)
        .map(ValidUntil::before)
        .orElse(ValidUntil.NEVER_ENDS);
  }

  private static Finding phase(Periods at) {
    boolean isRunning = at.running().isPresent();
    boolean isShown = isRunning || at.after().isPresent();
    Optional<ActivePeriod> named =
        at.after().or(() -> at.coming().stream().findFirst().or(at::ended));
    if (named.isEmpty()) {
      return Finding.unknown(FactName.COUNTDOWN, FactValue.Phase.WITHIN);
    }
    FactValue.Phase phase =
        isRunning
            ? FactValue.Phase.WITHIN
            : isShown || at.coming().isEmpty()
                ? FactValue.Phase.AFTER
                : at.ended().isPresent() ? FactValue.Phase.OUTSIDE : FactValue.Phase.BEFORE;
    return Finding.of(
        FactName.COUNTDOWN,
        phase,
        new FactValue.Period(named.get().start(), Optional.of(named.get().end())),
        isShown);
  }

  private static Finding reduced(OfferedProduct offered) {
    FactValue wanted = new FactValue.PercentRange(Optional.of(1), Optional.empty());
    return offered
        .percentOff()
        .value()
        .map(
            percent ->
                Finding.of(
                    FactName.DISCOUNT,
                    percent == 0 ? offered.noDrop() : new FactValue.Percent(percent),
                    wanted,
                    percent >= 1))
        .orElseGet(() -> Finding.unknown(FactName.DISCOUNT, wanted));
  }

  private static List<ClaimRisk> doubts(
      Countdown countdown, OfferedProduct offered, Instant now, Periods at) {
    var doubts = new ArrayList<ClaimRisk>();
    if (countdown.isAboutPrice()) {
      Optional<Instant> restart = at.running().flatMap(ActivePeriod::start);
      at.ended()
          .filter(one -> isFalse(offered, one.end(), now, restart))
          .ifPresent(_ -> doubts.add(ClaimRisk.FALSE_URGENCY));
      at.running()
          .filter(one -> offered.rises().stream().anyMatch(rise -> rise.from().isBefore(one.end())))
          .ifPresent(_ -> doubts.add(ClaimRisk.PRICE_ENDS_BEFORE));
    }
    if (countdown.ending() instanceof CountdownSchedule.Recurring repeating
        && at.running().isPresent()
        && doubts.isEmpty()
        && beginsAgain(repeating, offered, at)) {
      doubts.add(ClaimRisk.BEGINS_AGAIN);
    }
    return List.copyOf(doubts);
  }

  /**
   * Whether one window follows another with nothing changed between them: the running one the last
   * that ended, or the next one this one, at the very end of it.
   */
  private static boolean beginsAgain(
      CountdownSchedule.Recurring repeating, OfferedProduct offered, Periods at) {
    ActivePeriod running = at.running().orElseThrow();
    Optional<Instant> start = running.start();
    boolean hasBegunAgain =
        start.isPresent()
            && at.ended()
                .filter(before -> !offered.changesPrice(before.end(), start.get()))
                .isPresent();
    return hasBegunAgain
        || repeating.windows(running.end(), offered.zone(), 1).stream()
            .flatMap(next -> next.start().stream())
            .filter(running.end()::equals)
            .anyMatch(next -> !offered.changesPrice(next, next));
  }

  /**
   * Whether a countdown of a reduced price ended and the reduced price of a variant stayed or fell
   * further: for 24 hours, or until the countdown began anew (Directive 2005/29/EC, Annex I, 7).
   * Where no price was reduced, nothing was counted down.
   */
  private static boolean isFalse(
      OfferedProduct offered, Instant end, Instant now, Optional<Instant> restart) {
    Instant latest =
        restart.filter(start -> start.isBefore(end.plus(GRACE))).orElse(end.plus(GRACE));
    Instant before = end.minusMillis(1);
    return !now.isBefore(latest)
        && offered.reducedAt(before).stream()
            .anyMatch(
                variant ->
                    variant
                        .history()
                        .riseAfter(before)
                        .filter(rise -> !rise.from().isAfter(latest))
                        .isEmpty());
  }
}
