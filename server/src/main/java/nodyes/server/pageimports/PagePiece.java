package nodyes.server.pageimports;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import nodyes.core.pagereading.PageElement;
import nodyes.core.pagereading.PagePart;
import nodyes.core.pagereading.PageTree;
import org.jspecify.annotations.Nullable;

/**
 * A piece of a page, as plain text to look at and point at: nothing of the page is drawn by its own
 * means.
 *
 * @param element its number; missing for text
 * @param text what it says where it is text
 * @param shows what it shows without text: a label, or 'image'
 * @param isLine whether it stands in a line with what is beside it
 * @param pieces what is in it
 */
record PagePiece(
    @Nullable Integer element,
    @Nullable String text,
    @Nullable String shows,
    boolean isLine,
    List<PagePiece> pieces) {
  private static final int MOST = 3_000;
  private static final int LONGEST_TEXT = 2_000;
  private static final Pattern STARS = Pattern.compile("(?i)star|rating");
  private static final Set<String> IN_LINE =
      Set.of(
          "a", "abbr", "b", "bdi", "cite", "code", "em", "i", "img", "input", "mark", "meter", "q",
          "s", "small", "span", "strong", "sub", "sup", "svg", "time", "u", "button", "label",
          "font");

  /**
   * What stands around some elements; all of the page where there are none.
   *
   * @param stars what the elements show in which stars were read
   */
  static PagePiece around(PageTree page, List<Integer> elements, Map<Integer, String> stars) {
    PageElement top = page.root();
    if (!elements.isEmpty()) {
      var wanted = new HashSet<>(elements);
      while (true) {
        var holding = top.children().stream().filter(child -> holds(child, wanted)).toList();
        if (holding.size() != 1 || wanted.contains(holding.getFirst().number())) {
          break;
        }
        top = holding.getFirst();
      }
    }
    return new Copy(stars).of(top);
  }

  private static boolean holds(PageElement element, Set<Integer> wanted) {
    return wanted.contains(element.number())
        || element.children().stream().anyMatch(child -> holds(child, wanted));
  }

  /** Copies so many pieces, and no more. */
  private static final class Copy {
    private final Map<Integer, String> stars;
    private int copied;

    private Copy(Map<Integer, String> stars) {
      this.stars = stars;
    }

    PagePiece of(PageElement element) {
      copied++;
      String shows = shows(element);
      var pieces = new ArrayList<PagePiece>();
      for (PagePart part : element.parts()) {
        if (copied >= MOST || shows != null) {
          break;
        }
        switch (part) {
          case PagePart.Text(String text) -> {
            if (!text.isBlank()) {
              pieces.add(new PagePiece(null, shortened(text), null, true, List.of()));
            }
          }
          case PageElement child -> {
            PagePiece piece = of(child);
            if (!piece.pieces().isEmpty() || piece.shows() != null) {
              pieces.add(piece);
            }
          }
        }
      }
      return new PagePiece(element.number(), null, shows, IN_LINE.contains(element.tag()), pieces);
    }

    private static String shortened(String text) {
      return text.length() > LONGEST_TEXT ? text.substring(0, LONGEST_TEXT) + " …" : text;
    }

    private @Nullable String shows(PageElement element) {
      if (!element.text().isEmpty()) {
        return null;
      }
      String read = stars.get(element.number());
      if (read != null) {
        return read;
      }
      for (String name : List.of("aria-label", "alt", "title")) {
        String said = element.attribute(name).strip();
        if (!said.isEmpty()) {
          return shortened(said);
        }
      }
      if (element.tag().equals("img")) {
        return "image";
      }
      // drawn by a style sheet alone: something has to stand there to be pointed at
      return STARS.matcher(element.attribute("class")).find() ? "★" : null;
    }
  }
}
