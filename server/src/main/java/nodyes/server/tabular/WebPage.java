package nodyes.server.tabular;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import nodyes.core.pagereading.PageTree;
import nodyes.server.messages.Texts;
import nodyes.server.web.ApiProblem;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jspecify.annotations.Nullable;

/** A web page, built once for all that is read of it; nothing in it is run or fetched. */
public final class WebPage {
  private static final int LARGEST = 12_000_000;
  private static final int MOST_TAGS = 600_000;

  private final Document document;
  private final String address;
  private final HtmlReviewExtractor.Found found;
  private @Nullable PageTree tree;

  private WebPage(Document document, String address) {
    this.document = document;
    this.address = address;
    this.found = HtmlReviewExtractor.in(document);
  }

  /** Reads a page that is small enough to be built. */
  public static WebPage read(InputStream page, String address) throws IOException {
    byte[] content = page.readNBytes(LARGEST + 1);
    if (content.length > LARGEST) {
      throw ApiProblem.unusable(Texts.text("imports.webPageTooLarge"));
    }
    if (tags(content) > MOST_TAGS) {
      throw ApiProblem.unusable(Texts.text("imports.webPageTooMany"));
    }
    return new WebPage(Jsoup.parse(new ByteArrayInputStream(content), null, address), address);
  }

  /** Building a page takes time for each element, however small the file is. */
  private static int tags(byte[] content) {
    int tags = 0;
    for (byte one : content) {
      tags += one == '<' ? 1 : 0;
    }
    return tags;
  }

  /** Where it is from. */
  public String address() {
    return address;
  }

  /** What it marks up. */
  public HtmlReviewExtractor.Found found() {
    return found;
  }

  /** What a reader may see of it. */
  public PageTree tree() {
    PageTree known = tree;
    if (known == null) {
      known = HtmlTree.of(document);
      tree = known;
    }
    return known;
  }
}
