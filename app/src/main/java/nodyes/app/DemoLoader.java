package nodyes.app;

import static nodyes.server.messages.Texts.text;

import java.io.IOException;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import nodyes.core.review.LeaveOutReason;
import nodyes.core.review.PublicationPolicy;
import nodyes.core.review.ReviewStatus;
import nodyes.demo.DemoFiles;
import nodyes.server.businessprofile.BusinessProfiles;
import nodyes.server.catalogue.CatalogueImport;
import nodyes.server.imports.ImportOptions;
import nodyes.server.imports.ImportState;
import nodyes.server.imports.ImportView;
import nodyes.server.imports.ReviewImports;
import nodyes.server.moderation.Moderation;
import nodyes.server.nods.Nods;
import nodyes.server.orders.OrderImport;
import nodyes.server.reviews.ReviewFilter;
import nodyes.server.reviews.Reviews;
import nodyes.server.shop.Shop;
import nodyes.server.shop.ShopSettings;
import nodyes.server.submissions.NotificationFrequency;
import nodyes.server.submissions.ReviewSubmissions;
import nodyes.server.web.JsonLines;
import nodyes.simulators.businessdirectory.BusinessDirectory;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.config.AutowireCapableBeanFactory;

/** Fills a new installation with the demo shop's files, through the same code as an owner's. */
final class DemoLoader {
  private static final String OWNER = "Beatriz";
  private static final int AT_ONCE = 2000;
  private static final int LEAST_STARS = 3;
  private static final int EVERY_HOURS = 24;

  private final CatalogueImport catalogue;
  private final OrderImport orders;
  private final ReviewImports bringIn;
  private final Reviews reviews;
  private final Moderation moderation;
  private final ReviewSubmissions own;
  private final AutowireCapableBeanFactory beans;
  private final Nods nods;
  private final Shop shop;
  private final Clock clock;

  DemoLoader(
      CatalogueImport catalogue,
      OrderImport orders,
      ReviewImports bringIn,
      Reviews reviews,
      Moderation moderation,
      ReviewSubmissions own,
      AutowireCapableBeanFactory beans,
      Nods nods,
      Shop shop,
      Clock clock) {
    this.catalogue = catalogue;
    this.orders = orders;
    this.bringIn = bringIn;
    this.reviews = reviews;
    this.moderation = moderation;
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
    bring(files.resolve(DemoFiles.SHOP_REVIEWS), null);
    bring(files.resolve(DemoFiles.STALL_REVIEWS), BigDecimal.TEN);
    publishAllButAFew();
    bring(files.resolve(DemoFiles.NEW_REVIEWS), null);
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

  /** Two held for a question and one left out as a copy, as on any desk. */
  private void publishAllButAFew() {
    List<Long> ids = waiting();
    moderation.move(
        new HashSet<>(ids.subList(0, 2)), ReviewStatus.ON_HOLD, Optional.empty(), OWNER);
    moderation.move(
        new HashSet<>(ids.subList(2, 3)),
        ReviewStatus.LEFT_OUT,
        Optional.of(LeaveOutReason.A_COPY),
        OWNER);
    for (List<Long> some = waiting(); !some.isEmpty(); some = waiting()) {
      moderation.move(new HashSet<>(some), ReviewStatus.PUBLISHED, Optional.empty(), OWNER);
    }
  }

  private List<Long> waiting() {
    return reviews.ids(ReviewFilter.in(ReviewStatus.PENDING), AT_ONCE);
  }

  private void bring(Path file, @Nullable BigDecimal best)
      throws IOException, InterruptedException {
    String name = String.valueOf(file.getFileName());
    ImportView looked;
    try (var in = Files.newInputStream(file)) {
      looked = bringIn.look(name, in, OWNER);
    }
    ImportView read = bringIn.readNow(looked.id(), ImportOptions.FOUND.permitted(best), OWNER);
    if (read.state() != ImportState.DONE || read.counts().unreadable() > 0) {
      throw new IllegalStateException(name + " was not read whole: " + read);
    }
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
