package nodyes.server.shop;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import nodyes.server.web.Refusal;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** What shoppers send comes from the shop's own pages; a page of another site cannot send it. */
@Component
public class ShopOrigin {
  private final Shop shop;

  ShopOrigin(Shop shop) {
    this.shop = shop;
  }

  /** Refuses what another page sends, or none; while no shop is connected there is none to name. */
  public void check(HttpServletRequest request) {
    Optional<String> own = shop.settings().origin();
    String origin = request.getHeader(HttpHeaders.ORIGIN);
    if (own.isEmpty() || own.get().equals(origin) || here(request).equals(origin)) {
      return;
    }
    throw new Refusal(
        HttpStatus.FORBIDDEN, "This is sent from the shop's own pages, and this is none of them.");
  }

  private static String here(HttpServletRequest request) {
    return ServletUriComponentsBuilder.fromRequestUri(request)
        .replacePath(null)
        .build()
        .toUriString();
  }
}
