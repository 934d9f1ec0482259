package nodyes.server.people;

import java.time.Instant;

/** Somebody who was asked to join, until the end of the link. */
record Invitation(long id, String email, Role role, Instant madeAt, Instant endsAt) {}
