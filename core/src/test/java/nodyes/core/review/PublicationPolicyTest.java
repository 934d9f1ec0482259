package nodyes.core.review;

import static org.testng.Assert.assertEquals;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class PublicationPolicyTest {
  @DataProvider
  public Object[][] written() {
    return new Object[][] {
      {PublicationPolicy.IMMEDIATE, "It holds water.", ReviewStatus.PUBLISHED},
      {PublicationPolicy.IMMEDIATE, "Write to me@here.example", ReviewStatus.PUBLISHED},
      {PublicationPolicy.UNLESS_CONTACT_DETAILS, "It holds water.", ReviewStatus.PUBLISHED},
      {PublicationPolicy.UNLESS_CONTACT_DETAILS, "", ReviewStatus.PUBLISHED},
      {PublicationPolicy.UNLESS_CONTACT_DETAILS, "Write to me@here.example", ReviewStatus.PENDING},
      {
        PublicationPolicy.UNLESS_CONTACT_DETAILS,
        "See https://other.example/pots",
        ReviewStatus.PENDING
      },
      {PublicationPolicy.MANUAL, "It holds water.", ReviewStatus.PENDING},
      {PublicationPolicy.MANUAL, "", ReviewStatus.PENDING},
    };
  }

  @Test(dataProvider = "written")
  public void theWordsDecideNotTheRating(PublicationPolicy rule, String words, ReviewStatus first) {
    assertEquals(rule.first(words), first);
  }
}
