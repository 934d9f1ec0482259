package nodyes.app;

import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nodyes.server.NodYesServer;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/** Starts the server with the options of a command. */
final class ServerStart {
  private final List<String> arguments = new ArrayList<>();
  private final Restoring restoring;
  private volatile @Nullable ConfigurableApplicationContext running;

  ServerStart(int port, Path data) {
    restoring = new Restoring(data, this::stop, this::start);
    set("server.port", String.valueOf(port));
    set("nodyes.data", data.toAbsolutePath().toString());
  }

  ServerStart listen(String address) {
    return set("server.address", address);
  }

  ServerStart loopback() {
    return listen("127.0.0.1");
  }

  /** What stands before it. */
  ServerStart behind(@Nullable String publicAddress, List<String> proxies) {
    if (publicAddress != null) {
      set("nodyes.address", publicAddress.replaceAll("/$", ""));
    }
    if (!proxies.isEmpty()) {
      set("nodyes.proxies", String.join(",", proxies));
    }
    return this;
  }

  ServerStart key(@Nullable String apiKey) {
    return apiKey == null ? this : set("nodyes.api-key", apiKey);
  }

  ServerStart demo(@Nullable String apiKey, @Nullable Instant clock) {
    set("nodyes.demo", "true");
    key(apiKey);
    if (clock != null) {
      set("nodyes.clock", clock.toString());
    }
    return this;
  }

  ServerStart simulators(Simulators simulators, int shopPort) {
    simulators.addresses().forEach((name, address) -> set("nodyes.simulators." + name, address));
    set("nodyes.translator", simulators.translatorService());
    set("spring.mail.host", "127.0.0.1");
    set("spring.mail.port", String.valueOf(simulators.mailPort()));
    set("nodyes.mail-from", "nod-yes@quillwort.example");
    return set("nodyes.trusted-hosts", String.join(",", simulators.hosts(shopPort)));
  }

  /** Looks countries up in a file as RFC 8805 has it. */
  ServerStart countries(Path file) {
    return set("nodyes.geofeed-file", file.toAbsolutePath().toString());
  }

  ConfigurableApplicationContext start() {
    var server =
        new SpringApplicationBuilder(NodYesServer.class)
            .initializers(
                context -> context.getBeanFactory().registerSingleton("restoring", restoring))
            .run(arguments.toArray(String[]::new));
    running = server;
    return server;
  }

  Restoring restoring() {
    return restoring;
  }

  /** What runs now: another one after it went back to a backup. */
  Optional<ConfigurableApplicationContext> running() {
    return Optional.ofNullable(running).filter(ConfigurableApplicationContext::isActive);
  }

  private void stop() {
    running().ifPresent(ConfigurableApplicationContext::close);
  }

  private ServerStart set(String name, String value) {
    arguments.add("--" + name + "=" + value);
    return this;
  }

  /** Whether something else answers on the port already. */
  static boolean isTaken(int port) {
    if (port == 0) {
      return false;
    }
    try (var socket = new ServerSocket()) {
      socket.setReuseAddress(true);
      socket.bind(new InetSocketAddress(InetAddress.getLoopbackAddress(), port));
      return false;
    } catch (IOException e) {
      return true;
    }
  }

  static String address(ConfigurableApplicationContext server, String host) {
    return "http://" + host + ":" + server.getEnvironment().getProperty("local.server.port");
  }
}
