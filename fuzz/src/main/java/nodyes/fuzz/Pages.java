package nodyes.fuzz;

import com.code_intelligence.jazzer.api.FuzzedDataProvider;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import nodyes.core.pagereading.PageElement;
import nodyes.core.pagereading.PagePart;
import nodyes.core.pagereading.PageTree;
import nodyes.core.pagereading.PatternFinder;
import nodyes.core.pagereading.PatternReader;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.TextNode;

/** Pages of which reviews are read without structured data. */
public final class Pages {
  private static final int DEEPEST = 200;

  private Pages() {}

  /** Called with each input. */
  public static void fuzzerTestOneInput(FuzzedDataProvider data) {
    String html = data.consumeRemainingAsString();
    PageTree page = new PageTree(element(Jsoup.parse(html).body(), new AtomicInteger(), 0));
    PatternFinder.propose(page)
        .ifPresent(
            pattern -> {
              List<PatternReader.Block> blocks = PatternReader.read(page, pattern);
              Law.holds(
                  blocks.equals(PatternReader.read(page, pattern)),
                  "a page is read the same twice");
            });
  }

  private static PageElement element(Element element, AtomicInteger numbers, int depth) {
    int number = numbers.getAndIncrement();
    var attributes = new HashMap<String, String>();
    element.attributes().forEach(one -> attributes.put(one.getKey(), one.getValue()));
    var parts = new ArrayList<PagePart>();
    element
        .childNodes()
        .forEach(
            node -> {
              if (node instanceof Element child && depth < DEEPEST) {
                parts.add(element(child, numbers, depth + 1));
              } else if (node instanceof TextNode text) {
                parts.add(new PagePart.Text(text.getWholeText()));
              }
            });
    return new PageElement(number, element.normalName(), attributes, parts);
  }
}
