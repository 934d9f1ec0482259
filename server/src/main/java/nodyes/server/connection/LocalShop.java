package nodyes.server.connection;

import static nodyes.server.messages.Texts.text;

import java.net.URI;
import nodyes.server.outbound.LocalShopStore;
import nodyes.server.shop.Shop;
import nodyes.server.web.ApiProblem;
import org.springframework.stereotype.Component;

/** Whether the shop may be opened though it is on this machine or in the owner's network. */
@Component
class LocalShop {
  private final LocalShopStore store;
  private final Shop shop;

  LocalShop(LocalShopStore store, Shop shop) {
    this.store = store;
    this.shop = shop;
  }

  /** The shop as its settings have it now, and nothing else there. */
  void allow() {
    String origin =
        shop.settings().origin().orElseThrow(() -> ApiProblem.unusable(text("pages.notConnected")));
    store.allow(URI.create(origin).getAuthority());
  }

  boolean isAllowed() {
    return store.allowed().isPresent();
  }

  void forbid() {
    store.forbid();
  }
}
