package nodyes.server.tabular;

import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import nodyes.server.web.ApiProblem;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Ten megabytes of elements within elements held a processor for minutes, or broke the stack. */
public class DeepPageTest {
  private static final int MUCH = 10_000_000;

  @DataProvider
  Object[][] pages() {
    return new Object[][] {
      {"<div>".repeat(MUCH / 5)},
      {"<b><i>".repeat(MUCH / 6)},
      {"<table><tr><td>".repeat(MUCH / 14)},
      {"<td>".repeat(MUCH / 4)},
      {"<a href=x>".repeat(MUCH / 10)},
      {"<p ".repeat(MUCH / 3)},
    };
  }

  @Test(dataProvider = "pages", timeOut = 60_000)
  public void aPageOfElementsWithoutEndIsRefusedBeforeItIsBuilt(String page) {
    long start = System.nanoTime();
    byte[] content = page.getBytes(StandardCharsets.US_ASCII);
    ApiProblem refusal =
        expectThrows(
            ApiProblem.class,
            () -> HtmlReviewExtractor.in(new ByteArrayInputStream(content), "http://x.example/"));
    System.out.println(
        page.substring(0, 15) + "…: " + (System.nanoTime() - start) / 1_000_000 + " ms");
    assertTrue(String.valueOf(refusal.getMessage()).contains("elements"), refusal.getMessage());
  }
}
