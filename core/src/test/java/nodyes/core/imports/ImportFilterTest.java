package nodyes.core.imports;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.Optional;
import java.util.Set;
import nodyes.core.rating.Rating;
import nodyes.core.review.ReviewDate;
import nodyes.core.review.ReviewMedia;
import nodyes.core.review.ReviewText;
import nodyes.core.review.Writer;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Which of the good rows of a file are taken. */
public class ImportFilterTest {
  private static ImportedReview review(int stars, String country, String language, String words) {
    return new ImportedReview(
        2,
        Optional.of("pot"),
        Optional.empty(),
        Rating.ofStars(stars),
        String.valueOf(stars),
        ReviewText.of(Optional.empty(), some(words), some(language)),
        new Writer(Optional.empty(), some(country)),
        ImportedReview.Source.writtenOn(Optional.of(ReviewDate.parse("2026-01-02"))),
        ReviewMedia.NONE,
        ImportedReview.Extras.NONE);
  }

  private static Optional<String> some(String text) {
    return Optional.of(text).filter(one -> !one.isEmpty());
  }

  private static ImportFilter selection(Set<Integer> stars, Set<String> in, Set<String> reading) {
    return new ImportFilter(stars, in, reading, false, false);
  }

  @DataProvider
  public Object[][] selections() {
    ImportedReview german = review(4, "DE", "de-AT", "Gut");
    ImportedReview bare = review(1, "", "", "");
    return new Object[][] {
      {ImportFilter.ALL, german, true},
      {ImportFilter.ALL, bare, true},
      {selection(Set.of(4, 5), Set.of(), Set.of()), german, true},
      {selection(Set.of(4, 5), Set.of(), Set.of()), bare, false},
      {selection(Set.of(), Set.of("DE"), Set.of()), german, true},
      {selection(Set.of(), Set.of("AT"), Set.of()), german, false},
      // what a review does not say, it does not match
      {selection(Set.of(), Set.of("DE"), Set.of()), bare, false},
      {selection(Set.of(), Set.of(), Set.of("de")), german, true},
      {selection(Set.of(), Set.of(), Set.of("de-AT")), german, false},
      {selection(Set.of(), Set.of(), Set.of("de")), bare, false},
      {new ImportFilter(Set.of(), Set.of(), Set.of(), true, false), german, true},
      {new ImportFilter(Set.of(), Set.of(), Set.of(), true, false), bare, false},
      {new ImportFilter(Set.of(), Set.of(), Set.of(), false, true), german, false},
      {selection(Set.of(4), Set.of("DE"), Set.of("en")), german, false},
    };
  }

  @Test(dataProvider = "selections")
  public void aReviewIsTakenWhereAllOfItFits(
      ImportFilter selection, ImportedReview review, boolean is) {
    assertEquals(selection.takes(review), is);
  }

  /** A rating between two stars counts as the star that it is shown as. */
  @Test
  public void halfStarsCountAsTheStarTheyAreShownAs() {
    ImportedReview review = review(4, "DE", "de", "Gut");
    int shown = review.rating().wholeStar();
    assertTrue(selection(Set.of(shown), Set.of(), Set.of()).takes(review));
    assertFalse(selection(Set.of(shown - 1), Set.of(), Set.of()).takes(review));
  }
}
