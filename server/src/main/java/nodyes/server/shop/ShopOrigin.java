package nodyes.server.shop;

import static nodyes.server.messages.Texts.text;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import nodyes.server.web.ApiProblem;
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
    throw new ApiProblem(HttpStatus.FORBIDDEN, text("shop.onlyFromShop"));
  }

  private static String here(HttpServletRequest request) {
    return ServletUriComponentsBuilder.fromRequestUri(request)
        .replacePath(null)
        .build()
        .toUriString();
  }
}
