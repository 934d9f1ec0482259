package nodyes.server.assets;

import static nodyes.server.messages.Texts.text;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import javax.xml.stream.XMLStreamWriter;
import nodyes.server.web.ApiProblem;

/**
 * Writes an SVG anew from the shapes and attributes on a list; all else is left out: scripts, event
 * attributes, styles, links, text, pictures, animations. References stay within the file. A
 * document type, and with it any entity, is refused.
 */
final class SvgSanitizer {
  private static final int LARGEST = 300_000;
  private static final int MOST_ELEMENTS = 5_000;
  private static final int DEEPEST = 40;
  private static final String SVG = "http://www.w3.org/2000/svg";

  private static final Set<String> ELEMENTS =
      Set.of(
          "svg",
          "g",
          "path",
          "circle",
          "ellipse",
          "rect",
          "line",
          "polyline",
          "polygon",
          "defs",
          "linearGradient",
          "radialGradient",
          "stop",
          "clipPath",
          "title",
          "desc");

  private static final Set<String> ATTRIBUTES =
      Set.of(
          "viewBox",
          "width",
          "height",
          "preserveAspectRatio",
          "d",
          "cx",
          "cy",
          "r",
          "rx",
          "ry",
          "x",
          "y",
          "x1",
          "y1",
          "x2",
          "y2",
          "fx",
          "fy",
          "points",
          "transform",
          "id",
          "fill",
          "fill-rule",
          "fill-opacity",
          "stroke",
          "stroke-width",
          "stroke-linecap",
          "stroke-linejoin",
          "stroke-miterlimit",
          "stroke-dasharray",
          "stroke-dashoffset",
          "stroke-opacity",
          "opacity",
          "clip-path",
          "clip-rule",
          "color",
          "offset",
          "stop-color",
          "stop-opacity",
          "gradientUnits",
          "gradientTransform",
          "spreadMethod",
          "vector-effect");

  /** Numbers, names, colours and lists of them; an address only to a part of the same file. */
  private static final Pattern HARMLESS =
      Pattern.compile("[-+.,%#()/\\s\\w]{0,200000}", Pattern.UNICODE_CHARACTER_CLASS);

  private static final Pattern ADDRESS = Pattern.compile("url\\s*\\(");
  private static final Pattern OWN_PART = Pattern.compile("\\s*url\\(#[\\w-]{1,60}\\)\\s*");

  private SvgSanitizer() {}

  /** Whether a file begins as markup does, not as a picture of pixels. */
  static boolean isMarkup(byte[] first) {
    String text = new String(first, StandardCharsets.UTF_8).replace("\uFEFF", "").stripLeading();
    return text.startsWith("<");
  }

  /**
   * The picture, cleaned.
   *
   * @throws Refusal saying why it cannot be taken
   */
  static byte[] clean(InputStream content) throws IOException {
    byte[] given = content.readNBytes(LARGEST + 1);
    if (given.length > LARGEST) {
      throw ApiProblem.unusable(text("assets.drawingTooLarge"));
    }
    XMLInputFactory factory = XMLInputFactory.newFactory();
    factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
    factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    factory.setProperty(XMLInputFactory.IS_NAMESPACE_AWARE, true);
    factory.setXMLResolver(
        (_, _, _, _) -> {
          throw new XMLStreamException("nothing is fetched");
        });
    var out = new StringWriter();
    try {
      XMLStreamReader reader = factory.createXMLStreamReader(new ByteArrayInputStream(given));
      XMLStreamWriter writer = XMLOutputFactory.newFactory().createXMLStreamWriter(out);
      boolean drew = copy(reader, writer);
      writer.flush();
      if (!drew) {
        throw ApiProblem.unusable(text("assets.nothingDrawn"));
      }
    } catch (XMLStreamException e) {
      throw ApiProblem.unusable(
          text(
              "assets.notSvg",
              "line",
              Math.max(1, e.getLocation() == null ? 1 : e.getLocation().getLineNumber())));
    }
    return out.toString().getBytes(StandardCharsets.UTF_8);
  }

  /** Copies what is on the lists; whether a shape was among it. */
  private static boolean copy(XMLStreamReader reader, XMLStreamWriter writer)
      throws XMLStreamException {
    boolean drew = false;
    int elements = 0;
    int depth = 0;
    int skipped = 0;
    while (reader.hasNext()) {
      switch (reader.next()) {
        case XMLStreamConstants.DTD, XMLStreamConstants.ENTITY_REFERENCE ->
            throw ApiProblem.unusable(text("assets.documentType"));
        case XMLStreamConstants.START_ELEMENT -> {
          elements++;
          depth++;
          if (elements > MOST_ELEMENTS || depth > DEEPEST) {
            throw ApiProblem.unusable(text("assets.tooManyParts"));
          }
          if (depth == 1 && !isOnList(reader, "svg")) {
            throw ApiProblem.unusable(text("assets.notSvgRoot"));
          }
          if (skipped > 0 || !isOnList(reader, reader.getLocalName())) {
            skipped++;
          } else {
            drew |= !Set.of("svg", "g", "defs", "title", "desc").contains(reader.getLocalName());
            start(reader, writer, depth == 1);
          }
        }
        case XMLStreamConstants.END_ELEMENT -> {
          depth--;
          if (skipped > 0) {
            skipped--;
          } else {
            writer.writeEndElement();
          }
        }
        default -> {
          // words, comments and instructions are left out
        }
      }
    }
    return drew;
  }

  private static boolean isOnList(XMLStreamReader reader, String name) {
    return SVG.equals(reader.getNamespaceURI())
        && reader.getLocalName().equals(name)
        && ELEMENTS.contains(name);
  }

  private static void start(XMLStreamReader reader, XMLStreamWriter writer, boolean isRoot)
      throws XMLStreamException {
    writer.writeStartElement(reader.getLocalName());
    if (isRoot) {
      writer.writeAttribute("xmlns", SVG);
    }
    for (int i = 0; i < reader.getAttributeCount(); i++) {
      String namespace = reader.getAttributeNamespace(i);
      String name = reader.getAttributeLocalName(i);
      String value = reader.getAttributeValue(i);
      if ((namespace == null || namespace.isEmpty())
          && ATTRIBUTES.contains(name)
          && isHarmless(value)) {
        writer.writeAttribute(name, value);
      }
    }
  }

  private static boolean isHarmless(String value) {
    if (!HARMLESS.matcher(value).matches()) {
      return false;
    }
    return !ADDRESS.matcher(value.toLowerCase(Locale.ROOT)).find()
        || OWN_PART.matcher(value).matches();
  }
}
