package nodyes.server.storefront;

import jakarta.servlet.http.HttpServletRequest;
import nodyes.server.geo.CountryResolver;
import nodyes.server.shop.Shop;
import nodyes.server.storefront.CachedResponse.KeptBy;
import org.springframework.stereotype.Component;

/** What shoppers get, kept by address where the address says all that it depends on. */
@Component
class PublishedPages {
  private final PageResponses responses;
  private final PageResponseCache cache;
  private final Shop shop;
  private final CountryResolver where;

  PublishedPages(
      PageResponses responses, PageResponseCache cache, Shop shop, CountryResolver where) {
    this.responses = responses;
    this.cache = cache;
    this.shop = shop;
    this.where = where;
  }

  CachedResponse answer(
      AskedPage page, PageApi.Asked asked, KeptBy keptBy, HttpServletRequest request) {
    if (asked.shop() != null && !asked.shop().equals(shop.settings().publicKey())) {
      return responses.empty(page);
    }
    String address = PageResponseCache.address(request, where);
    // without a language in the address the answer depends on a header, so it is not kept by it
    return asked.lang() == null || address == null
        ? responses.published(page, KeptBy.BROWSER)
        : cache.fill(address, () -> responses.published(page, keptBy));
  }
}
