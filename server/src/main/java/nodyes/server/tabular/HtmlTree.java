package nodyes.server.tabular;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import nodyes.core.pagereading.PageElement;
import nodyes.core.pagereading.PagePart;
import nodyes.core.pagereading.PageTree;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.TextNode;

/** A page as a tree of what a reader may see; the same page always has the same numbers. */
final class HtmlTree {
  private static final Set<String> UNSEEN =
      Set.of("script", "style", "noscript", "template", "head", "iframe", "object", "link", "meta");

  private static final Pattern HIDDEN = Pattern.compile("display\\s*:\\s*none");

  /** Addresses are told whole. */
  private static final Set<String> ADDRESSES = Set.of("src", "href", "data-src");

  private static final int DEEPEST = 120;
  private static final int MOST = 60_000;
  private static final int LONGEST_VALUE = 500;

  private int numbers;

  private HtmlTree() {}

  static PageTree of(Document document) {
    return new PageTree(new HtmlTree().element(document.body(), 0));
  }

  private PageElement element(Element element, int depth) {
    int number = numbers++;
    var parts = new ArrayList<PagePart>();
    for (var node : element.childNodes()) {
      if (node instanceof TextNode text) {
        parts.add(new PagePart.Text(text.getWholeText()));
      } else if (node instanceof Element child
          && depth < DEEPEST
          && numbers < MOST
          && isSeen(child)) {
        parts.add(element(child, depth + 1));
      }
    }
    return new PageElement(number, element.normalName(), attributes(element), List.copyOf(parts));
  }

  private static boolean isSeen(Element element) {
    return !UNSEEN.contains(element.normalName())
        && !element.hasAttr("hidden")
        && !HIDDEN.matcher(element.attr("style")).find();
  }

  private static Map<String, String> attributes(Element element) {
    var attributes = new HashMap<String, String>();
    element
        .attributes()
        .forEach(
            one -> {
              String name = one.getKey().toLowerCase(Locale.ROOT);
              String value =
                  ADDRESSES.contains(name) && !element.absUrl(one.getKey()).isEmpty()
                      ? element.absUrl(one.getKey())
                      : one.getValue();
              // a picture within the page is no address
              attributes.put(name, value.length() > LONGEST_VALUE ? "" : value);
            });
    return attributes;
  }
}
