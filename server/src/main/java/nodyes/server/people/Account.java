package nodyes.server.people;

import java.time.Instant;
import java.util.Optional;

/**
 * Someone who may sign in.
 *
 * @param secondStep the secret of the second step, if there is one
 * @param language the language that the person chose, if any (BCP 47)
 */
public record Account(
    long id,
    String email,
    String name,
    String passwordHash,
    Role role,
    Optional<String> secondStep,
    Optional<String> language,
    Instant since) {
  /** Without what nobody is told. */
  @Override
  public String toString() {
    return "Person " + id + " (" + role + ")";
  }
}
