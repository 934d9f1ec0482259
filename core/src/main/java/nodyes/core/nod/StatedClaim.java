package nodyes.core.nod;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * What a text of the owner's own states as a fact, though nothing computes it: shoppers read it as
 * evidence, and it stays when it is no longer so. Values in braces are computed and do not count.
 *
 * <p>The words are common practice of shops in the languages that we have words in; they are looked
 * for in every language, as shops mix them.
 */
public enum StatedClaim {
  /** How far a price lies under another. */
  PERCENTAGE(
      Optional.of(Label.LabelType.PRICE_DROP),
      "[%٪％]|\\bper ?cent\\b|\\bprozent\\b|\\bpor ?cento\\b|\\bpor ciento\\b|\\bpour ?cent\\b"
          + "|パーセント|[0-9０-９]割|半額|割引|\\bhalf[- ]price\\b|\\bhalber preis\\b|\\bhalben preis\\b"
          + "|\\bmetade do preço\\b|\\bmitad de precio\\b|\\bmoitié prix\\b|بالمئة|بالمائة|نصف السعر"),
  /** How well it sells beside others. */
  RANK(
      Optional.of(Label.LabelType.BESTSELLER),
      "\\bbest[- ]?sell(er|ers|ing)\\b|\\btop[- ]?sell(er|ers|ing)\\b|\\btop[- ]?[0-9]+\\b"
          + "|\\b(no|nr|n|num)[.º°o]{0,2} ?1\\b|# ?1\\b|\\bnumber one\\b|\\bnummer eins\\b"
          + "|\\b(number|nummer|número|numéro) 1\\b|\\bmost (popular|loved|bought|wanted)\\b"
          + "|\\bmeist(verkauft|gekauft)\\p{L}*|\\bverkaufsschlager\\b|\\bbeliebtest\\p{L}*"
          + "|\\bmais (vendid|popular)\\p{L}*|\\bmás (vendid|popular)\\p{L}*"
          + "|\\bplus vendu\\p{L}*|\\bmeilleures? ventes?\\b|\\bplus populaires?\\b"
          + "|ベストセラー|売れ筋|売上.?位|一番人気|人気.?(1|１|一)位|第(1|１|一)位|الأكثر (مبيعا|شعبية)"),
  /** How little is left of it, or of the time for it. */
  SCARCITY(
      Optional.of(Label.LabelType.LOW_STOCK),
      "\\blast (few |remaining )?(pieces?|ones?|items?|units?|chance|stock|pairs?|copies|copy"
          + "|sizes?)\\b|\\bonly (a few|few|\\p{N}+) .{0,20}(left|remain)\\p{L}*"
          + "|\\b(only )?a? ?few (left|remaining)\\b|\\b(almost|nearly) (gone|sold out)\\b"
          + "|\\bselling (out )?fast\\b|\\blimited (stock|quantity|quantities|edition)\\b"
          + "|\\bwhile (stocks?|supplies) lasts?\\b|\\bhurry\\b|\\brunning (low|out)\\b|\\blow stock\\b"
          + "|\\bletzte\\p{L}*\\b|\\bnur noch\\b|\\bwenige\\b.{0,20}\\b(übrig|stücke?|vorrätig|da)\\b"
          + "|\\bfast (ausverkauft|weg|vergriffen)\\b|\\bsolange (der )?vorrat\\b|\\brestposten\\b"
          + "|\\b[uú]ltim[oa]s?\\b|\\bpoucas? (peças|unidades)\\b|\\bpoucos\\b|\\brestam\\b|\\bquase esgotad\\p{L}*"
          + "|\\b(enquanto|até) .{0,20}(stock|estoque)\\b|\\bquedan? (pocas?|pocos?|\\p{N}+)\\b"
          + "|\\bpocas unidades\\b|\\bcasi agotad\\p{L}*|\\bhasta agotar\\b|\\bhasta fin de existencias\\b"
          + "|\\bderni(er|ère)s?\\b|\\bplus que\\b|\\bbientôt épuisé\\p{L}*|\\bstock limité\\b"
          + "|\\bdans la limite des stocks\\b|\\bvite épuisé\\p{L}*|残り|ラスト|数量限定|売り切れ間近|品薄|آخر (القطع|قطعة)|كمية محدودة"),
  /** A number of anything. */
  NUMBER(Optional.empty(), "\\p{Nd}");

  private static final int FLAGS =
      Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE | Pattern.UNICODE_CHARACTER_CLASS;
  private static final Pattern VALUE = Pattern.compile("\\{[^{}]*\\}");

  private final Optional<Label.LabelType> computedBy;
  private final Pattern pattern;

  StatedClaim(Optional<Label.LabelType> computedBy, String pattern) {
    this.computedBy = computedBy;
    this.pattern = Pattern.compile(pattern, FLAGS);
  }

  /** What a label says that computes it; empty where none does. */
  public Optional<Label.LabelType> computedBy() {
    return computedBy;
  }

  /** What a text states; the first of those it states, as they stand above. */
  public static Optional<StatedClaim> in(String text) {
    String own = VALUE.matcher(text).replaceAll(" ");
    for (StatedClaim claim : values()) {
      if (claim.pattern.matcher(own).find()) {
        return Optional.of(claim);
      }
    }
    return Optional.empty();
  }

  /**
   * A text that states something.
   *
   * @param language in which it is written, BCP 47
   * @param text as the owner wrote it
   * @param claim what it states
   */
  public record Stated(String language, String text, StatedClaim claim) {}

  /** What a label's own words state, language by language; nothing of one that computes. */
  public static List<Stated> of(Label label) {
    if (label.claim() != Label.LabelType.OWN_WORDS) {
      return List.of();
    }
    var stated = new ArrayList<Stated>();
    label
        .dress()
        .wording()
        .byLanguage()
        .forEach(
            (language, words) -> {
              for (Map.Entry<String, String> word : words.entrySet()) {
                in(word.getValue())
                    .ifPresent(claim -> stated.add(new Stated(language, word.getValue(), claim)));
              }
            });
    return List.copyOf(stated);
  }
}
