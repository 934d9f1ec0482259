package nodyes.server.reviews.export;

import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import nodyes.server.ServerTest;
import org.testng.annotations.DataProvider;

/** What tests of reviews that go out have in common. */
abstract class ExportTest extends ServerTest {
  @DataProvider
  public Object[][] formats() {
    return new Object[][] {{"csv"}, {"xlsx"}, {"jsonl"}, {"jsonld"}};
  }

  protected byte[] exported(String format, String product) throws Exception {
    return ask("/api/v1/reviews/export/{f}?product={p}", format, product)
        .andExpect(status().isOk())
        .andReturn()
        .getResponse()
        .getContentAsByteArray();
  }
}
