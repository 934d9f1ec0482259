package nodyes.server.messages;

import java.util.Set;

/** What looks like a sentence in the code and is no text of the office, each for a reason. */
final class AllowedLiterals {
  static final Set<String> FILES =
      Set.of(
          // names of columns, read by programs too
          "ExportColumns.java",
          "DeliveryRulesCsv.java",
          "ShownCountsCsv.java",
          // markup of a page without a shop
          "SamplePage.java",
          // codes of languages
          "LanguageDetector.java");

  static final Set<String> WORDS =
      Set.of(
          // a scheme of RFC 6750, sheets of a file for programs, and what only a log prints
          "Bearer ",
          "Reviews ",
          "Person ",
          // names of tags, threads and limits, said to nobody
          "bring in",
          "bounded numbers",
          "fetch ends",
          "account mail",
          " from all",
          "votes of a network",
          // what a library says, to be told from other failures
          "row longer than allowed",
          "nothing is fetched",
          // who fetches, to other servers
          "NodYes/1 (brings in reviews for its shop)",
          // a heading of the tables that are written here, by which they are known again
          "left out because",
          // a probe reads it
          "no answer in 10 seconds",
          "nothing there",
          // kept with what was done, in one language for all readers
          "your rule for new reviews",
          "its writer",
          "read only",
          "review desk",
          // what no password may be made of
          "nod yes",
          // the trail, in one language for all readers
          "left out",
          "left out as spam",
          "put back to wait",
          // formats: iCalendar, SQL, a policy
          "-//Nod Yes//Closed days//EN",
          "insert into review_fts(rowid, text) values (?, ?)",
          "default-src 'self'; script-src 'self'; style-src 'self'; img-src 'self' data: blob:",
          // style
          "\\n:host{contain:layout paint!important}");

  private AllowedLiterals() {}
}
