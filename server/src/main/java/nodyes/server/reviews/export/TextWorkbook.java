package nodyes.server.reviews.export;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import org.jspecify.annotations.Nullable;

/**
 * A workbook (ECMA-376 part 1, SpreadsheetML) whose cells are all text, written as its rows come;
 * no cell of it can be taken for a formula. The sheets come first in the archive, since only its
 * end knows how many there are.
 */
final class TextWorkbook implements AutoCloseable {
  /** As many UTF-16 units as a cell may hold (common practice). */
  private static final int LONGEST_CELL = 32_767;

  private static final int LETTERS = 26;
  private static final String MAIN = "http://schemas.openxmlformats.org/spreadsheetml/2006/main";
  private static final String RELATIONSHIPS =
      "http://schemas.openxmlformats.org/officeDocument/2006/relationships";
  private static final String PACKAGE_RELATIONSHIPS =
      "http://schemas.openxmlformats.org/package/2006/relationships";
  private static final String CONTENT_TYPES =
      "http://schemas.openxmlformats.org/package/2006/content-types";
  private static final XMLOutputFactory XML = XMLOutputFactory.newDefaultFactory();

  private final ZipOutputStream zip;
  private final List<String> sheets = new ArrayList<>();
  private @Nullable XMLStreamWriter sheet;
  private int row;

  TextWorkbook(OutputStream out) {
    zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
  }

  /** Ends the sheet that is written, if there is one, and begins another. */
  void begin(String name) throws IOException {
    endSheet();
    sheets.add(name);
    row = 0;
    sheet = part("xl/worksheets/sheet" + sheets.size() + ".xml");
    write(
        sheet,
        xml -> {
          xml.writeStartElement("worksheet");
          xml.writeDefaultNamespace(MAIN);
          xml.writeStartElement("sheetData");
        });
  }

  /** Writes the next row of the sheet; cells without text are left out. */
  void row(List<@Nullable String> cells) throws IOException {
    row++;
    write(
        sheet,
        xml -> {
          xml.writeStartElement("row");
          xml.writeAttribute("r", String.valueOf(row));
          for (int column = 0; column < cells.size(); column++) {
            String text = cells.get(column);
            if (text != null && !text.isEmpty()) {
              cell(xml, letters(column) + row, text);
            }
          }
          xml.writeEndElement();
        });
  }

  private static void cell(XMLStreamWriter xml, String reference, String text)
      throws XMLStreamException {
    xml.writeStartElement("c");
    xml.writeAttribute("r", reference);
    xml.writeAttribute("t", "inlineStr");
    xml.writeStartElement("is");
    xml.writeStartElement("t");
    xml.writeAttribute("xml:space", "preserve");
    xml.writeCharacters(allowed(text));
    xml.writeEndElement();
    xml.writeEndElement();
    xml.writeEndElement();
  }

  /** What XML 1.0 allows of it (section 2.2); a line ends with one sign. */
  private static String allowed(String text) {
    String bounded = text.length() > LONGEST_CELL ? text.substring(0, LONGEST_CELL) : text;
    var allowed = new StringBuilder(bounded.length());
    bounded
        .replace("\r\n", "\n")
        .replace('\r', '\n')
        .codePoints()
        .filter(TextWorkbook::isAllowed)
        .forEach(allowed::appendCodePoint);
    return allowed.toString();
  }

  private static boolean isAllowed(int point) {
    return point == '\t'
        || point == '\n'
        || (point >= ' ' && point < Character.MIN_SURROGATE)
        || (point > Character.MAX_SURROGATE && point != 0xFFFE && point != 0xFFFF);
  }

  private static String letters(int column) {
    return column < LETTERS
        ? String.valueOf((char) ('A' + column))
        : letters(column / LETTERS - 1) + letters(column % LETTERS);
  }

