package nodyes.core.review;

import static org.testng.Assert.assertEquals;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class AdmissionTest {
  @DataProvider
  public Object[][] written() {
    return new Object[][] {
      {Admission.AT_ONCE, "It holds water.", ReviewState.PUBLISHED},
      {Admission.AT_ONCE, "Write to me@here.example", ReviewState.PUBLISHED},
      {Admission.UNLESS_CONTACT, "It holds water.", ReviewState.PUBLISHED},
      {Admission.UNLESS_CONTACT, "", ReviewState.PUBLISHED},
      {Admission.UNLESS_CONTACT, "Write to me@here.example", ReviewState.WAITING},
      {Admission.UNLESS_CONTACT, "See https://other.example/pots", ReviewState.WAITING},
      {Admission.AFTER_A_LOOK, "It holds water.", ReviewState.WAITING},
      {Admission.AFTER_A_LOOK, "", ReviewState.WAITING},
    };
  }

  @Test(dataProvider = "written")
  public void theWordsDecideNotTheRating(Admission rule, String words, ReviewState first) {
    assertEquals(rule.first(words), first);
  }
}
