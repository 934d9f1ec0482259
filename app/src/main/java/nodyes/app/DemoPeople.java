package nodyes.app;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import nodyes.core.common.Said;
import nodyes.server.people.Accounts;
import nodyes.server.people.Role;
import nodyes.server.trail.Trail;

/** Who works in the invented shop, and what they did of late. */
final class DemoPeople {
  private final Accounts people;
  private final Trail trail;
  private final Clock clock;

  DemoPeople(Accounts people, Trail trail, Clock clock) {
    this.people = people;
    this.trail = trail;
    this.clock = clock;
  }

  void fill() {
    people.add("beatriz@quillwort.example", "Beatriz", Role.OWNER);
    people.add("duarte@quillwort.example", "Duarte L.", Role.EDITOR);
    people.add("sofia@quillwort.example", "Sofia M.", Role.DESK);
    people.add("books@quillwort.example", "Tomé V.", Role.READER);
    people.invite("packing@quillwort.example", Role.DESK, Duration.ofDays(7));
    did(Duration.ofDays(14), "Beatriz", "People", invited("sofia@quillwort.example"));
    did(Duration.ofDays(6), "Duarte L.", "Catalogue", Said.of("trail.did.products"));
    did(Duration.ofDays(2), "Duarte L.", "Pages", Said.of("trail.did.nod"));
    did(Duration.ofHours(20), "Beatriz", "People", invited("packing@quillwort.example"));
    did(Duration.ofHours(5), "Sofia M.", "Reviews", Said.of("trail.did.reply"));
  }

  private static Said invited(String email) {
    return Said.of("trail.invitedAs", "email", email, "role", Role.DESK.name());
  }

  private void did(Duration ago, String who, String place, Said what) {
    Instant at = clock.instant().minus(ago);
    trail.add(at, who, place, what);
  }
}
