package nodyes.server.tabular;

import java.io.IOException;
import java.io.InputStream;
import java.util.regex.Pattern;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import nodyes.core.common.Decimals;
import nodyes.server.messages.Texts;
import nodyes.server.web.ApiProblem;

/**
 * Goes through a sheet (ISO/IEC 29500-1, 18.3) before its cells are believed: their places, the
 * numbers of their texts and the sizes of their values. A reader makes room for what they claim.
 */
final class CellCheck {
  /** Columns A to XFD and rows 1 to 1,048,576 (ISO/IEC 29500-1, 18.3.1.73; common practice). */
  private static final Pattern PLACE = Pattern.compile("[A-Z]{1,3}[1-9][0-9]{0,6}");

  private static final int LETTERS = 26;
  private static final int LARGEST_ROW = 1_048_576;
  private static final int LONGEST_TEXT = 100_000;
  private static final int LONGEST_NUMBER = 64;
  private static final int MOST_TEXTS = 20_000_000;

  private CellCheck() {}

  /** Refuses a sheet with a cell that cannot be. */
  static void check(InputStream sheet) throws IOException {
    XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
    factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
    factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    try {
      XMLStreamReader xml = factory.createXMLStreamReader(sheet);
      while (xml.hasNext()) {
        if (xml.next() == XMLStreamConstants.START_ELEMENT && xml.getLocalName().equals("c")) {
          cell(xml);
        }
      }
    } catch (XMLStreamException e) {
      throw XlsxReader.damaged();
    }
  }

  private static void cell(XMLStreamReader xml) throws XMLStreamException {
    String place = xml.getAttributeValue(null, "r");
    if (place != null) {
      checkPlace(place);
    }
    String type = xml.getAttributeValue(null, "t");
    String name = place == null ? "none" : place;
    while (xml.hasNext()) {
      int event = xml.next();
      if (event == XMLStreamConstants.END_ELEMENT && xml.getLocalName().equals("c")) {
        return;
      }
      if (event == XMLStreamConstants.START_ELEMENT && xml.getLocalName().equals("v")) {
        checkValue(name, type == null ? "n" : type, text(xml, name));
      }
    }
  }

  private static void checkPlace(String place) {
    int column = 0;
    int letters = 0;
    while (letters < place.length() && Character.isUpperCase(place.charAt(letters))) {
      column = column * LETTERS + place.charAt(letters) - 'A' + 1;
      letters++;
    }
    if (!PLACE.matcher(place).matches()
        || Integer.parseInt(place.substring(letters)) > LARGEST_ROW) {
      throw wrong("NOWHERE", cut(place), "");
    }
    if (column > RowWriter.MOST_COLUMNS) {
      throw RowWriter.tooManyColumns();
    }
  }

  private static void checkValue(String name, String type, String value) {
    switch (type) {
      case "s" -> {
        if (!value.matches("\\d{1,9}") || Integer.parseInt(value) > MOST_TEXTS) {
          throw wrong("NO_TEXT", name, cut(value));
        }
      }
      case "n" -> {
        if (!value.isBlank() && !isNumber(value.strip())) {
          throw wrong("NUMBER", name, cut(value));
        }
      }
      default -> {
        // texts, truths, errors and dates are bounded by their length
      }
    }
  }

  private static boolean isNumber(String value) {
    if (value.length() > LONGEST_NUMBER) {
      return false;
    }
    try {
      Decimals.of(value);
      return true;
    } catch (NumberFormatException e) {
      return false;
    }
  }

  private static String text(XMLStreamReader xml, String name) throws XMLStreamException {
    var text = new StringBuilder();
    while (xml.hasNext()) {
      int event = xml.next();
      if (event == XMLStreamConstants.END_ELEMENT) {
        return text.toString();
      }
      if (event == XMLStreamConstants.CHARACTERS) {
        if (text.length() + xml.getTextLength() > LONGEST_TEXT) {
          throw wrong("TOO_LONG", name, "");
        }
        text.append(xml.getTextCharacters(), xml.getTextStart(), xml.getTextLength());
      }
    }
    return text.toString();
  }

  private static String cut(String text) {
    return text.length() > 20 ? text.substring(0, 20) + "…" : text;
  }

  private static ApiProblem wrong(String problem, String cell, String value) {
    return ApiProblem.unusable(
        Texts.text("imports.cellBroken", "problem", problem, "cell", cell, "value", value));
  }
}
