package nodyes.simulators.marketplace;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.stream.Collectors;
import nodyes.simulators.Asking;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

public class MarketplaceTest {
  private Marketplace market;

  @BeforeClass
  public void open() {
    market = new Marketplace(0);
  }

  @AfterClass
  public void close() {
    market.close();
  }

  private String page(String path, String... headers) throws Exception {
    return Asking.get(market.address() + path, headers).body();
  }

  @Test
  public void itsReviewsAreAsMixedAsPeoplesAre() {
    var reviews = MarketReview.all();
    assertTrue(
        reviews.stream().map(MarketReview::language).collect(Collectors.toSet()).size() >= 4);
    assertTrue(reviews.stream().anyMatch(review -> review.words().isEmpty()));
    assertTrue(reviews.stream().anyMatch(review -> review.pictures() > 0));
    assertTrue(reviews.stream().allMatch(review -> review.rating() >= 1 && review.rating() <= 10));
    long different = reviews.stream().map(MarketReview::words).distinct().count();
    assertTrue(different < reviews.size(), "one comes twice");
  }

  @Test
  public void itIsSearchedByWordsAndByThePicturesName() throws Exception {
    for (String asked : new String[] {"herbs", "oat-trough.png", "OAT"}) {
      String found = page("/search?q=" + asked);
      assertTrue(found.contains("/items/oat-trough"), asked);
      assertFalse(found.contains("/items/trowel"), asked);
    }
  }

  @Test
  public void eachProductMarksItsReviewsUpInAnotherWay() throws Exception {
    assertTrue(page("/items/celadon-planter").contains("application/ld+json"));
    assertTrue(page("/items/oat-trough").contains("itemprop=\"reviewBody\""));
    assertTrue(page("/items/trowel").contains("property=\"reviewBody\""));
    String plain = page("/items/sill-lamp");
    assertFalse(plain.contains("reviewBody"));
  }

  @Test
  public void reviewsRunOverPagesThatEnd() throws Exception {
    assertTrue(page("/items/trowel?page=1").contains("rel=\"next\""));
    int last = Math.ceilDiv(MarketReview.all().size(), 8);
    assertFalse(page("/items/trowel?page=" + last).contains("rel=\"next\""));
    assertEquals(
        Asking.get(market.address() + "/items/trowel?page=" + (last + 1)).statusCode(), 404);
    assertEquals(Asking.get(market.address() + "/items/nothing").statusCode(), 404);
  }

  @Test
  public void membersAloneSeeSome() throws Exception {
    assertFalse(page("/items/moss-can").contains("reviewBody"));
    assertTrue(page("/items/moss-can", "Cookie", "hollyfield=member").contains("reviewBody"));
  }

  @Test
  public void picturesAreDrawn() throws Exception {
    var picture = Asking.get(market.address() + "/pictures/3.png");
    assertEquals(picture.headers().firstValue("Content-Type").orElse(""), "image/png");
    assertEquals(Asking.get(market.address() + "/pictures/..%2fx").statusCode(), 404);
  }
}
