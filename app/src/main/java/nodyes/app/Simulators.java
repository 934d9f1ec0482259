package nodyes.app;

import java.io.IOException;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import nodyes.simulators.businessdirectory.BusinessDirectory;
import nodyes.simulators.mail.MailCatcher;
import nodyes.simulators.marketplace.Marketplace;
import nodyes.simulators.translator.TranslatorService;

/** The demo's stand-ins for outside services, each on an origin of its own. */
final class Simulators implements AutoCloseable {
  private final Marketplace marketplace;
  private final BusinessDirectory directory;
  private final TranslatorService translator;
  private final MailCatcher mail;

  /** Starts them on the ports behind the shop's, or on free ones where these are taken. */
  Simulators(int shopPort) {
    marketplace = new Marketplace(port(shopPort, 1));
    directory = new BusinessDirectory(port(shopPort, 2));
    translator = new TranslatorService(port(shopPort, 3));
    mail = new MailCatcher(port(shopPort, 4));
  }

  private static int port(int shopPort, int behind) {
    int wanted = shopPort + behind;
    return shopPort == 0 || wanted > 65_535 || ServerStart.isTaken(wanted) ? 0 : wanted;
  }

  /** Writes the stand-in for a database of countries by address, where it is not yet. */
  static Path countries(Path folder) throws IOException {
    Path file = folder.resolve("countries-by-address.csv");
    Files.createDirectories(folder);
    try (var in =
        Objects.requireNonNull(
            Marketplace.class.getResourceAsStream("/nodyes/simulators/addresses/countries.csv"))) {
      Files.copy(in, file, StandardCopyOption.REPLACE_EXISTING);
    }
    return file;
  }

  String directoryService() {
    return directory.service();
  }

  String translatorService() {
    return translator.service();
  }

  int mailPort() {
    return mail.smtpPort();
  }

  String marketplaceAddress() {
    return marketplace.address();
  }

  /** Where each answers, by what it stands for. */
  Map<String, String> addresses() {
    var addresses = new LinkedHashMap<String, String>();
    addresses.put("marketplace", marketplace.address());
    addresses.put("business-directory", directory.service());
    addresses.put("translator", translator.service());
    addresses.put("mail-server", mail.address());
    return addresses;
  }

  /** Their hosts and ports, with the demo shop's: they may be asked though they are on loopback. */
  List<String> hosts(int shopPort) {
    return Stream.concat(
            addresses().values().stream().map(address -> URI.create(address).getAuthority()),
            Stream.of("localhost:" + shopPort))
        .toList();
  }

  @Override
  public void close() {
    marketplace.close();
    directory.close();
    translator.close();
    mail.close();
  }
}