  @Override
  public void close() throws IOException {
    endSheet();
    one(
        "xl/workbook.xml",
        xml -> {
          xml.writeStartElement("workbook");
          xml.writeDefaultNamespace(MAIN);
          xml.writeNamespace("r", RELATIONSHIPS);
          xml.writeStartElement("sheets");
          for (int i = 0; i < sheets.size(); i++) {
            xml.writeEmptyElement("sheet");
            xml.writeAttribute("name", sheets.get(i));
            xml.writeAttribute("sheetId", String.valueOf(i + 1));
            xml.writeAttribute("r:id", "rId" + (i + 1));
          }
          xml.writeEndElement();
        });
    one(
        "xl/_rels/workbook.xml.rels",
        xml -> {
          xml.writeStartElement("Relationships");
          xml.writeDefaultNamespace(PACKAGE_RELATIONSHIPS);
          for (int i = 1; i <= sheets.size(); i++) {
            relationship(xml, i, "worksheet", "worksheets/sheet" + i + ".xml");
          }
        });
    one(
        "_rels/.rels",
        xml -> {
          xml.writeStartElement("Relationships");
          xml.writeDefaultNamespace(PACKAGE_RELATIONSHIPS);
          relationship(xml, 1, "officeDocument", "xl/workbook.xml");
        });
    one("[Content_Types].xml", this::contentTypes);
    zip.close();
  }

  private void contentTypes(XMLStreamWriter xml) throws XMLStreamException {
    xml.writeStartElement("Types");
    xml.writeDefaultNamespace(CONTENT_TYPES);
    xml.writeEmptyElement("Default");
    xml.writeAttribute("Extension", "rels");
    xml.writeAttribute("ContentType", "application/vnd.openxmlformats-package.relationships+xml");
    override(xml, "/xl/workbook.xml", "sheet.main");
    for (int i = 1; i <= sheets.size(); i++) {
      override(xml, "/xl/worksheets/sheet" + i + ".xml", "worksheet");
    }
  }

  private static void override(XMLStreamWriter xml, String part, String type)
      throws XMLStreamException {
    xml.writeEmptyElement("Override");
    xml.writeAttribute("PartName", part);
    xml.writeAttribute(
        "ContentType",
        "application/vnd.openxmlformats-officedocument.spreadsheetml." + type + "+xml");
  }

  private static void relationship(XMLStreamWriter xml, int id, String type, String target)
      throws XMLStreamException {
    xml.writeEmptyElement("Relationship");
    xml.writeAttribute("Id", "rId" + id);
    xml.writeAttribute("Type", RELATIONSHIPS + "/" + type);
    xml.writeAttribute("Target", target);
  }

  private void endSheet() throws IOException {
    if (sheet != null) {
      end(sheet);
      sheet = null;
    }
  }

  private void one(String name, Written content) throws IOException {
    XMLStreamWriter xml = part(name);
    write(xml, content);
    end(xml);
  }

  private XMLStreamWriter part(String name) throws IOException {
    zip.putNextEntry(new ZipEntry(name));
    try {
      XMLStreamWriter xml = XML.createXMLStreamWriter(zip, StandardCharsets.UTF_8.name());
      xml.writeStartDocument(StandardCharsets.UTF_8.name(), "1.0");
      return xml;
    } catch (XMLStreamException e) {
      throw new IOException(e);
    }
  }

  private void end(XMLStreamWriter xml) throws IOException {
    write(xml, XMLStreamWriter::writeEndDocument);
    write(xml, XMLStreamWriter::close);
    zip.closeEntry();
  }

  private static void write(@Nullable XMLStreamWriter xml, Written content) throws IOException {
    if (xml == null) {
      throw new IllegalStateException("no sheet was begun");
    }
    try {
      content.to(xml);
    } catch (XMLStreamException e) {
      throw new IOException(e);
    }
  }

  @FunctionalInterface
  private interface Written {
    void to(XMLStreamWriter xml) throws XMLStreamException;
  }
}
