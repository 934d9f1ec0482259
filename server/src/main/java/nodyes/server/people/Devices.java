package nodyes.server.people;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What a person would call a device, told from what its browser says of itself (RFC 9110, 10.1.5).
 * The words that browsers use are common practice.
 */
final class Devices {
  /** Of a program that says nothing of itself. */
  private static final String UNKNOWN = "?";

  private static final Map<String, String> BROWSERS = new LinkedHashMap<>();
  private static final Map<String, String> SYSTEMS = new LinkedHashMap<>();

  static {
    // in this order: most call themselves by the names of others as well
    BROWSERS.put("Edg", "Edge");
    BROWSERS.put("OPR/", "Opera");
    BROWSERS.put("Firefox/", "Firefox");
    BROWSERS.put("FxiOS/", "Firefox");
    BROWSERS.put("CriOS/", "Chrome");
    BROWSERS.put("Chrome/", "Chrome");
    BROWSERS.put("Safari/", "Safari");
    SYSTEMS.put("iPhone", "iPhone");
    SYSTEMS.put("iPad", "iPad");
    SYSTEMS.put("Android", "Android");
    SYSTEMS.put("Windows", "Windows");
    SYSTEMS.put("Mac OS X", "macOS");
    SYSTEMS.put("CrOS", "ChromeOS");
    SYSTEMS.put("Linux", "Linux");
  }

  private Devices() {}

  static String name(@Nullable String userAgent) {
    String said = userAgent == null ? "" : userAgent;
    return Stream.of(first(BROWSERS, said), first(SYSTEMS, said))
        .flatMap(Optional::stream)
        .collect(Collectors.collectingAndThen(Collectors.joining(", "), Devices::orUnknown));
  }

  private static String orUnknown(String names) {
    return names.isEmpty() ? UNKNOWN : names;
  }

  private static Optional<String> first(Map<String, String> names, String said) {
    return names.entrySet().stream()
        .filter(name -> said.contains(name.getKey()))
        .map(Map.Entry::getValue)
        .findFirst();
  }
}
