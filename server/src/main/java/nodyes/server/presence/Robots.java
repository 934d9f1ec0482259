package nodyes.server.presence;

import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Who is no shopper: programs that say so in their name (RFC 9110, 10.1.5). */
final class Robots {
  // words by which crawlers, previews and libraries name themselves: common practice
  private static final Pattern NAMES =
      Pattern.compile(
          "bot\\b|bot/|crawl|spider|slurp|preview|headless|monitor|lighthouse|scrap|fetch"
              + "|curl/|wget/|python|java/|java-http-client|okhttp|go-http-client|axios|node",
          Pattern.CASE_INSENSITIVE);

  private Robots() {}

  /** Whether a user agent names itself as a program, or not at all. */
  static boolean isNamed(@Nullable String userAgent) {
    return userAgent == null || userAgent.isBlank() || NAMES.matcher(userAgent).find();
  }
}
