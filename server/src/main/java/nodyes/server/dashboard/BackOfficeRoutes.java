package nodyes.server.dashboard;

import java.util.Optional;

/** Addresses of the back office's pages. */
final class BackOfficeRoutes {
  private BackOfficeRoutes() {}

  /** A nod, opened on a page that it is for. */
  static String nod(String page, Optional<String> product, String nod) {
    return page(page, product) + "?nod=" + nod;
  }

  /** A page as it is at a moment of the shop's clock. */
  static String moment(String page, Optional<String> product, String shopTime) {
    return page(page, product) + "?as=" + shopTime;
  }

  private static String page(String page, Optional<String> product) {
    return "/pages/"
        + page
        + product.filter(_ -> !page.equals("listing")).map(slug -> "/" + slug).orElse("");
  }
}
