package nodyes.core.review;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import nodyes.core.rating.Histogram;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class NamesAndContactsTest {
  @DataProvider
  Object[][] names() {
    return new Object[][] {
      {"Marta  Sousa Lima", "Marta Sousa Lima", "Marta L.", "M. S. L.", "Marta"},
      {"Élodie", "Élodie", "Élodie", "É.", "Élodie"},
      {"e\u0301lan vital", "e\u0301lan vital", "e\u0301lan V.", "E\u0301. V.", "e\u0301lan"},
      {"𠮷田 太郎", "𠮷田 太郎", "𠮷田 太.", "𠮷. 太.", "𠮷田"},
      {"ana@mail.example", "ana@mail.example", "ana", "A.", "ana"},
    };
  }

  @Test(dataProvider = "names")
  public void namesTakeTheirForm(
      String name, String given, String initial, String initials, String first) {
    assertEquals(NameDisplay.AS_GIVEN.of(name).orElseThrow(), given);
    assertEquals(NameDisplay.FIRST_NAME_AND_INITIAL.of(name).orElseThrow(), initial);
    assertEquals(NameDisplay.INITIALS.of(name).orElseThrow(), initials);
    assertEquals(NameDisplay.FIRST_NAME.of(name).orElseThrow(), first);
    assertEquals(NameDisplay.A_CUSTOMER.of(name).isEmpty(), true);
    assertEquals(NameDisplay.AS_GIVEN.of("  ").isEmpty(), true);
  }

  /** Two gaps, what is shown of the first name and of the last; no two forms are the same. */
  @Test
  public void eachFormIsWhatItShowsOfTheFirstAndTheLastName() {
    assertEquals(NameDisplay.INITIAL_AND_LAST_NAME.of("Marta Sousa Lima"), Optional.of("M. Lima"));
    assertEquals(NameDisplay.INITIAL_AND_LAST_NAME.of("Élodie"), Optional.of("É."));
    assertEquals(NameDisplay.FIRST_INITIAL.of("Marta Sousa"), Optional.of("M."));
    assertEquals(
        Arrays.stream(NameDisplay.values())
            .map(form -> form.first() + " " + form.last())
            .distinct()
            .count(),
        NameDisplay.values().length);
    for (NameDisplay form : NameDisplay.values()) {
      assertEquals(
          NameDisplay.shownAs("Marta Sousa", form.of("Marta Sousa")), Optional.of(form), "" + form);
    }
    assertEquals(NameDisplay.shownAs("Marta Sousa", Optional.of("Mimi")), Optional.empty());
  }

  @DataProvider
  Object[][] contacts() {
    return new Object[][] {
      {"Write to marta@correo.example!", "Write to […]!"},
      {"Liguem 912 555 014 por favor", "Liguem […] por favor"},
      {"+351 (91) 255-50-14.", "[…]."},
      {"see www.pots.example/a?b=1 and https://x.example", "see […] and […]"},
      {
        "24 cm by 30 cm, bought 12.10.2026 for 29.00", "24 cm by 30 cm, bought 12.10.2026 for 29.00"
      },
      {"Order 1234567", "Order 1234567"},
      {"10 of 10, 100% happy, 5/5", "10 of 10, 100% happy, 5/5"},
    };
  }

  @Test(dataProvider = "contacts")
  public void contactDetailsAreHiddenAndNothingElse(String words, String hidden) {
    assertEquals(ContactDetails.hide(words), hidden);
  }

  @Test
  public void detailsSayWhatTheyAreAndWhere() {
    assertEquals(
        ContactDetails.in("a@b.example, 912555014"),
        List.of(
            new ContactDetails.Detail(ContactDetails.Kind.EMAIL, 0, 11),
            new ContactDetails.Detail(ContactDetails.Kind.NUMBER, 13, 22)));
  }

  private static LeavingOut leaving(Histogram kept) {
    return new LeavingOut(kept, new Histogram(List.of(2L, 1L, 3L, 8L, 27L)));
  }

  @Test
  public void leavingOutMostlyLowRatingsIsNamed() {
    var oneSided = leaving(new Histogram(List.of(0L, 0L, 2L, 6L, 25L)));
    assertEquals(oneSided.low(), 6);
    assertEquals(oneSided.lowLeftOut(), 4);
    assertEquals(oneSided.isOneSided(), true);
    assertEquals(leaving(new Histogram(List.of(2L, 1L, 3L, 0L, 0L))).isOneSided(), false);
    assertEquals(leaving(new Histogram(List.of(1L, 1L, 1L, 4L, 13L))).isOneSided(), false);
    assertEquals(leaving(new Histogram(List.of(1L, 1L, 3L, 8L, 27L))).isOneSided(), false);
    assertThrows(
        IllegalArgumentException.class, () -> leaving(new Histogram(List.of(3L, 0L, 0L, 0L, 0L))));
  }
}
