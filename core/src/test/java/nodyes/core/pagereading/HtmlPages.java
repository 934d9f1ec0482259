package nodyes.core.pagereading;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.concurrent.atomic.AtomicInteger;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.TextNode;

/** Pages as they are written, for tests. */
final class HtmlPages {
  private HtmlPages() {}

  static PageTree page(String html) {
    return new PageTree(
        element(Jsoup.parse(html, "https://market.example/items/1").body(), new AtomicInteger()));
  }

  private static PageElement element(Element element, AtomicInteger numbers) {
    int number = numbers.getAndIncrement();
    var attributes = new HashMap<String, String>();
    element
        .attributes()
        .forEach(
            one ->
                attributes.put(
                    one.getKey(),
                    one.getKey().equals("src") ? element.absUrl("src") : one.getValue()));
    var parts = new ArrayList<PagePart>();
    element
        .childNodes()
        .forEach(
            node -> {
              if (node instanceof Element child) {
                parts.add(element(child, numbers));
              } else if (node instanceof TextNode text) {
                parts.add(new PagePart.Text(text.getWholeText()));
              }
            });
    return new PageElement(number, element.normalName(), attributes, parts);
  }

  /** The element that has just this text. */
  static int saying(PageTree page, String text) {
    return page.root().all().stream()
        .filter(one -> one.line().equals(text))
        .mapToInt(PageElement::number)
        .max()
        .orElseThrow(() -> new AssertionError("nothing says " + text));
  }
}
