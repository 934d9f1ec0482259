package nodyes.server.visitors;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Who is no shopper: programs that say so in their name (RFC 9110, 10.1.5). */
public final class BotDetector {
  // words by which crawlers, previews and libraries name themselves: common practice
  private static final Pattern NAMES =
      Pattern.compile(
          "bot\\b|bot/|crawl|spider|slurp|preview|headless|monitor|lighthouse|scrap|fetch"
              + "|curl/|wget/|python|java/|java-http-client|okhttp|go-http-client|axios|node",
          Pattern.CASE_INSENSITIVE);

  private static final int LONGEST = 500;
  private static final Cache<String, Boolean> TOLD =
      Caffeine.newBuilder().maximumSize(2_000).build();

  private BotDetector() {}

  /** Whether a user agent names itself as a program, or not at all. */
  public static boolean isNamed(@Nullable String userAgent) {
    if (userAgent == null || userAgent.isBlank()) {
      return true;
    }
    // no browser's name is that long: what is beyond is not looked at
    String name = userAgent.substring(0, Math.min(LONGEST, userAgent.length()));
    return TOLD.get(name, one -> NAMES.matcher(one).find());
  }
}
