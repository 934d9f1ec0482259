package nodyes.core.pagereading;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import java.util.regex.Pattern;

/**
 * An element of a page.
 *
 * @param number its place in the document, from 0 at the top; no other element has it
 * @param tag its name in small letters
 * @param attributes its attributes, their names in small letters
 * @param parts the texts and elements in it, in their order
 */
public record PageElement(
    int number, String tag, Map<String, String> attributes, List<PagePart> parts)
    implements PagePart {
  private static final Pattern SPACE = Pattern.compile("[\\s\\u00a0]+");

  /** Keeps attributes and parts unchangeable. */
  public PageElement {
    attributes = Map.copyOf(attributes);
    parts = List.copyOf(parts);
  }

  /** The value of an attribute; empty where there is none. */
  public String attribute(String name) {
    return attributes.getOrDefault(name, "");
  }

  /** The names in its class attribute. */
  public Set<String> classes() {
    String all = attribute("class").strip();
    return all.isEmpty() ? Set.of() : Set.copyOf(List.of(all.split("\\s+")));
  }

  /** Its class and id in small letters, for words that tell what it is for. */
  String names() {
    return (attribute("class") + " " + attribute("id")).toLowerCase(Locale.ROOT);
  }

  /** The elements right in it. */
  public List<PageElement> children() {
    return parts.stream()
        .filter(PageElement.class::isInstance)
        .map(PageElement.class::cast)
        .toList();
  }

  /** All its text as a reader sees it: in one line, with spaces for whatever parts it. */
  public String text() {
    var text = new StringBuilder();
    append(text);
    return plain(text);
  }

  private void append(StringBuilder text) {
    for (PagePart part : parts) {
      switch (part) {
        case PagePart.Text(String own) -> text.append(own);
        case PageElement child -> {
          boolean isInline = PageTree.INLINE.contains(child.tag());
          text.append(isInline ? "" : " ");
          child.append(text);
          text.append(isInline ? "" : " ");
        }
      }
    }
  }

  /** Its text where that is no longer than so much; else empty, found out without reading all. */
  String shortText(int longest) {
    var text = new StringBuilder();
    return appendUpTo(text, 4 * longest) && plain(text).length() <= longest ? plain(text) : "";
  }

  private boolean appendUpTo(StringBuilder text, int most) {
    for (PagePart part : parts) {
      boolean isRoom =
          switch (part) {
            case PagePart.Text(String own) ->
                text.append(own.isBlank() ? " " : own).length() <= most;
            case PageElement child -> {
              boolean isInline = PageTree.INLINE.contains(child.tag());
              text.append(isInline ? "" : " ");
              yield child.appendUpTo(text, most);
            }
          };
      if (!isRoom) {
        return false;
      }
    }
    return true;
  }

  private static String plain(CharSequence text) {
    return SPACE.matcher(text).replaceAll(" ").strip();
  }

  /** All its text, with the ends of paragraphs and lines that a reader sees. */
  String paragraphs() {
    var text = new StringBuilder();
    appendParagraphs(text);
    return text.toString()
        .replaceAll("[ \\t\\r\\u00a0]*\u0000[ \\t\\r\\u00a0]*", "\u0000")
        .replaceAll("\u0000+", "\u0000")
        .replaceAll("[\\s\\u00a0]+", " ")
        .replace('\u0000', '\n')
        .strip();
  }

  private void appendParagraphs(StringBuilder text) {
    for (PagePart part : parts) {
      switch (part) {
        case PagePart.Text(String own) -> text.append(own);
        case PageElement child -> {
          boolean isInline = PageTree.INLINE.contains(child.tag());
          text.append(isInline ? "" : "\u0000");
          child.appendParagraphs(text);
          text.append(isInline || child.tag().equals("br") ? "" : "\u0000");
        }
      }
    }
  }

  /** The text that stands right in it, without that of elements which are not a part of a line. */
  String line() {
    var text = new StringBuilder();
    for (PagePart part : parts) {
      switch (part) {
        case PagePart.Text(String own) -> text.append(own);
        case PageElement child -> {
          if (PageTree.INLINE.contains(child.tag())) {
            text.append(child.line());
          } else {
            text.append(' ');
          }
        }
      }
    }
    return plain(text);
  }

  /** Itself and all elements in it, in the order of the document. */
  List<PageElement> all() {
    var all = new ArrayList<PageElement>();
    visit(all::add);
    return all;
  }

  /** The same, what is in an element before itself. */
  List<PageElement> inmostFirst() {
    var all = new ArrayList<PageElement>();
    children().forEach(child -> all.addAll(child.inmostFirst()));
    all.add(this);
    return all;
  }

  private void visit(Consumer<PageElement> visitor) {
    visitor.accept(this);
    children().forEach(child -> child.visit(visitor));
  }
}
