package nodyes.server.pages;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import nodyes.server.web.Signer;
import org.springframework.stereotype.Component;

/**
 * Signed tokens that let their bearer see drafts and other moments: an end and its signature.
 * Nothing is stored of them.
 */
@Component
public class PreviewTokens {
  private static final Duration LIFE = Duration.ofHours(12);
  private static final Duration A_DAY = Duration.ofHours(24);
  private static final String PURPOSE = "preview";

  private final Clock clock;
  private final Signer signer;

  /** A token and the instant at which it ends. */
  public record PreviewToken(String token, Instant endsAt) {}

  PreviewTokens(Clock clock, Signer signer) {
    this.clock = clock;
    this.signer = signer;
  }

  /** A new token for the back office's own frames. */
  public PreviewToken issue() {
    return issue(LIFE);
  }

  /** A new token for a link that is handed on; it ends after a day. */
  PreviewToken share() {
    return issue(A_DAY);
  }

  private PreviewToken issue(Duration life) {
    Instant end = clock.instant().plus(life);
    String ends = Long.toString(end.getEpochSecond(), Character.MAX_RADIX);
    return new PreviewToken(
        ends + "." + signer.sign(PURPOSE, ends), Instant.ofEpochSecond(end.getEpochSecond()));
  }

  /** Whether the token was issued here and has not ended. */
  public boolean isValid(String token) {
    int dot = token.indexOf('.');
    if (dot <= 0) {
      return false;
    }
    String ends = token.substring(0, dot);
    boolean ours = signer.isSigned(PURPOSE, ends, token.substring(dot + 1));
    return ours && clock.instant().getEpochSecond() < Long.parseLong(ends, Character.MAX_RADIX);
  }
}
