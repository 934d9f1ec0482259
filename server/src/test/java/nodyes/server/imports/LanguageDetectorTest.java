package nodyes.server.imports;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * The same sentence in 12 languages: article 1 of the Universal Declaration of Human Rights (United
 * Nations, 1948), in its official translations; the texts are from memory.
 */
public class LanguageDetectorTest {
  private final LanguageDetector guess = new LanguageDetector();

  @DataProvider
  public Object[][] articleOne() {
    return new Object[][] {
      {"en", "All human beings are born free and equal in dignity and rights."},
      {"de", "Alle Menschen sind frei und gleich an Würde und Rechten geboren."},
      {"fr", "Tous les êtres humains naissent libres et égaux en dignité et en droits."},
      {"es", "Todos los seres humanos nacen libres e iguales en dignidad y derechos."},
      {"pt", "Todos os seres humanos nascem livres e iguais em dignidade e em direitos."},
      {"it", "Tutti gli esseri umani nascono liberi ed eguali in dignità e diritti."},
      {"nl", "Alle mensen worden vrij en gelijk in waardigheid en rechten geboren."},
      {"pl", "Wszyscy ludzie rodzą się wolni i równi pod względem swej godności i swych praw."},
      {"sv", "Alla människor är födda fria och lika i värde och rättigheter."},
      {"ja", "すべての人間は、生まれながらにして自由であり、かつ、尊厳と権利とについて平等である。"},
      {"ar", "يولد جميع الناس أحرارًا متساوين في الكرامة والحقوق."},
      {"ru", "Все люди рождаются свободными и равными в своем достоинстве и правах."},
    };
  }

  @Test(dataProvider = "articleOne")
  public void theSameSentenceIsToldApart(String language, String sentence) {
    assertEquals(guess.of(sentence), Optional.of(language));
  }

  /** What people write of a pot: short, and mostly of common words; our own sentences. */
  @DataProvider
  public Object[][] shortReviews() {
    return new Object[][] {
      {"en", "Came with a chip at the foot."},
      {"en", "It came in two days"},
      {"en", "Good value, will buy again"},
      {"en", "Hardy little thing, arrived well packed"},
      {"en", "Smaller than I thought"},
      {"en", "Chipped on arrival"},
      {"en", "Love it so much"},
      {"pt", "Muito bonito e bem embalado"},
      {"es", "Muy bonita y llegó bien envuelta"},
      {"fr", "Très joli pot, bien emballé"},
      {"de", "Kam heil an und steht gut"},
      {"it", "Bello e ben imballato, lo consiglio"},
      {"nl", "Mooie pot en netjes ingepakt"},
      {"af", "Alles goed, baie dankie vir die pot"},
      {"cy", "Mae'n botyn hyfryd iawn"},
      {"ja", "色がきれいです"},
    };
  }

  @Test(dataProvider = "shortReviews")
  public void aShortReviewIsToldTooOrNotAtAll(String language, String review) {
    Optional<String> told = guess.of(review);
    assertTrue(told.isEmpty() || told.get().equals(language), review + " is " + told);
  }

  @Test
  public void mostShortReviewsAreTold() {
    long told = 0;
    for (Object[] one : shortReviews()) {
      told += guess.of((String) one[1]).isPresent() ? 1 : 0;
    }
    assertTrue(told >= shortReviews().length - 2, told + " are told");
  }

  @Test
  public void tooLittleIsNotGuessedFrom() {
    assertEquals(guess.of("Ok!"), Optional.empty());
    assertEquals(guess.of(""), Optional.empty());
    assertEquals(guess.of("5/5 👍👍👍👍👍👍👍"), Optional.empty());
  }

  @Test
  public void kanaAndHangulSettleIt() {
    assertEquals(guess.of("鉢は とても 重いです"), Optional.of("ja"));
    assertEquals(guess.of("色は写真より緑です。また買います。"), Optional.of("ja"));
    assertEquals(guess.of("화분이 무겁고 튼튼해요"), Optional.of("ko"));
    assertEquals(guess.of("The label says は, whatever that may be."), Optional.of("en"));
  }

  @Test(dataProvider = "articleOne")
  public void aTextInTheLanguageThatItSaysIsNotAnother(String language, String sentence) {
    assertFalse(guess.isAnother(sentence, language));
    assertTrue(guess.isAnother(sentence, language.equals("en") ? "de" : "en"));
  }
}
