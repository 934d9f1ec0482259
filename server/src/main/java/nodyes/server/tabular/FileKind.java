package nodyes.server.tabular;

import static nodyes.server.messages.Texts.text;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import nodyes.server.web.ApiProblem;

/** What a brought file is, by its bytes; its name says nothing. */
public enum FileKind {
  /** Rows of text: commas, semicolons or tabs. */
  CSV,
  /** A workbook (ISO/IEC 29500, .xlsx). */
  XLSX,
  /** JSON (RFC 8259), also one value to a line. */
  JSON,
  /** A web page. */
  HTML;

  private static final int HEAD = 4096;

  /** The kind of a file; refuses what is none of these. */
  public static FileKind of(Path file) throws IOException {
    byte[] head;
    try (InputStream in = Files.newInputStream(file)) {
      head = in.readNBytes(HEAD);
    }
    if (head.length == 0) {
      throw ApiProblem.unusable(text("problems.fileEmpty"));
    }
    if (EncodingDetector.startsWith(head, 'P', 'K', 3, 4)) {
      return XLSX;
    }
    if (EncodingDetector.startsWith(head, 0xD0, 0xCF, 0x11, 0xE0)) {
      throw ApiProblem.unusable(text("imports.xls"));
    }
    String start = new String(head, StandardCharsets.UTF_8).replace("\uFEFF", "").strip();
    if (start.startsWith("%PDF")) {
      throw ApiProblem.unusable(text("imports.pdf"));
    }
    if (start.startsWith("{") || start.startsWith("[")) {
      return JSON;
    }
    return start.startsWith("<") ? HTML : CSV;
  }
}
