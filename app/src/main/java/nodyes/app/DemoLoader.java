package nodyes.app;

import static nodyes.server.messages.Texts.text;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
import nodyes.core.review.PublicationPolicy;
import nodyes.demo.DemoFiles;
import nodyes.server.businessprofile.BusinessProfiles;
import nodyes.server.catalogue.CatalogueImport;
import nodyes.server.nods.Nods;
import nodyes.server.orders.OrderImport;
import nodyes.server.shop.Shop;
import nodyes.server.shop.ShopSettings;
import nodyes.server.submissions.NotificationFrequency;
import nodyes.server.submissions.ReviewSubmissions;
import nodyes.server.web.JsonLines;
import nodyes.simulators.businessdirectory.BusinessDirectory;
import org.springframework.beans.factory.config.AutowireCapableBeanFactory;

/** Fills a new installation with the demo shop's files, through the same code as an owner's. */
final class DemoLoader {
  static final String OWNER = "Beatriz";
  private static final int LEAST_STARS = 3;
  private static final int EVERY_HOURS = 24;

  private final CatalogueImport catalogue;
  private final OrderImport orders;
  private final ReviewSubmissions own;
  private final AutowireCapableBeanFactory beans;
  private final Nods nods;
  private final Shop shop;
  private final Clock clock;

  DemoLoader(
      CatalogueImport catalogue,
      OrderImport orders,
      ReviewSubmissions own,
      AutowireCapableBeanFactory beans,
      Nods nods,
      Shop shop,
      Clock clock) {
    this.catalogue = catalogue;
    this.orders = orders;
    this.own = own;
    this.beans = beans;
    this.nods = nods;
    this.shop = shop;
    this.clock = clock;
  }

  void load(Path files) throws IOException, InterruptedException {
    ShopSettings settings = shop.settings();
    shop.save(
        new ShopSettings(
            "Quillwort Garden Goods",
            settings.publicKey(),
            "EUR",
            DemoFiles.ZONE,
            settings.address(),
            "/products/{product}?variant={variant}",
            "/categories/{category}",
            "/basket"));
    try (var reader = Files.newBufferedReader(files.resolve(DemoFiles.CATALOGUE))) {
      whole(DemoFiles.CATALOGUE, catalogue.read(reader));
    }
    try (var reader = Files.newBufferedReader(files.resolve(DemoFiles.ORDERS))) {
      whole(DemoFiles.ORDERS, orders.read(reader));
    }
    beans.createBean(DemoReviews.class).bring(files);
    own.follow(PublicationPolicy.MANUAL, NotificationFrequency.SOON, "beatriz@quillwort.example");
    DemoSubmissions ownReviews = beans.createBean(DemoSubmissions.class);
    ownReviews.publish();
    ownReviews.wait(
        "celadon-planter", 5, "Drains well, and the saucer keeps the floor dry.", "Mara");
    ownReviews.wait(
        "celadon-planter", 2, "The glaze was chipped at the foot when it came.", "Otto B.");
    nods.place(OWNER, DemoNods.all());
    LocalDate today = LocalDate.ofInstant(clock.instant(), DemoFiles.ZONE);
    nods.changeDelivery(() -> text("changes.delivery"), OWNER, _ -> DemoDelivery.settings(today));
    nods.publish(OWNER, "");
    beans.createBean(DemoPeople.class).fill();
  }

  private static void whole(String name, JsonLines.Result result) {
    if (!result.problems().isEmpty()) {
      throw new IllegalStateException(name + " was not read whole: " + result.problems());
    }
  }

  /** Tells the installation where the demo's business directory is this time. */
  static void connect(BusinessProfiles listing, String service) {
    if (listing.find().filter(found -> found.connection().service().equals(service)).isEmpty()) {
      listing.connect(
          new BusinessProfiles.Connection(
              service, BusinessDirectory.PLACE, LEAST_STARS, EVERY_HOURS),
          Optional.of(BusinessDirectory.KEY));
    }
  }

  /** Tells the installation where the demo shop's pages are this time. */
  static void connect(Shop shop, String address) {
    ShopSettings now = shop.settings();
    if (!now.address().equals(address)) {
      shop.save(
          new ShopSettings(
              now.name(),
              now.publicKey(),
              now.currency(),
              now.zone(),
              address,
              now.productPath(),
              now.listingPath(),
              now.basketPath()));
    }
  }
}
