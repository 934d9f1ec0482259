package nodyes.server.nods;

import nodyes.core.recognition.ShopAddresses;
import nodyes.server.shop.Shop;
import org.springframework.stereotype.Component;

/** How the shop's addresses are built: as its settings say, and as the owner showed besides. */
@Component
public class KnownAddresses {
  private final Shop shop;
  private final Nods nods;

  KnownAddresses(Shop shop, Nods nods) {
    this.shop = shop;
    this.nods = nods;
  }

  /** As shoppers' pages are read. */
  public ShopAddresses published() {
    return shop.settings().addresses().and(nods.published().pages());
  }

  /** As they will be once the draft is published. */
  public ShopAddresses drafted() {
    return shop.settings().addresses().and(nods.draft().pages());
  }
}
