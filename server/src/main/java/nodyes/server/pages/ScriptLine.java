package nodyes.server.pages;

import java.util.List;
import java.util.regex.Pattern;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;

/** The one line that a shop puts into the head of its pages. */
final class ScriptLine {
  /** This machine, by its usual names. */
  private static final Pattern HERE =
      Pattern.compile("(?i)https?://(localhost|127\\.[\\d.]+|\\[::1]|[^/:]+\\.local)(:\\d+)?");

  private ScriptLine() {}

  /** The lines that a page has, whatever their key. */
  static List<Element> in(Document html) {
    return html.select("script[src*=nodyes.js]").stream()
        .filter(one -> one.attr("src").replaceFirst("[?#].*", "").endsWith("/nodyes.js"))
        .toList();
  }

  /** The key of a line; empty where it has none. */
  static String key(Element line) {
    return line.attr("data-shop").strip();
  }

  /** Whether shoppers can load the script from an address: not over http, not from this machine. */
  static boolean isPublic(String office) {
    return office.startsWith("https:") && !HERE.matcher(office).matches();
  }

  /** The line with the address that the script comes from, and the shop's key. */
  static String of(String office, String key) {
    return element(office, key).outerHtml();
  }

  /** The same, for pages that appear together with their nods (HTML Living Standard, blocking). */
  static String held(String office, String key) {
    return element(office, key).attr("blocking", "render").outerHtml();
  }

  private static Element element(String office, String key) {
    return new Element("script")
        .attr("async", true)
        .attr("src", office + "/nodyes.js")
        .attr("data-shop", key);
  }
}
