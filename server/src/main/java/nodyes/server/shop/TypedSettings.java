package nodyes.server.shop;

import java.net.IDN;
import java.net.URI;
import java.net.URISyntaxException;
import java.time.ZoneId;
import java.util.Currency;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/** Settings of the shop as people type or paste them, read as they are meant. */
final class TypedSettings {
  private static final Pattern ORIGIN = Pattern.compile("(?i)https?://[a-z0-9.-]+(:\\d{1,5})?");
  private static final Pattern SCHEME = Pattern.compile("(?i)^[a-z][a-z0-9+.-]*://");

  private TypedSettings() {}

  /**
   * A time zone in any case, spaces for its underscores; empty where there is none of that name.
   */
  static Optional<ZoneId> zone(String typed) {
    String wanted = typed.strip().replace(' ', '_');
    return ZoneId.getAvailableZoneIds().stream()
        .filter(wanted::equalsIgnoreCase)
        .findFirst()
        .map(ZoneId::of);
  }

  /** A currency (ISO 4217) in any case; empty where there is none of that code. */
  static Optional<String> currency(String typed) {
    try {
      return Optional.of(
          Currency.getInstance(typed.strip().toUpperCase(Locale.ROOT)).getCurrencyCode());
    } catch (IllegalArgumentException e) {
      return Optional.empty();
    }
  }

  /**
   * The shop's part of an address, whatever is pasted behind it; without a scheme it is https.
   *
   * @return empty where it is none; empty text where nothing was typed
   */
  static Optional<String> origin(String typed) {
    String text = typed.strip();
    if (text.isEmpty()) {
      return Optional.of("");
    }
    if (text.matches(".*\\s.*")) {
      return Optional.empty();
    }
    String whole = SCHEME.matcher(text).find() ? text : "https://" + text;
    try {
      String authority = new URI(whole.replaceFirst("(?<=[^:/])[/?#].*$", "")).getRawAuthority();
      if (authority == null) {
        return Optional.empty();
      }
      String[] parts = authority.split(":", 2);
      String host = IDN.toASCII(parts[0]).toLowerCase(Locale.ROOT);
      String scheme = whole.substring(0, whole.indexOf(':')).toLowerCase(Locale.ROOT);
      String origin = scheme + "://" + host + (parts.length > 1 ? ":" + parts[1] : "");
      return Optional.of(origin.replaceFirst("^(http://.*):80$|^(https://.*):443$", "$1$2"))
          .filter(one -> ORIGIN.matcher(one).matches());
    } catch (URISyntaxException | IllegalArgumentException e) {
      return Optional.empty();
    }
  }

  /** A path, of a whole address its own; without a slash before it gets one. */
  static String path(String typed) {
    String path = typed.strip().replaceFirst("(?i)^https?://[^/]*", "");
    return path.startsWith("/") ? path : "/" + path;
  }
}
