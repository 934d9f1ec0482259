package nodyes.core.pagereading;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Pages of different make, each with another way to show stars, names, dates and words. */
public class PagesWithoutDataTest {
  /** Reviews as 'stars/best|name|date|title|words', what is none as '-'. */
  private static List<String> read(String html) {
    PageTree page = HtmlPages.page(html);
    return read(page, PatternFinder.propose(page).orElseThrow());
  }

  private static List<String> read(PageTree page, ReadingPattern pattern) {
    return PatternReader.read(page, pattern).stream().map(PagesWithoutDataTest::told).toList();
  }

  private static String told(PatternReader.Block block) {
    return block.isReview()
        ? block.text(ReviewPart.STARS).orElse("")
            + "/"
            + block.best().map(Object::toString).orElse("")
            + "|"
            + Stream.of(ReviewPart.NAME, ReviewPart.DATE, ReviewPart.TITLE, ReviewPart.WORDS)
                .map(part -> block.text(part).orElse(""))
                .collect(Collectors.joining("|"))
        : "-";
  }

  @Test
  public void aMarketWithAPartOfAWidthAndAnAdvertisementBetween() {
    assertEquals(
        read(
            """
            <header><div>Market</div><div>Basket</div></header>
            <main><h1>Celadon planter</h1><div class="rating-summary">4.4 out of 5</div>
            <div class="list">
              <div class="item opinion"><div class="stars"><span style="width: 100%"></span></div>
                <span class="who-author">Inês R.</span> <span>23.10.2026</span>
                <p>Aguentou o inverno inteiro na varanda e nem uma lasca.</p><button>Helpful (3)</button></div>
              <div class="item opinion"><div class="stars"><span style="width:90%"></span></div>
                <span class="who-author">Nuria C.</span> <span>14.10.2026</span>
                <p>Pesa más de lo que esperaba y el esmalte es precioso.</p><button>Helpful (1)</button></div>
              <div class="item"><p>Members save on delivery this week. Join in a minute.</p></div>
              <div class="item opinion"><div class="stars"><span style="width:20%"></span></div>
                <span class="who-author">Owen B.</span> <span>02.10.2026</span>
                <p>Greener than the picture, which I do not like.</p><button>Helpful</button></div>
            </div></main>
            """),
        List.of(
            "5/5|Inês R.|23.10.2026||Aguentou o inverno inteiro na varanda e nem uma lasca.",
            "4.5/5|Nuria C.|14.10.2026||Pesa más de lo que esperaba y el esmalte es precioso.",
            "1/5|Owen B.|02.10.2026||Greener than the picture, which I do not like."));
  }

  @Test
  public void aTableOfSignsWithoutASingleClass() {
    assertEquals(
        read(
            """
            <table><tr><th>Stars</th><th>Who</th><th>When</th><th>What</th></tr>
            <tr><td>★★★★☆</td><td>Anouk D.</td><td>September 20, 2026</td><td>Parfait pour le basilic de la cuisine</td></tr>
            <tr><td>★☆☆☆☆</td><td>Tiago M.</td><td>September 11, 2026</td><td>Chegou lascado no bordo, e demorou</td></tr>
            </table>
            """),
        List.of(
            "-",
            "4/5|Anouk D.|September 20, 2026||Parfait pour le basilic de la cuisine",
            "1/5|Tiago M.|September 11, 2026||Chegou lascado no bordo, e demorou"));
  }

  @Test
  public void wordsForThoseWhoCannotSeeAndClassesThatSayNothing() {
    assertEquals(
        read(
            """
            <section><ul>
            <li class="x1 k9"><div role="img" aria-label="Rated 3 out of 5 stars"><svg></svg><svg></svg></div>
              <h4>Fine pot</h4><div><div>by Fay N.</div><time datetime="2026-08-25">25 Aug</time></div>
              <div class="q7"><p>Mine is ochre.</p><p>Not quite the shade I was shown.</p></div></li>
            <li class="x1 k8"><div role="img" aria-label="Rated 4,5 out of 5 stars"><svg></svg><svg></svg></div>
              <h4>Llegó bien</h4><div><div>by Leonor V.</div><time datetime="2026-08-19">19 Aug</time></div>
              <div class="q7"><p>Antes de lo que decían.</p><p>La recomiendo.</p></div></li>
            </ul></section>
            """),
        List.of(
            "3/5|Fay N.|2026-08-25|Fine pot|Mine is ochre.\nNot quite the shade I was shown.",
            "4.5/5|Leonor V.|2026-08-19|Llegó bien|Antes de lo que decían.\nLa recomiendo."));
  }

