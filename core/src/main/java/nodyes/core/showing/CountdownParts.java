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

  static Showing.Part of(Countdown countdown, Offered offered) {
    Instant now = offered.viewpoint().moment();
    Optional<Delivery> delivery =
        countdown.ending() instanceof Ending.WithDelivery
            ? DeliveryParts.delivery(offered)
            : Optional.empty();
    List<Window> coming =
        switch (countdown.ending()) {
          case Ending.WithPrice _ -> offered.reducedTime().stream().toList();
          case Ending.WithDelivery _ -> toCutOff(delivery, now);
          default -> countdown.ending().windows(now, offered.zone(), 1);
        };
    Optional<Window> running = coming.stream().filter(one -> one.hasBegunAt(now)).findFirst();
    Optional<Window> ended = countdown.ending().lastEnded(now, offered.zone());
    Optional<Window> after =
        ended.filter(
            one ->
                now.isBefore(one.end().plus(Duration.ofHours(countdown.hoursAfter())))
                    && running.isEmpty());
    var findings = new ArrayList<Finding>();
    findings.add(
        countdown.ending() instanceof Ending.WithDelivery
            ? DeliveryParts.finding(offered, delivery)
            : phase(coming, running.isPresent(), after, ended));
    ValidUntil until =
        until(countdown, now, coming, running, after)
            .and(
                offered.viewpoint().orderedAt().isPresent()
                    ? ValidUntil.NEVER_ENDS
                    : delivery.map(Delivery::validUntil).orElse(ValidUntil.NEVER_ENDS));
    if (countdown.isAboutPrice()) {
      until = until.and(offered.priceUntil()).and(graceOf(ended, now));
      if (after.isEmpty()) {
        findings.add(reduced(offered));
      }
    }
    boolean isSmall = offered.viewpoint().page() != PageKind.PRODUCT;
    return new Showing.Part(
        findings,
        () -> content(countdown, offered, running, after, isSmall),
        until,
        ValidUntil.NEVER_ENDS,
        countdown.isAboutPrice() ? doubts(offered, now, running, ended) : List.of());
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

  private static Optional<Content> content(
      Countdown countdown,
      Offered offered,
      Optional<Window> running,
      Optional<Window> after,
      boolean isSmall) {
    return running
        .or(() -> after)
        .map(
            window ->
                countdown.content(
                    window,
                    offered.zone(),
                    countdown.isAboutPrice() ? offered.priceFrom(window.end()) : Optional.empty(),
                    running.isEmpty(),
                    isSmall));
  }

  private static ValidUntil until(
      Countdown countdown,
      Instant now,
      List<Window> coming,
      Optional<Window> running,
      Optional<Window> after) {
    ValidUntil until =
        running
            .map(window -> ValidUntil.before(window.end()))
            .or(
                () ->
                    coming.stream()
                        .flatMap(window -> window.start().stream())
                        .filter(now::isBefore)
                        .findFirst()
                        .map(ValidUntil::before))
            .orElse(ValidUntil.NEVER_ENDS);
    return after
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

  private static Finding phase(
      List<Window> coming, boolean isRunning, Optional<Window> after, Optional<Window> ended) {
    boolean isShown = isRunning || after.isPresent();
    Optional<Window> named =
        after.or(() -> coming.isEmpty() ? ended : Optional.of(coming.getFirst()));
    if (named.isEmpty()) {
      return Finding.unknown(FactName.COUNTDOWN, Figure.Phase.WITHIN);
    }
    Figure.Phase phase =
        isRunning
            ? Figure.Phase.WITHIN
            : isShown || coming.isEmpty()
                ? Figure.Phase.AFTER
                : ended.isPresent() ? Figure.Phase.OUTSIDE : Figure.Phase.BEFORE;
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
                Finding.of(FactName.PERCENT_OFF, new Figure.Percent(percent), wanted, percent >= 1))
        .orElseGet(() -> Finding.unknown(FactName.PERCENT_OFF, wanted));
  }

  private static List<Doubt> doubts(
      Offered offered, Instant now, Optional<Window> running, Optional<Window> ended) {
    var doubts = new ArrayList<Doubt>();
    Optional<Instant> restart = running.flatMap(Window::start);
    ended
        .filter(one -> isFalse(offered, one.end(), now, restart))
        .ifPresent(_ -> doubts.add(Doubt.FALSE_URGENCY));
    Optional<Instant> planned = offered.priceUntil().end();
    if (running.isPresent()
        && planned.isPresent()
        && !planned.get().equals(running.get().end())
        && planned.get().isBefore(running.get().end())) {
      doubts.add(Doubt.PRICE_ENDS_BEFORE);
    }
    return doubts;
  }

  /**
   * Whether a countdown of a reduced price ended and the price stayed as it was: for 24 hours, or
   * until the countdown began anew (Directive 2005/29/EC, Annex I, 7). Where no price was reduced,
   * nothing was counted down.
   */
  private static boolean isFalse(
      Offered offered, Instant end, Instant now, Optional<Instant> restart) {
    Instant latest =
        restart.filter(start -> start.isBefore(end.plus(GRACE))).orElse(end.plus(GRACE));
    return !now.isBefore(latest)
        && offered.isReducedAt(end.minusMillis(1))
        && !offered.changesPrice(end, latest);
  }
}
