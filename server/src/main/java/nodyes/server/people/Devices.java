package nodyes.server.people;

import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What a person would call a device, told from what its browser says of itself (RFC 9110, 10.1.5).
 * The words that browsers use are common practice.
 */
final class Devices {
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
    SYSTEMS.put("iPhone", "an iPhone");
    SYSTEMS.put("iPad", "an iPad");
    SYSTEMS.put("Android", "Android");
    SYSTEMS.put("Windows", "Windows");
    SYSTEMS.put("Mac OS X", "a Mac");
    SYSTEMS.put("CrOS", "ChromeOS");
    SYSTEMS.put("Linux", "Linux");
  }

  private Devices() {}

  static String name(@Nullable String userAgent) {
    String said = userAgent == null ? "" : userAgent;
    return first(BROWSERS, said, "A browser") + " on " + first(SYSTEMS, said, "some device");
  }

  private static String first(Map<String, String> names, String said, String otherwise) {
    return names.entrySet().stream()
        .filter(name -> said.contains(name.getKey()))
        .map(Map.Entry::getValue)
        .findFirst()
        .orElse(otherwise);
  }
}