  @Test
  public void numbersInDataWhoseScaleTheHighestOfThemTells() {
    assertEquals(
        read(
            """
            <div><article data-rating="8"><b>Jonas</b> <i>am 12. August 2026</i><p>Nach dem ersten Frost ein feiner Riss</p></article>
            <article data-rating="4"><b>Sabine</b> <i>am 28. September 2026</i><p>Schwerer als gedacht, steht aber gut</p></article></div>
            """),
        List.of(
            "8/10|Jonas|12. August 2026||Nach dem ersten Frost ein feiner Riss",
            "4/10|Sabine|28. September 2026||Schwerer als gedacht, steht aber gut"));
  }

  @Test
  public void aNameMayStandInALineWithOtherThings() {
    String review =
        "<article><p><b>%d of 10</b> by %s, 2026-10-0%d <small>celadon, 24 cm</small></p><p>%s</p></article>";
    assertEquals(
        read(
            "<main>"
                + review.formatted(8, "Inês R.", 1, "Não cabe na minha janela, mas é bonito")
                + review.formatted(10, "Mary-Lou O’Neil", 2, "Heavy")
                + "</main>"),
        List.of(
            "8/10|Inês R.|2026-10-01||Não cabe na minha janela, mas é bonito",
            "10/10|Mary-Lou O’Neil|2026-10-02||Heavy"));
  }

  /** A class that one of two reviews has was taken for the place of the stars of both. */
  @Test
  public void aClassThatTellsTheStarsIsNoPlace() {
    assertEquals(
        read(
            """
            <ul><li><i class="stars-8"></i><b>Ana</b><p>It has kept its glaze all winter</p></li>
            <li><i class="stars-10"></i><b>Bea</b><p>Greener than the picture, which I like</p></li></ul>
            """),
        List.of(
            "8/10|Ana|||It has kept its glaze all winter",
            "10/10|Bea|||Greener than the picture, which I like"));
  }

  @DataProvider
  Object[][] drawnStars() {
    return new Object[][] {
      {
        "<i class='star full'></i><i class='star full'></i><i class='star half'></i><i class='star empty'></i><i class='star empty'></i>",
        "rating",
        "2.5/5"
      },
      {
        "<img src='/i/star-on.png'><img src='/i/star-on.png'><img src='/i/star-on.png'><img src='/i/star-on.png'><img src='/i/star-off.png'>",
        "row",
        "4/5"
      },
      {"<img src='/i/s4.png' alt='4 von 5 Sternen'>", "row", "4/5"},
      {"<span title='3,5 étoiles'></span>", "row", "3.5/5"},
      {"<span>Note : 4/5</span>", "row", "4/5"},
      {"<meter value='7' min='0' max='10'></meter>", "row", "7/10"},
      {"<span class='stars-45'></span>", "row", "4.5/5"},
      {"<span style='--rating: 3.5'></span>", "star-rating", "3.5/5"},
      {"<span>★★★½</span>", "row", "3.5/5"},
      {
        "<input type='radio' name='rating-1' value='3'><input type='radio' name='rating-1' value='4' checked>",
        "row",
        "4/5"
      },
      {"<span>2 estrelas</span>", "row", "2/5"},
      {"<span>80 / 100</span>", "row", "80/100"},
    };
  }

  @DataProvider
  Object[][] notStars() {
    return new Object[][] {
      {"<small>4 of 5 people found this helpful</small><i class='stars-2'></i>", "2/5"},
      {"<img src='/p/1.jpg' alt='Photo 1 of 3'><i class='stars-2'></i>", "2/5"},
      {"<small>3/5/2026</small><i class='stars-2'></i>", "2/5"},
      {"<div class='col-start-4'><i class='rating-2'></i></div>", "2/5"},
      {"<p>I have used 3 of 5 of them so far</p><i class='stars-2'></i>", "2/5"},
      // the same signs in every review, and a class that tells how many are coloured
      {"<i class='rating-2'>★★★★★</i>", "2/5"},
      {"<b class='rated'><u>★★</u><s class='off'>★★★</s></b>", "2/5"},
      {
        "<b><u class='a on'>★</u><u class='a on'>★</u><u class='a off'>★</u><u class='a off'>★</u><u class='a off'>★</u></b>",
        "2/5"
      },
      {
        "<b class='stars'><svg fill='none'></svg><svg fill='none'></svg><svg fill='none'></svg><svg fill='none'></svg><svg fill='none'></svg></b>",
        "-"
      },
      {
        "<b class='stars'><svg class='x'></svg><svg class='x'></svg><svg class='y'></svg><svg class='y'></svg><svg class='y'></svg></b>",
        "-"
      },
    };
  }

