package nodyes.core.showing;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nodyes.core.audience.FactName;
import nodyes.core.audience.Figure;
import nodyes.core.audience.Finding;
import nodyes.core.common.ValidUntil;
import nodyes.core.countdown.Ending;
import nodyes.core.countdown.Window;
import nodyes.core.delivery.Delivery;
import nodyes.core.nod.Content;
import nodyes.core.nod.Countdown;
import nodyes.core.nod.PageKind;

/** What countdowns have to show. */
final class CountdownParts {
  /** So long after its end a price may still be changed before it counts as false urgency. */
  private static final Duration GRACE = Duration.ofHours(24);

  private CountdownParts() {}

  /**
   * Where a countdown stands at a moment.
   *
   * @param coming its windows that run or come, as far as is asked
   * @param running the one that runs
   * @param ended the last that ended
   * @param after the one that ended and of which something is still said
   */
  private record Standing(
      List<Window> coming,
      Optional<Window> running,
      Optional<Window> ended,
      Optional<Window> after) {}

  static Showing.Part of(Countdown countdown, Offered offered) {
    Instant now = offered.viewpoint().moment();
    boolean isToCutOff = countdown.ending() instanceof Ending.WithDelivery;
    Optional<Delivery> delivery = isToCutOff ? DeliveryParts.delivery(offered) : Optional.empty();
    Standing at = standing(countdown, offered, delivery, now);
    var findings = new ArrayList<Finding>();
    findings.add(isToCutOff ? DeliveryParts.finding(offered, delivery) : phase(at));
    ValidUntil until =
        until(countdown, now, at)
            .and(
                offered.viewpoint().orderedAt().isPresent()
                    ? ValidUntil.NEVER_ENDS
                    : delivery.map(Delivery::validUntil).orElse(ValidUntil.NEVER_ENDS));
    if (countdown.isAboutPrice()) {
      until = until.and(offered.percentOff().until()).and(graceOf(at.ended(), now));
      if (at.after().isEmpty()) {
        findings.add(reduced(offered));
      }
    }
    return new Showing.Part(
        findings,
        () -> content(countdown, offered, at),
        until,
        ValidUntil.NEVER_ENDS,
        doubts(countdown, offered, now, at));
  }

  private static Standing standing(
      Countdown countdown, Offered offered, Optional<Delivery> delivery, Instant now) {
    List<Window> coming =
        switch (countdown.ending()) {
          case Ending.WithPrice _ -> offered.reducedTime().stream().toList();
          case Ending.WithDelivery _ -> toCutOff(delivery, now);
          default -> countdown.ending().windows(now, offered.zone(), 1);
        };
    Optional<Window> running = coming.stream().filter(one -> one.hasBegunAt(now)).findFirst();
    Optional<Window> ended = countdown.ending().lastEnded(now, offered.zone());
    Duration said = Duration.ofHours(countdown.hoursAfter());
    Optional<Window> after =
        ended.filter(one -> now.isBefore(one.end().plus(said)) && running.isEmpty());
    return new Standing(coming, running, ended, after);
  }

  /**
   * It always runs, as an order that is too late for one day counts on the next; not for what has
   * been ordered.
   */
  private static List<Window> toCutOff(Optional<Delivery> delivery, Instant now) {
    return delivery.orElse(null) instanceof Delivery.Promised promised
            && promised.cutOff().isAfter(now)
        ? List.of(new Window(Optional.empty(), promised.cutOff()))
        : List.of();
  }

  private static Optional<Content> content(Countdown countdown, Offered offered, Standing at) {
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

  private static ValidUntil until(Countdown countdown, Instant now, Standing at) {
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
  private static ValidUntil graceOf(Optional<Window> ended, Instant now) {
    return ended
        .map(window -> window.end().plus(GRACE))
        .filter(now::isBefore)
        .map(ValidUntil::before)
        .orElse(ValidUntil.NEVER_ENDS);
  }

  private static Finding phase(Standing at) {
    boolean isRunning = at.running().isPresent();
    boolean isShown = isRunning || at.after().isPresent();
    Optional<Window> named = at.after().or(() -> at.coming().stream().findFirst().or(at::ended));
    if (named.isEmpty()) {
      return Finding.unknown(FactName.COUNTDOWN, Figure.Phase.WITHIN);
    }
    Figure.Phase phase =
        isRunning
            ? Figure.Phase.WITHIN
            : isShown || at.coming().isEmpty()
                ? Figure.Phase.AFTER
                : at.ended().isPresent() ? Figure.Phase.OUTSIDE : Figure.Phase.BEFORE;
    return Finding.of(
        FactName.COUNTDOWN,
        phase,
        new Figure.Period(named.get().start(), Optional.of(named.get().end())),
        isShown);
  }

  private static Finding reduced(Offered offered) {
    Figure wanted = new Figure.PercentRange(Optional.of(1), Optional.empty());
    return offered
        .percentOff()
        .value()
        .map(
            percent ->
                Finding.of(
                    FactName.PERCENT_OFF,
                    percent == 0 ? offered.noDrop() : new Figure.Percent(percent),
                    wanted,
                    percent >= 1))
        .orElseGet(() -> Finding.unknown(FactName.PERCENT_OFF, wanted));
  }

  private static List<Doubt> doubts(
      Countdown countdown, Offered offered, Instant now, Standing at) {
    var doubts = new ArrayList<Doubt>();
    if (countdown.isAboutPrice()) {
      Optional<Instant> restart = at.running().flatMap(Window::start);
      at.ended()
          .filter(one -> isFalse(offered, one.end(), now, restart))
          .ifPresent(_ -> doubts.add(Doubt.FALSE_URGENCY));
      at.running()
          .filter(one -> offered.rises().stream().anyMatch(rise -> rise.from().isBefore(one.end())))
          .ifPresent(_ -> doubts.add(Doubt.PRICE_ENDS_BEFORE));
    }
    if (countdown.ending() instanceof Ending.Repeating repeating
        && at.running().isPresent()
        && doubts.isEmpty()
        && beginsAgain(repeating, offered, at)) {
      doubts.add(Doubt.BEGINS_AGAIN);
    }
    return List.copyOf(doubts);
  }

  /**
   * Whether one window follows another with nothing changed between them: the running one the last
   * that ended, or the next one this one, at the very end of it.
   */
  private static boolean beginsAgain(Ending.Repeating repeating, Offered offered, Standing at) {
    Window running = at.running().orElseThrow();
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
      Offered offered, Instant end, Instant now, Optional<Instant> restart) {
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
