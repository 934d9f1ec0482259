package nodyes.server.reviewform;

import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HexFormat;
import nodyes.core.common.Slug;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.Signer;
import org.springframework.stereotype.Component;

/**
 * What a form carries from opening to sending: for which product, since when, and a name of its
 * own, signed. Nothing is stored until it is sent.
 */
@Component
public class FormTokens {
  private static final String PURPOSE = "review-form";
  private static final Duration LIFE = Duration.ofHours(24);
  private static final int NONCE_BYTES = 12;
  private static final int PARTS = 4;

  private final SecureRandom random = new SecureRandom();
  private final Signer signer;
  private final Clock clock;

  FormTokens(Signer signer, Clock clock) {
    this.signer = signer;
    this.clock = clock;
  }

  /**
   * An opened form.
   *
   * @param nonce its own name
   * @param taken from opening it until now
   */
  public record Opened(String nonce, Duration taken) {}

  /** A token for a form of a product. */
  String issue(Slug product) {
    return opened(product.value(), Duration.ZERO);
  }

  /** A token for a form that was opened so long ago. */
  public String opened(String product, Duration ago) {
    var nonce = new byte[NONCE_BYTES];
    random.nextBytes(nonce);
    String said =
        product
            + "."
            + Long.toString(clock.instant().minus(ago).toEpochMilli(), Character.MAX_RADIX)
            + "."
            + HexFormat.of().formatHex(nonce);
    return said + "." + signer.sign(PURPOSE, said);
  }

  /**
   * What a token says.
   *
   * @throws Refusal where it is not ours, for another product, or over a day old
   */
  public Opened read(String token, String product) {
    if (!token.startsWith(product + ".")) {
      throw ApiProblem.value("token", "missing");
    }
    return read(token);
  }

  /**
   * What a token says, whatever the product.
   *
   * @throws Refusal where it is not ours or over a day old
   */
  Opened read(String token) {
    int end = token.lastIndexOf('.');
    String[] parts = token.split("\\.", -1);
    if (parts.length != PARTS
        || !signer.isSigned(PURPOSE, token.substring(0, end), token.substring(end + 1))) {
      throw ApiProblem.value("token", "missing");
    }
    Instant at = Instant.ofEpochMilli(Long.parseLong(parts[1], Character.MAX_RADIX));
    Duration taken = Duration.between(at, clock.instant());
    if (taken.compareTo(LIFE) > 0) {
      throw ApiProblem.value("token", "late");
    }
    return new Opened(parts[2], taken);
  }
}
