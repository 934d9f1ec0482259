package nodyes.server.people;

import java.time.Instant;

/** A device on which a person is signed in. */
record SignIn(long id, long person, String device, Instant since, Instant seenAt) {}
