package nodyes.app;

import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.attribute.BasicFileAttributes;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.concurrent.Callable;
import nodyes.demo.DemoFiles;
import nodyes.server.businessprofile.BusinessProfiles;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.shop.Shop;
import nodyes.server.visitors.SimulatedShoppers;
import nodyes.simulators.shop.DemoShop;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** Runs it with the demo shop. */
@Command(
    name = "demo",
    description = "Run it with a demo shop and its data, on this machine alone.",
    mixinStandardHelpOptions = true)
final class DemoCommand implements Callable<Integer> {
  private static final String MARK = "demo-data";

  /** Views of simulated shoppers in a minute. */
  private static final int SHOPPERS = 12;

  @Option(
      names = "--port",
      defaultValue = "8080",
      description = "port of Nod Yes (default: 8080; 0 for a free one)")
  private int port;

  @Option(
      names = "--shop-port",
      defaultValue = "8090",
      description = "port of the demo shop (default: 8090; 0 for a free one)")
  private int shopPort;

  @Option(
      names = "--data",
      defaultValue = ".data/demo",
      description = "folder for all that is stored")
  private Path data = Path.of(".data/demo");

  @Mixin private ApiKeyOption apiKey = new ApiKeyOption();

  @Option(names = "--fresh", description = "throw the demo's data away and begin anew")
  private boolean fresh;

  @Option(names = "--quiet", description = "no simulated shoppers until they are asked for")
  private boolean quiet;

  @Option(
      names = "--clock",
      description = "start the clock at this instant, such as 2026-11-26T14:20:00Z")
  private @Nullable Instant clock;

  @Override
  public Integer call() throws IOException, InterruptedException {
    for (int wanted : List.of(port, shopPort)) {
      if (ServerStart.isTaken(wanted)) {
        System.err.println(
            "Port "
                + wanted
                + " is taken, perhaps by another demo; choose others with --port and --shop-port.");
        return 1;
      }
    }
    if (fresh) {
      throwAway();
    }
    Files.createDirectories(data);
    Path files = data.resolve("files");
    var simulators = new Simulators(shopPort);
    HttpServer shopServer = DemoShop.bind(shopPort);
    ServerStart starting =
        new ServerStart(port, data)
            .loopback()
            .demo(apiKey.read(), clock)
            .simulators(simulators, shopServer.getAddress().getPort())
            .countries(Simulators.countries(files));
    var server = starting.start();
    String address = ServerStart.address(server, "127.0.0.1");
    if (!Files.exists(data.resolve(MARK))) {
      System.out.println("Filling the demo shop …");
      DemoFiles.write(files, server.getBean(Clock.class).instant());
      server.getBeanFactory().createBean(DemoLoader.class).load(files);
      Files.createFile(data.resolve(MARK));
    }
    Shop shop = server.getBean(Shop.class);
    // the shop under another host name: another site, so that no cookie is shared
    DemoShop demoShop =
        new DemoShop(
            shopServer,
            files.resolve(DemoFiles.CATALOGUE),
            address + "/nodyes.js",
            shop.settings().publicKey(),
            server.getBean(Clock.class));
    DemoLoader.connect(shop, "http://localhost:" + demoShop.port());
    DemoLoader.connect(server.getBean(BusinessProfiles.class), simulators.directoryService());
    SimulatedShoppers shoppers = server.getBean(SimulatedShoppers.class);
    shoppers.set(quiet ? 0 : SHOPPERS);
    var traffic =
        new DemoVisitors(
            // of the server that runs then: it may have gone back to a backup meanwhile
            () ->
                starting
                    .running()
                    .map(now -> now.getBean(SimulatedShoppers.class).perMinute())
                    .orElse(0),
            server.getBean(Catalogue.class),
            address,
            "http://localhost:" + demoShop.port(),
            shop.settings().publicKey());
    Runtime.getRuntime().addShutdownHook(new Thread(traffic::close));
    Runtime.getRuntime().addShutdownHook(new Thread(demoShop::close));
    Runtime.getRuntime().addShutdownHook(new Thread(simulators::close));
    System.out.println();
    System.out.println("  Back office   " + address + "   (signed in as the demo owner)");
    System.out.println("  Demo shop     http://localhost:" + demoShop.port());
    System.out.println("  Marketplace   " + simulators.marketplaceAddress());
    System.out.println("  To bring in   " + files.resolve(DemoFiles.TRY_ME).toAbsolutePath());
    System.out.println();
    System.out.println("Ctrl+C stops it; what you did is kept in " + data.toAbsolutePath());
    return 0;
  }

  /** Deletes what a demo stored, and nothing else: the folder must be one of a demo. */
  private void throwAway() throws IOException {
    if (!Files.exists(data.resolve(MARK))) {
      return;
    }
    Files.walkFileTree(
        data,
        new SimpleFileVisitor<>() {
          @Override
          public FileVisitResult visitFile(Path file, BasicFileAttributes attributes)
              throws IOException {
            Files.delete(file);
            return FileVisitResult.CONTINUE;
          }

          @Override
          public FileVisitResult postVisitDirectory(Path folder, @Nullable IOException failure)
              throws IOException {
            Files.delete(folder);
            return FileVisitResult.CONTINUE;
          }
        });
  }
}
