package nodyes.server.storefront.wire;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.stream.Stream;
import nodyes.core.nod.Countdown;
import org.jspecify.annotations.Nullable;

/**
 * A countdown.
 *
 * @param start when it began; missing where it always ran
 * @param end when it ends or ended
 * @param zone the shop's (IANA), in which its end is told
 * @param then the price that is planned for its end
 * @param ended whether the text after the end is shown
 * @param small whether it stands on a card among others
 * @param units which units are shown: day, hour, minute, second
 */
public record WireCountdown(
    @Nullable Instant start,
    Instant end,
    String zone,
    @Nullable WireMoney then,
    boolean ended,
    boolean small,
    List<String> units) {
  /** An amount and its currency (ISO 4217). */
  public record WireMoney(BigDecimal amount, String currency) {}

  static WireCountdown of(Countdown.CountdownContent content) {
    Countdown.Units units = content.units();
    return new WireCountdown(
        content.start().orElse(null),
        content.end(),
        content.zone().getId(),
        content
            .then()
            .map(price -> new WireMoney(price.getAmount(), price.getCurrencyUnit().getCode()))
            .orElse(null),
        content.hasEnded(),
        content.isSmall(),
        Stream.of(
                units.days() ? "day" : "",
                units.hours() ? "hour" : "",
                units.minutes() ? "minute" : "",
                units.seconds() ? "second" : "")
            .filter(unit -> !unit.isEmpty())
            .toList());
  }
}