  /** What was taken for stars and is something else; where it cannot be told there are none. */
  @Test(dataProvider = "notStars")
  public void whatOnlyLooksLikeStarsIsNone(String drawn, String expected) {
    String review =
        "<li><div>%s</div><em>%s</em><span>2026-05-01</span><p>It has kept its glaze all winter long</p></li>";
    assertEquals(
        read("<ul>" + review.formatted(drawn, "Ana") + review.formatted(drawn, "Bea") + "</ul>")
            .getFirst()
            .split("\\|")[0],
        expected);
  }

  /** A later page on which all are low was read as of five stars. */
  @Test
  public void numbersWithoutAnEndAreOnTheScaleOfAllPages() {
    String review =
        "<li><i class='stars-%d'></i><b>%s</b><p>It has kept its glaze all winter</p></li>";
    PageTree first =
        HtmlPages.page("<ul>" + review.formatted(9, "Ana") + review.formatted(4, "Bea") + "</ul>");
    PageTree second = HtmlPages.page("<ul>" + review.formatted(2, "Cy") + "</ul>");
    ReadingPattern pattern = PatternFinder.propose(first).orElseThrow();
    ReadingPattern seen = pattern.seeing(PatternReader.given(first, pattern));
    assertEquals(read(second, seen), List.of("2/10|Cy|||It has kept its glaze all winter"));
  }

  /** Each element asked for all the text in it: a deep page took time for each of its levels. */
  @Test
  public void textThatIsTooLongIsNotShort() {
    PageTree page = HtmlPages.page("<div><p>Greener <b>than</b></p> the picture</div>");
    assertEquals(page.root().shortText(24), "Greener than the picture");
    assertEquals(page.root().shortText(23), "");
  }

  @Test(dataProvider = "drawnStars")
  public void starsAreReadHoweverTheyAreDrawn(String drawn, String around, String expected) {
    String review =
        "<li><div class='%s'>%s</div><em>%s</em><span>2026-05-0%d</span><p>It has kept its glaze all winter long</p></li>";
    List<String> read =
        read(
            "<ul>"
                + review.formatted(around, drawn, "Ana", 1)
                + review.formatted(around, drawn, "Bea", 2)
                + "</ul>");
    assertEquals(
        read,
        List.of(
            expected + "|Ana|2026-05-01||It has kept its glaze all winter long",
            expected + "|Bea|2026-05-02||It has kept its glaze all winter long"));
  }

  /** How common a class is was counted anew for each part of each review. */
  @Test
  public void veryManyReviewsOnOnePageAreAllRead() {
    String review =
        "<li class='r n%d'><i class='stars-%d'></i><b class='by a%d'>Ana %c</b><span>2026-05-01</span><p>It has kept its glaze</p></li>";
    var page = new StringBuilder("<ul>");
    for (int i = 0; i < 3_000; i++) {
      page.append(review.formatted(i, i % 5 + 1, i, 'A' + i % 26));
    }
    List<String> read = read(page + "</ul>");
    assertEquals(read.size(), 3_000);
    assertEquals(read.get(2_999), "5/5|Ana J|2026-05-01||It has kept its glaze");
  }

  /** The cards of a listing have stars and words, too. */
  @Test
  public void productsOfAListingAreNoReviews() {
    assertTrue(
        PatternFinder.propose(
                HtmlPages.page(
                    """
                    <div><div class="card"><img src="a.png"><a href="/1">Celadon planter, large, 24 cm wide</a><span>★★★★☆</span><b>€32.00</b></div>
                    <div class="card"><img src="b.png"><a href="/2">Slate pot with a saucer, 30 cm</a><span>★★★★★</span><b>€18.00</b></div></div>
                    """))
            .isEmpty());
  }

  @Test
  public void aTimeWithoutADayIsToldAndNotGuessed() {
    PageTree page =
        HtmlPages.page(
            """
            <div><p class="r"><span class="rating">4/5</span> <b class="author">Rui P.</b> <small>2 weeks ago</small><br>Bonito e pesado, demorou nove dias</p>
            <p class="r"><span class="rating">5/5</span> <b class="author">Ana</b> <small>in July</small><br>Veio embrulhado em palha, sem plástico</p></div>
            """);
    List<PatternReader.Block> blocks =
        PatternReader.read(page, PatternFinder.propose(page).orElseThrow());
    assertEquals(
        blocks.stream().map(PatternReader.Block::dateWithoutDay).toList(), List.of("", "in July"));
    assertTrue(blocks.stream().allMatch(PatternReader.Block::isReview));
    assertEquals(blocks.getFirst().text(ReviewPart.DATE).orElseThrow(), "2 weeks ago");
    assertTrue(blocks.getLast().text(ReviewPart.DATE).isEmpty());
  }

