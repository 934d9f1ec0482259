package nodyes.core.nod;

import static org.testng.Assert.assertEquals;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.NodId;
import nodyes.core.targeting.Condition;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Input: labels of the owner's own words that say '50% off', 'last pieces', 'Bestseller', on every
 * product. Nothing computed them, and nothing said so.
 */
public class StatedClaimTest {
  @DataProvider
  Object[][] texts() {
    return new Object[][] {
      {"50% off", StatedClaim.PERCENTAGE},
      {"Jetzt 20 Prozent sparen", StatedClaim.PERCENTAGE},
      {"Metade do preço", StatedClaim.PERCENTAGE},
      {"20 % de réduction", StatedClaim.PERCENTAGE},
      {"３割引", StatedClaim.PERCENTAGE},
      {"٢٠٪ خصم", StatedClaim.PERCENTAGE},
      {"Bestseller", StatedClaim.RANK},
      {"our best-selling pot", StatedClaim.RANK},
      {"No. 1 in pots", StatedClaim.RANK},
      {"Meistverkauft", StatedClaim.RANK},
      {"O mais vendido", StatedClaim.RANK},
      {"Le plus vendu", StatedClaim.RANK},
      {"Más vendidos", StatedClaim.RANK},
      {"ベストセラー", StatedClaim.RANK},
      {"last pieces", StatedClaim.SCARCITY},
      {"Only 3 left", StatedClaim.SCARCITY},
      {"Nur noch wenige Stücke", StatedClaim.SCARCITY},
      {"Últimas unidades", StatedClaim.SCARCITY},
      {"Dernières pièces", StatedClaim.SCARCITY},
      {"残りわずか", StatedClaim.SCARCITY},
      {"While stocks last", StatedClaim.SCARCITY},
      {"Loved by 900 gardeners", StatedClaim.NUMBER},
      {"Handmade in Porto", null},
      {"Frostfest", null},
      {"Feito à mão", null},
      {"Blast of colour", null},
      {"{percentOff} off", null},
      {"{stock} pieces", null},
    };
  }

  @Test(dataProvider = "texts")
  public void aTextStatesWhatNothingComputes(String text, StatedClaim claim) {
    assertEquals(StatedClaim.in(text), Optional.ofNullable(claim));
  }

  private static Label label(Label.LabelType claim, Map<String, Map<String, String>> words) {
    return new Label(
            new NodId("own"),
            claim,
            new Placement(
                new Spot("on-picture"), EnumSet.of(PageKind.PRODUCT), Condition.everyone(), true))
        .dressed(new Appearance(new TextOverrides(words), Style.DEFAULT));
  }

  @Test
  public void eachLanguageIsLookedAtByItself() {
    var words =
        Map.of(
            "en", Map.of("own", "Frost-proof"),
            "de", Map.of("own", "Nur noch wenige Stücke"),
            "pt", Map.of("own", "50% de desconto"));
    assertEquals(
        StatedClaim.of(label(Label.LabelType.OWN_WORDS, words)),
        List.of(
            new StatedClaim.Stated("de", "Nur noch wenige Stücke", StatedClaim.SCARCITY),
            new StatedClaim.Stated("pt", "50% de desconto", StatedClaim.PERCENTAGE)));
    assertEquals(
        StatedClaim.of(label(Label.LabelType.PRICE_DROP, Map.of("en", Map.of("off", "50% off")))),
        List.of(),
        "what computes it may word it");
  }
}
