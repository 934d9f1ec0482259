package nodyes.core.review;

import java.text.BreakIterator;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import nodyes.core.rating.Rating;

/**
 * The beginning of a review's words, cut between two words, and never so that blame turns into
 * praise: a review of under four stars is not cut; one whose language we cannot read for a turn of
 * thought is not cut; and in the others nothing is left out that holds such a turn ('but',
 * 'however', 'unfortunately'): the cut comes behind the last sentence with one.
 *
 * @param text what shows at first
 * @param isCut whether there is more
 */
public record Excerpt(String text, boolean isCut) {
  private static final int PRAISE = 4;

  /** Words of contrast and regret by language; common practice in reading reviews. */
  private static final Map<String, Set<String>> TURNS =
      Map.of(
          "en",
          Set.of(
              "but",
              "however",
              "although",
              "though",
              "except",
              "unfortunately",
              "sadly",
              "only",
              "yet",
              "despite",
              "otherwise",
              "not",
              "never",
              "no",
              "sorry",
              "shame",
              "pity",
              "broke",
              "broken",
              "cracked",
              "returned",
              "refund",
              "disappointed",
              "disappointing",
              "wish",
              "until"),
          "pt",
          Set.of(
              "mas",
              "porém",
              "contudo",
              "todavia",
              "embora",
              "infelizmente",
              "apenas",
              "só",
              "não",
              "nunca",
              "pena",
              "exceto",
              "partiu",
              "partido",
              "devolvi",
              "desilusão",
              "apesar"),
          "de",
          Set.of(
              "aber",
              "jedoch",
              "allerdings",
              "obwohl",
              "leider",
              "nur",
              "trotzdem",
              "nicht",
              "nie",
              "kein",
              "keine",
              "schade",
              "kaputt",
              "zerbrochen",
              "enttäuscht",
              "außer",
              "dennoch",
              "trotz"),
          "es",
          Set.of(
              "pero",
              "aunque",
              "sin",
              "embargo",
              "lástima",
              "solo",
              "sólo",
              "no",
              "nunca",
              "desgraciadamente",
              "salvo",
              "excepto",
              "roto",
              "rompió",
              "devolví",
              "pena"),
          "fr",
          Set.of(
              "mais",
              "cependant",
              "toutefois",
              "pourtant",
              "malheureusement",
              "dommage",
              "seulement",
              "pas",
              "jamais",
              "sauf",
              "hormis",
              "cassé",
              "déçu",
              "déçue",
              "malgré",
              "bémol"));

  /** The same where words are not parted by spaces. */
  private static final Map<String, Pattern> UNPARTED =
      Map.of(
          "ja",
          Pattern.compile("が、|けど|けれど|しかし|ただ|残念|ない|ません|なかった|のに|壊れ|割れ|返品"),
          "ar",
          Pattern.compile("لكن|ولكن|إلا|رغم|للأسف|لا |لم |ليس|مكسور|فقط|غير"));

  /**
   * The beginning of a text.
   *
   * @param language BCP 47 tag of the text, if known
   * @param rating of the review
   * @param longest in characters; 0 or less for all
   */
  public static Excerpt of(String text, Optional<String> language, Rating rating, int longest) {
    Excerpt whole = new Excerpt(text, false);
    String spoken = language.map(tag -> Locale.forLanguageTag(tag).getLanguage()).orElse("");
    if (longest <= 0
        || text.codePointCount(0, text.length()) <= longest
        || rating.compareTo(Rating.ofStars(PRAISE)) < 0
        || !(TURNS.containsKey(spoken) || UNPARTED.containsKey(spoken))) {
      return whole;
    }
    Locale locale = Locale.of(spoken);
    int cut = wordEnd(text, text.offsetByCodePoints(0, longest), locale);
    int turn = lastTurn(text, spoken, locale);
    if (turn >= cut) {
      cut = sentenceEnd(text, turn, locale);
    }
    String shown = text.substring(0, cut).strip();
    return shown.isEmpty() || shown.length() == text.strip().length()
        ? whole
        : new Excerpt(shown, true);
  }

  /** The end of the last word that ends at or before a place; 0 where the first is longer. */
  private static int wordEnd(String text, int at, Locale locale) {
    BreakIterator words = BreakIterator.getWordInstance(locale);
    words.setText(text);
    int end = words.isBoundary(at) ? at : words.preceding(at);
    return Math.max(0, end);
  }

  private static int sentenceEnd(String text, int at, Locale locale) {
    BreakIterator sentences = BreakIterator.getSentenceInstance(locale);
    sentences.setText(text);
    int end = sentences.following(at);
    return end == BreakIterator.DONE ? text.length() : end;
  }

  /** Where the last turn of thought begins; -1 where there is none. */
  private static int lastTurn(String text, String spoken, Locale locale) {
    int last = -1;
    Pattern unparted = UNPARTED.get(spoken);
    if (unparted != null) {
      var found = unparted.matcher(text);
      while (found.find()) {
        last = found.start();
      }
      return last;
    }
    Set<String> turns = TURNS.getOrDefault(spoken, Set.of());
    BreakIterator words = BreakIterator.getWordInstance(locale);
    words.setText(text);
    int from = words.first();
    for (int to = words.next(); to != BreakIterator.DONE; from = to, to = words.next()) {
      String word = text.substring(from, to).toLowerCase(locale);
      if (turns.contains(word) || word.endsWith("n't") || word.endsWith("n’t")) {
        last = from;
      }
    }
    return last;
  }
}
