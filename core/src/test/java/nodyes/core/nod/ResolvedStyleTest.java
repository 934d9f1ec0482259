package nodyes.core.nod;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.RgbColor;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class ResolvedStyleTest {
  private static final BrandKit KIT =
      new BrandKit(
          Map.of(
              StyleProperty.INK,
              "#222222",
              StyleProperty.GROUND,
              "#ffffff",
              StyleProperty.STAR,
              "#8a5a00"),
          List.of(new ColorPair("Clay", "#f7e6da", "#5a2d10")));

  private static final String HASH = "0123456789abcdef0123456789abcdef01234567";

  private static Style look(Map<StyleProperty, String> values, Map<StyleProperty, String> narrow) {
    return new Style(Optional.empty(), values, narrow, "");
  }

  @Test
  public void theNodGoesBeforeTheKitAndTheKitBeforeThePage() {
    ResolvedStyle dressed =
        ResolvedStyle.of(KIT, look(Map.of(StyleProperty.STAR, "#112233"), Map.of()));
    assertEquals(dressed.wide().get(StyleProperty.STAR), "#112233");
    assertEquals(dressed.wide().get(StyleProperty.INK), "#222222");
    assertEquals(dressed.wide().get(StyleProperty.SIZE), null);
    assertEquals(dressed.css(), ":host{--nod-ink:#222222;--nod-star:#112233;}");
  }

  @Test
  public void aPairIsGroundAndWordsUntilOneOfThemIsSet() {
    ResolvedStyle pair = ResolvedStyle.of(KIT, look(Map.of(StyleProperty.PAIR, "Clay"), Map.of()));
    assertEquals(pair.wide().get(StyleProperty.GROUND), "#f7e6da");
    assertEquals(pair.wide().get(StyleProperty.INK), "#5a2d10");
    assertTrue(pair.css().contains("--nod-fill:#f7e6da"), pair.css());
    ResolvedStyle own =
        ResolvedStyle.of(
            KIT, look(Map.of(StyleProperty.PAIR, "Clay", StyleProperty.INK, "#000000"), Map.of()));
    assertEquals(own.wide().get(StyleProperty.INK), "#000000");
  }

  @Test
  public void anOwnFontIsAFamilyNamedAfterItsFile() {
    String font = "own:" + HASH + ".woff2";
    String picture = "own:" + HASH + ".png";
    ResolvedStyle dressed =
        ResolvedStyle.of(
            BrandKit.NONE,
            look(Map.of(StyleProperty.FONT, font), Map.of(StyleProperty.STAR_SHAPE, picture)));
    assertEquals(dressed.css(), ":host{--nod-font:'nod-0123456789ab', sans-serif;}");
    assertEquals(dressed.attribute(StyleProperty.FONT).orElseThrow(), font);
    assertEquals(AssetRef.parse(picture).map(AssetRef::written).orElseThrow(), picture);
  }

  @Test
  public void narrowScreensGetWhatDiffers() {
    ResolvedStyle dressed =
        ResolvedStyle.of(
            BrandKit.NONE,
            look(Map.of(StyleProperty.SIZE, "18"), Map.of(StyleProperty.SIZE, "15")));
    assertEquals(
        dressed.css(),
        ":host{--nod-size:18px;}@media (max-width: 640px) {:host{--nod-size:15px;}}");
  }

  @Test
  public void theGroundOfThePageIsNotPaintedAgain() {
    assertFalse(ResolvedStyle.of(KIT, Style.DEFAULT).css().contains("fill"));
    assertEquals(ResolvedStyle.of(KIT, Style.DEFAULT).contrast().orElseThrow(), 15.91, 0.01);
  }

  @Test
  public void tooPaleWordsHaveANearestColour() {
    ResolvedStyle pale =
        ResolvedStyle.of(KIT, look(Map.of(StyleProperty.INK, "#bbbbbb"), Map.of()));
    RgbColor nearest = pale.readableInk().orElseThrow();
    assertTrue(nearest.contrast(new RgbColor(255, 255, 255)) >= RgbColor.WORDS);
    assertEquals(ResolvedStyle.of(KIT, Style.DEFAULT).readableInk(), Optional.empty());
  }

  @DataProvider
  Object[][] texts() {
    return new Object[][] {
      {StyleProperty.SIZE, "16", true},
      {StyleProperty.SIZE, "9", false},
      {StyleProperty.SIZE, "16.5", false},
      {StyleProperty.SIZE, "1e1", false},
      {StyleProperty.LINE_HEIGHT, "1.5", true},
      {StyleProperty.LINE_HEIGHT, "NaN", false},
      {StyleProperty.INK, "#123", true},
      {StyleProperty.INK, "red;}", false},
      {StyleProperty.SHADOW, "soft", true},
      {StyleProperty.SHADOW, "huge", false},
      {StyleProperty.PAIR, "Clay on oat", true},
      {StyleProperty.PAIR, "a;b", false},
      {StyleProperty.FONT, "Instrument Sans", true},
      {StyleProperty.ICON, "leaf", true},
      {StyleProperty.ICON, "🌱", true},
      {StyleProperty.ICON, "👩🏽‍🌾", true},
      {StyleProperty.ICON, "5", false},
      {StyleProperty.ICON, "🌱<b>", false},
      {StyleProperty.ICON, "", false},
      {StyleProperty.ICON, "zeppelin", false},
      {StyleProperty.ICON, "own:" + HASH + ".png", true},
      {StyleProperty.ICON, "own:" + HASH + ".woff2", false},
      {StyleProperty.STAR_SHAPE, "own:" + HASH + ".png", true},
      {StyleProperty.STAR_SHAPE, "own:../" + HASH + ".png", false},
      {StyleProperty.CLASS, "proof_1", true},
      {StyleProperty.CLASS, "two names", false},
      {StyleProperty.CLASS, "1st", false},
      {StyleProperty.ARROW, "shaft", true},
      {StyleProperty.ARROW, "none", false},
      {StyleProperty.FONT, "own:" + HASH + ".woff2", true},
      {StyleProperty.FONT, "own:" + HASH + ".var.woff2", true},
      {StyleProperty.FONT, "own:" + HASH.toUpperCase(java.util.Locale.ROOT) + ".woff2", false},
      {StyleProperty.FONT, "x'; src: url(", false},
    };
  }

  @Test(dataProvider = "texts")
  public void aValueIsOfItsForm(StyleProperty value, String text, boolean fits) {
    assertEquals(value.form().problem(text).isEmpty(), fits);
  }
}
