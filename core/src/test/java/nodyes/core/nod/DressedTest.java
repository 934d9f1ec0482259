package nodyes.core.nod;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.Colour;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class DressedTest {
  private static final BrandKit KIT =
      new BrandKit(
          Map.of(LookValue.INK, "#222222", LookValue.GROUND, "#ffffff", LookValue.STAR, "#8a5a00"),
          List.of(new ColourPair("Clay", "#f7e6da", "#5a2d10")));

  private static final String HASH = "0123456789abcdef0123456789abcdef01234567";

  private static Look look(Map<LookValue, String> values, Map<LookValue, String> narrow) {
    return new Look(Optional.empty(), values, narrow, "");
  }

  @Test
  public void theNodGoesBeforeTheKitAndTheKitBeforeThePage() {
    Dressed dressed = Dressed.of(KIT, look(Map.of(LookValue.STAR, "#112233"), Map.of()));
    assertEquals(dressed.wide().get(LookValue.STAR), "#112233");
    assertEquals(dressed.wide().get(LookValue.INK), "#222222");
    assertEquals(dressed.wide().get(LookValue.SIZE), null);
    assertEquals(dressed.css(), ":host{--nod-ink:#222222;--nod-star:#112233;}");
  }

  @Test
  public void aPairIsGroundAndWordsUntilOneOfThemIsSet() {
    Dressed pair = Dressed.of(KIT, look(Map.of(LookValue.PAIR, "Clay"), Map.of()));
    assertEquals(pair.wide().get(LookValue.GROUND), "#f7e6da");
    assertEquals(pair.wide().get(LookValue.INK), "#5a2d10");
    assertTrue(pair.css().contains("--nod-fill:#f7e6da"), pair.css());
    Dressed own =
        Dressed.of(KIT, look(Map.of(LookValue.PAIR, "Clay", LookValue.INK, "#000000"), Map.of()));
    assertEquals(own.wide().get(LookValue.INK), "#000000");
  }

  @Test
  public void anOwnFontIsAFamilyNamedAfterItsFile() {
    String font = "own:" + HASH + ".woff2";
    String picture = "own:" + HASH + ".png";
    Dressed dressed =
        Dressed.of(
            BrandKit.NONE,
            look(Map.of(LookValue.FONT, font), Map.of(LookValue.STAR_SHAPE, picture)));
    assertEquals(dressed.css(), ":host{--nod-font:'nod-0123456789ab', sans-serif;}");
    assertEquals(dressed.attribute(LookValue.FONT).orElseThrow(), font);
    assertEquals(OwnFile.parse(picture).map(OwnFile::written).orElseThrow(), picture);
  }

  @Test
  public void narrowScreensGetWhatDiffers() {
    Dressed dressed =
        Dressed.of(BrandKit.NONE, look(Map.of(LookValue.SIZE, "18"), Map.of(LookValue.SIZE, "15")));
    assertEquals(
        dressed.css(),
        ":host{--nod-size:18px;}@media (max-width: 640px) {:host{--nod-size:15px;}}");
  }

  @Test
  public void theGroundOfThePageIsNotPaintedAgain() {
    assertFalse(Dressed.of(KIT, Look.DEFAULT).css().contains("fill"));
    assertEquals(Dressed.of(KIT, Look.DEFAULT).contrast().orElseThrow(), 15.91, 0.01);
  }

  @Test
  public void tooPaleWordsHaveANearestColour() {
    Dressed pale = Dressed.of(KIT, look(Map.of(LookValue.INK, "#bbbbbb"), Map.of()));
    Colour nearest = pale.readableInk().orElseThrow();
    assertTrue(nearest.contrast(new Colour(255, 255, 255)) >= Colour.WORDS);
    assertEquals(Dressed.of(KIT, Look.DEFAULT).readableInk(), Optional.empty());
  }

  @DataProvider
  Object[][] texts() {
    return new Object[][] {
      {LookValue.SIZE, "16", true},
      {LookValue.SIZE, "9", false},
      {LookValue.SIZE, "16.5", false},
      {LookValue.SIZE, "1e1", false},
      {LookValue.LINE_HEIGHT, "1.5", true},
      {LookValue.LINE_HEIGHT, "NaN", false},
      {LookValue.INK, "#123", true},
      {LookValue.INK, "red;}", false},
      {LookValue.SHADOW, "soft", true},
      {LookValue.SHADOW, "huge", false},
      {LookValue.PAIR, "Clay on oat", true},
      {LookValue.PAIR, "a;b", false},
      {LookValue.FONT, "Instrument Sans", true},
      {LookValue.ICON, "leaf", true},
      {LookValue.ICON, "🌱", true},
      {LookValue.ICON, "👩🏽‍🌾", true},
      {LookValue.ICON, "5", false},
      {LookValue.ICON, "🌱<b>", false},
      {LookValue.ICON, "", false},
      {LookValue.ICON, "zeppelin", false},
      {LookValue.ICON, "own:" + HASH + ".png", true},
      {LookValue.ICON, "own:" + HASH + ".woff2", false},
      {LookValue.STAR_SHAPE, "own:" + HASH + ".png", true},
      {LookValue.STAR_SHAPE, "own:../" + HASH + ".png", false},
      {LookValue.CLASS, "proof_1", true},
      {LookValue.CLASS, "two names", false},
      {LookValue.CLASS, "1st", false},
      {LookValue.ARROW, "shaft", true},
      {LookValue.ARROW, "none", false},
      {LookValue.FONT, "own:" + HASH + ".woff2", true},
      {LookValue.FONT, "own:" + HASH + ".var.woff2", true},
      {LookValue.FONT, "own:" + HASH.toUpperCase(java.util.Locale.ROOT) + ".woff2", false},
      {LookValue.FONT, "x'; src: url(", false},
    };
  }

  @Test(dataProvider = "texts")
  public void aValueIsOfItsForm(LookValue value, String text, boolean fits) {
    assertEquals(value.form().problem(text).isEmpty(), fits);
  }
}
