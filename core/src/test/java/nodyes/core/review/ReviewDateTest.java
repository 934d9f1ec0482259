package nodyes.core.review;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.Optional;
import org.testng.annotations.Test;

public class ReviewDateTest {
  @Test
  public void aDateIsReadAsItIsWritten() {
    for (String text : new String[] {"2026-11-26", "2026-11"}) {
      assertEquals(ReviewDate.parse(text).toString(), text);
    }
    assertEquals(ReviewDate.parse("2026-11").day(), Optional.empty());
    assertThrows(DateTimeException.class, () -> ReviewDate.parse("2026"));
  }

  @Test
  public void aMonthAloneIsNoNewerThanItsFirstDay() {
    var november = ReviewDate.about(YearMonth.of(2026, 11));
    assertEquals(november.earliest(), LocalDate.of(2026, 11, 1));
    assertTrue(november.compareTo(ReviewDate.parse("2026-11-01")) < 0);
    assertTrue(november.compareTo(ReviewDate.parse("2026-10-31")) > 0);
  }

  @Test
  public void aMonthAloneIsNotBeforeItsFirstDay() {
    assertTrue(
        ReviewDate.parse("2026-11").compareTo(ReviewDate.from(LocalDate.of(2026, 11, 1))) >= 0);
    assertTrue(
        ReviewDate.parse("2026-11").compareTo(ReviewDate.from(LocalDate.of(2026, 11, 2))) < 0);
  }
}
