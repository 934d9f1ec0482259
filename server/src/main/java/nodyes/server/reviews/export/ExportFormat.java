package nodyes.server.reviews.export;

/** In what reviews go out. */
public enum ExportFormat {
  /** RFC 4180, safe to open as a spreadsheet. */
  CSV("csv", "text/csv; charset=utf-8"),
  /** ISO/IEC 29500. */
  XLSX("xlsx", "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet"),
  /** A schema.org Review to a line. */
  JSONL("jsonl", "application/x-ndjson"),
  /** One document of schema.org Reviews. */
  JSONLD("jsonld", "application/ld+json");

  private final String ending;
  private final String type;

  ExportFormat(String ending, String type) {
    this.ending = ending;
    this.type = type;
  }

  /** How names of its files end. */
  public String ending() {
    return ending;
  }

  /** Its media type. */
  public String type() {
    return type;
  }
}
