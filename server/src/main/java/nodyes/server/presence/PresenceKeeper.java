package nodyes.server.presence;

import jakarta.annotation.PreDestroy;
import java.time.Clock;
import nodyes.server.web.EachMinute;
import org.springframework.stereotype.Component;

/** Saves who looked each minute, so that being killed loses no more than that. */
@Component
class PresenceKeeper extends EachMinute {
  private final Presence presence;
  private final Clock clock;

  PresenceKeeper(Presence presence, Clock clock) {
    super("keep-visitors", () -> presence.save(clock.instant()));
    this.presence = presence;
    this.clock = clock;
  }

  @PreDestroy
  void last() {
    presence.save(clock.instant());
  }
}
