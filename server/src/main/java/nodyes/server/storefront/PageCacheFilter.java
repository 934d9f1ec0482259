package nodyes.server.storefront;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import nodyes.server.geo.CountryResolver;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Answers a page that is kept as ready bytes, before anything else looks at the request: a hit
 * touches neither database nor JSON.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class PageCacheFilter extends OncePerRequestFilter {
  private final PageResponseCache cache;
  private final ResponseWriter writer;
  private final CountryResolver where;

  PageCacheFilter(PageResponseCache cache, ResponseWriter writer, CountryResolver where) {
    this.cache = cache;
    this.writer = writer;
    this.where = where;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (request.getRequestURI().equals("/embed/v1/page") && request.getMethod().equals("GET")) {
      String address = PageResponseCache.address(request, where);
      Optional<CachedResponse> ready = address == null ? Optional.empty() : cache.find(address);
      if (ready.isPresent()) {
        writer.write(ready.get(), request, response);
        return;
      }
    }
    chain.doFilter(request, response);
  }
}
