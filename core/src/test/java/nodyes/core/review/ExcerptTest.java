package nodyes.core.review;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.Optional;
import nodyes.core.rating.Rating;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class ExcerptTest {
  private static final Rating FIVE = Rating.ofStars(5);

  private static Excerpt cut(String text, String language, int longest) {
    return Excerpt.of(text, Optional.of(language), FIVE, longest);
  }

  @Test
  public void itEndsWithAWord() {
    assertEquals(
        cut("A heavy, handsome pot with a glaze like wet slate.", "en", 16),
        new Excerpt("A heavy,", true));
    assertEquals(cut("A heavy pot.", "en", 12), new Excerpt("A heavy pot.", false));
    assertEquals(cut("A heavy pot.", "en", 0), new Excerpt("A heavy pot.", false));
  }

  @DataProvider
  public Object[][] turns() {
    return new Object[][] {
      {"Lovely glaze. But it cracked after two weeks. I liked the box it came in.", "en"},
      {"Wunderschöne Glasur. Leider ist er zerbrochen. Der Karton war stabil.", "de"},
      {"Muito bonito. Mas chegou partido. A caixa era bonita também.", "pt"},
      {"Muy bonito. Pero llegó roto. La caja era bonita también.", "es"},
      {"Très joli. Mais il est arrivé cassé. La boîte était jolie aussi.", "fr"},
      {"とても美しい。しかし二週間で割れました。箱はきれいでした。", "ja"},
      {"جميل جدا. لكن وصل مكسورا. كانت العلبة جميلة أيضا.", "ar"},
    };
  }

  @Test(dataProvider = "turns")
  public void whatTurnsTheThoughtIsNeverLeftOut(String text, String language) {
    Excerpt excerpt = cut(text, language, 14);
    int secondEnd = text.indexOf(text.contains("。") ? '。' : '.');
    secondEnd = text.indexOf(text.contains("。") ? '。' : '.', secondEnd + 1);
    assertTrue(excerpt.isCut(), language);
    assertEquals(excerpt.text(), text.substring(0, secondEnd + 1), language);
  }

  @Test
  public void blameIsNotCut() {
    String text = "The pot is large and heavy and I like how it looks on the sill.";
    assertFalse(Excerpt.of(text, Optional.of("en"), Rating.ofStars(3), 20).isCut());
    assertTrue(Excerpt.of(text, Optional.of("en"), Rating.ofStars(4), 20).isCut());
  }

  @Test
  public void aLanguageThatWeCannotReadIsNotCut() {
    String text = "Piękna doniczka, ale pękła po dwóch tygodniach.";
    assertFalse(cut(text, "pl", 17).isCut());
    assertFalse(Excerpt.of(text, Optional.empty(), FIVE, 17).isCut());
  }

  @Test
  public void aSignOfTwoCharactersIsNotParted() {
    Excerpt excerpt = cut("🌱🌱🌱 Grows well in it, as it should", "en", 2);
    assertEquals(excerpt.text().codePointCount(0, excerpt.text().length()) >= 1, true);
    assertFalse(Character.isHighSurrogate(excerpt.text().charAt(excerpt.text().length() - 1)));
  }

  @Test
  public void oneVeryLongWordIsWhole() {
    String word = "a".repeat(500);
    assertEquals(cut(word, "en", 40), new Excerpt(word, false));
  }
}
