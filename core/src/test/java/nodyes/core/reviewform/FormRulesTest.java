package nodyes.core.reviewform;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import java.util.List;
import java.util.Map;
import nodyes.core.reviewform.FormRules.Fault;
import nodyes.core.reviewform.FormRules.Problem;
import nodyes.core.reviewform.FormRules.Rated;
import org.testng.annotations.Test;

public class FormRulesTest {
  private static final Rated NONE = new Rated(0, 0);

  private static List<Problem> problems(FormRules rules, int stars, Map<FormField, String> texts) {
    return rules.problems(stars, texts, NONE, 0);
  }

  private static FormRules requiring(FormField field) {
    return new FormRules(Map.of(field, FormField.Asked.REQUIRED), 3, 10);
  }

  @Test
  public void starsAreEnough() {
    assertEquals(problems(FormRules.USUAL, 4, Map.of()), List.of());
    assertEquals(
        problems(FormRules.USUAL, 0, Map.of()), List.of(new Problem("stars", Fault.NO_STARS)));
  }

  @Test
  public void whatIsRequiredMustBeThere() {
    assertEquals(
        problems(requiring(FormField.WORDS), 4, Map.of()),
        List.of(new Problem("words", Fault.MISSING)));
    assertEquals(
        requiring(FormField.PICTURES).problems(4, Map.of(), NONE, 0),
        List.of(new Problem("pictures", Fault.MISSING)));
    assertEquals(requiring(FormField.PICTURES).problems(4, Map.of(), NONE, 1), List.of());
    assertEquals(
        requiring(FormField.CRITERIA).problems(4, Map.of(), new Rated(1, 2), 0),
        List.of(new Problem("criteria", Fault.MISSING)));
    // a product that no criterion is for cannot be rated by one
    assertEquals(requiring(FormField.CRITERIA).problems(4, Map.of(), NONE, 0), List.of());
  }

  @Test
  public void aTextHasAnEndAndSaysSomething() {
    assertEquals(
        problems(FormRules.USUAL, 5, Map.of(FormField.WORDS, "🌱🪴".repeat(40))), List.of());
    assertEquals(
        problems(FormRules.USUAL, 5, Map.of(FormField.WORDS, "x".repeat(100_000))),
        List.of(new Problem("words", Fault.TOO_LONG)));
    assertEquals(
        problems(FormRules.USUAL, 5, Map.of(FormField.WORDS, "🌱".repeat(10_000))), List.of());
    assertEquals(
        problems(FormRules.USUAL, 5, Map.of(FormField.WORDS, "\u200f\u200f \u202e")),
        List.of(new Problem("words", Fault.NO_WORDS)));
  }

  @Test
  public void thereAreNoMorePicturesThanTheOwnerTakes() {
    assertEquals(
        FormRules.USUAL.problems(5, Map.of(), NONE, 40),
        List.of(new Problem("pictures", Fault.TOO_MANY)));
    assertThrows(IllegalArgumentException.class, () -> new FormRules(Map.of(), 11, 5));
    assertThrows(IllegalArgumentException.class, () -> new FormRules(Map.of(), 3, 0));
  }

  @Test
  public void whatIsNotAskedForCannotCome() {
    var nothing = new FormRules(Map.of(), 3, 10);
    assertEquals(
        nothing.problems(5, Map.of(FormField.EMAIL, "a@b.example"), new Rated(1, 1), 1),
        List.of(
            new Problem("criteria", Fault.GONE),
            new Problem("pictures", Fault.GONE),
            new Problem("email", Fault.GONE)));
  }
}
