package nodyes.server.access;

import java.util.Optional;
import nodyes.server.people.Role;
import nodyes.server.people.Scope;
import org.springframework.web.util.pattern.PathPattern;

/**
 * Who may ask for one endpoint, and with what.
 *
 * @param who the least role; none where anyone may
 * @param scope what a program's key must be for; none where no key opens it
 * @param place of the back office it belongs to, where something is done by it
 * @param did what the trail says of it; none where nothing is
 */
record Line(
    String method,
    PathPattern path,
    Optional<Role> who,
    Optional<Scope> scope,
    Body body,
    String place,
    Optional<String> did) {
  /** What may be sent. */
  enum Body {
    /** Nothing; some programs send an empty object where nothing is asked, and may. */
    NONE(1_000),
    /** An object of a few fields. */
    SMALL_JSON(64_000),
    /** A report of views, which browsers send as text. */
    VIEWS(64_000),
    /** What the back office keeps. */
    JSON(2_000_000),
    /** A text or page that was pasted. */
    LARGE_JSON(16_000_000),
    /** A picture as it is. */
    PICTURE(20_000_000),
    /** A form with a file (RFC 7578). */
    FILE(1_025_000_000);

    private final long most;

    Body(long most) {
      this.most = most;
    }

    /** So many bytes. */
    long most() {
      return most;
    }
  }
}