  @Test
  public void theShopsAnswerIsNoPartOfAReview() {
    assertEquals(
        read(
            """
            <div><div class="rev"><span aria-label="2 of 5"></span><b class="author">Ana</b><span>1 May 2026</span><p>Broke on the second day already</p>
              <div class="shop-reply"><b>Hollyfield</b><p>We are very sorry to hear that, and have sent you another one at once, with our best wishes.</p></div></div>
            <div class="rev"><span aria-label="5 of 5"></span><b class="author">Bea</b><span>2 May 2026</span><p>Lovely glaze and heavy too</p></div></div>
            """),
        List.of(
            "2/5|Ana|1 May 2026||Broke on the second day already",
            "5/5|Bea|2 May 2026||Lovely glaze and heavy too"));
  }

  @Test
  public void picturesAreThoseOfTheReviewAndNoFaces() {
    PageTree page =
        HtmlPages.page(
            """
            <div><div class="rev"><img class="avatar" src="/u/1.png"><span>★★★★★</span><b class="author">Ana</b><p>Lovely glaze and heavy too, says she</p><img src="/p/1.jpg"><img data-src="https://market.example/p/2.jpg" src=""></div>
            <div class="rev"><img class="avatar" src="/u/2.png"><span>★★★★☆</span><b class="author">Bea</b><p>Size: as told, and it keeps its water</p></div></div>
            """);
    List<PatternReader.Block> blocks =
        PatternReader.read(page, PatternFinder.propose(page).orElseThrow());
    assertEquals(
        blocks.getFirst().text(ReviewPart.PICTURES).orElseThrow(),
        "https://market.example/p/1.jpg https://market.example/p/2.jpg");
    assertTrue(blocks.get(1).text(ReviewPart.PICTURES).isEmpty());
  }

  private static final String SINGLE =
      "<main><h1>Slate pot</h1><div><div class='note'><span class='rating'>4/5</span><i>Odile</i>"
          + "<p>It has kept its glaze all winter</p></div></div></main>";

  @Test
  public void ofASingleReviewNothingIsGuessedUntilSomeonePointsAtIt() {
    PageTree page = HtmlPages.page(SINGLE);
    assertTrue(PatternFinder.propose(page).isEmpty());
    int words = HtmlPages.saying(page, "It has kept its glaze all winter");
    assertEquals(
        read(page, PatternFinder.around(page, words).orElseThrow()),
        List.of("4/5|Odile|||It has kept its glaze all winter"));
  }

  @Test
  public void whatIsPointedAtInOneReviewIsReadInAll() {
    PageTree page =
        HtmlPages.page(
            """
            <div><div class="r"><span class="rating">4/5</span><span>Porto</span><span>Rui P.</span><p>Bonito e pesado, demorou nove dias</p></div>
            <div class="r"><span class="rating">5/5</span><span>Faro</span><span>Ana</span><p>Veio embrulhado em palha, sem plástico</p></div></div>
            """);
    ReadingPattern proposed = PatternFinder.propose(page).orElseThrow();
    ReadingPattern pointed =
        PatternFinder.pointing(page, proposed, ReviewPart.NAME, HtmlPages.saying(page, "Ana"))
            .orElseThrow();
    assertEquals(
        read(page, pointed),
        List.of(
            "4/5|Rui P.|||Bonito e pesado, demorou nove dias",
            "5/5|Ana|||Veio embrulhado em palha, sem plástico"));
    assertFalse(
        read(page, pointed.without(ReviewPart.NAME)).getFirst().contains("Rui"),
        "a part that is taken away is read no more");
    assertTrue(
        PatternFinder.pointing(page, proposed, ReviewPart.NAME, 0).isEmpty(),
        "what stands in no review is no part of one");
  }

  /** What is learned on one page is read on another of the site. */
  @Test
  public void aPatternReadsTheNextPage() {
    String review =
        "<li class='op %s'><span class='s' title='%d of 5'></span><b>%s</b><time datetime='2026-0%d-01'></time><p>%s</p></li>";
    PageTree first =
        HtmlPages.page(
            "<main><ol>"
                + review.formatted("new", 4, "Ana", 3, "The glaze is better than the picture")
                + review.formatted("old", 5, "Bea", 2, "A year of daily use and not a crack")
                + "</ol></main>");
    PageTree second =
        HtmlPages.page(
            "<main><div><ol>"
                + review.formatted("old", 1, "Cy", 1, "Heavy")
                + "</ol></div></main>");
    assertEquals(
        read(second, PatternFinder.propose(first).orElseThrow()),
        List.of("1/5|Cy|2026-01-01||Heavy"));
  }
}
