package nodyes.core.common;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import java.text.Normalizer;
import java.util.Optional;
import nodyes.core.review.NameDisplay;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Input: products named ガーデン (garden) and カーテン (curtain): their marks were taken for accents, so
 * that both were one; 한글 that a system wrote taken apart (NFD) was not found again.
 */
public class NamesStayWholeTest {
  @DataProvider
  Object[][] titles() {
    return new Object[][] {
      {"ガーデン", "ガーデン"},
      {"カーテン", "カーテン"},
      {"한글 화분", "한글-화분"},
      {"時々 植木鉢", "時々-植木鉢"},
      {"กระถางต้นไม้", "กระถางต้นไม้"},
      {"Tall pot, blue", "tall-pot-blue"},
      {"Pão à mesa", "pao-a-mesa"},
      {"Größe L", "große-l"},
    };
  }

  @Test(dataProvider = "titles")
  public void aTitleBecomesOneAddressHoweverItWasTyped(String title, String written) {
    for (Normalizer.Form form : Normalizer.Form.values()) {
      if (form == Normalizer.Form.NFC || form == Normalizer.Form.NFD) {
        assertEquals(Slug.written(Normalizer.normalize(title, form)), written, form.name());
      }
    }
    assertTrue(Slug.parse(written).isPresent(), written);
  }

  @Test
  public void gardenAndCurtainAreTwo() {
    assertNotEquals(Slug.written("ガーデン"), Slug.written("カーテン"));
  }

  @Test
  public void anAddressTakenApartFindsTheSame() {
    String apart = Normalizer.normalize("ガーデン", Normalizer.Form.NFD);
    assertNotEquals(apart, "ガーデン");
    assertEquals(new Slug(apart), new Slug("ガーデン"));
    assertEquals(Slug.parse(apart), Optional.of(new Slug("ガーデン")));
  }

  @Test
  public void aKoreanInitialIsASyllable() {
    String apart = Normalizer.normalize("김 민수", Normalizer.Form.NFD);
    assertEquals(NameDisplay.FIRST_NAME_AND_INITIAL.of(apart), Optional.of("김 민."));
  }
}
