package nodyes.core.review;

import java.util.regex.Pattern;

/**
 * Words that attack people for what they are, or wish them harm. The list is short and
 * unmistakable: a review that holds one waits for the owner, who decides. It is common practice,
 * not a source.
 */
public final class HatefulWords {
  private static final Pattern WORDS =
      Pattern.compile(
          "\\b(nigg(er|a)s?|faggots?|trann(y|ies)|kikes?|spics?|subhumans?|white power|heil hitler"
              + "|gas the \\p{L}+|kill yourself|(go|get) back to your (own )?country"
              + "|deserves? to (die|be shot)"
              + "|untermensch\\p{L}*|kanake[n]?|judensau|schwuchtel[n]?|zigeunerpack"
              + "|ausländer raus|vergasen"
              + "|sudaca[s]?|maric(ón|ones|as)|moro[s]? de mierda|negr[oa]s? de mierda"
              + "|pret[oa]s? de merda|viad(o|os|inho)|monhé[s]?|volt(a|em) para a (tua|sua) terra"
              + "|sale[s]? (arabe|juif|noir|race)[s]?|bougnoule[s]?|youpin[s]?|pédé[s]?|sale pd"
              + "|rentre[sz]? (dans|chez) (ton|votre|toi|vous) ?(pays)?)\\b",
          Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE | Pattern.UNICODE_CHARACTER_CLASS);

  private HatefulWords() {}

  /** Whether a text holds one. */
  public static boolean in(String text) {
    return WORDS.matcher(text).find();
  }
}
