package nodyes.app;

import java.net.InetAddress;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import nodyes.server.people.Accounts;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

/** Runs it for a real shop. */
@Command(name = "serve", description = "Run it for your shop.", mixinStandardHelpOptions = true)
final class ServeCommand implements Callable<Integer> {
  @Option(names = "--port", defaultValue = "8080", description = "port (default: 8080)")
  private int port;

  @Option(
      names = "--listen",
      defaultValue = "127.0.0.1",
      description =
          "address to listen on (default: 127.0.0.1, this machine alone: a proxy before it adds"
              + " https)")
  private String listen = "127.0.0.1";

  @Option(
      names = "--public-address",
      description = "where people reach the back office, such as https://nods.shop.example")
  private @Nullable String publicAddress;

  @Option(
      names = "--trust-proxy",
      description = "address of a proxy before it; its X-Forwarded headers are believed")
  private List<String> proxies = new ArrayList<>();

  @Option(
      names = "--data",
      defaultValue = ".data/serve",
      description = "folder for all that is stored")
  private Path data = Path.of(".data/serve");

  @Mixin private ApiKeyOption apiKey = new ApiKeyOption();

  @Spec private CommandSpec spec = CommandSpec.create();

  @Override
  public Integer call() {
    check();
    if (ServerStart.isTaken(port)) {
      System.err.println("Port " + port + " is taken; choose another with --port.");
      return 1;
    }
    var server =
        new ServerStart(port, data)
            .listen(listen)
            .behind(publicAddress, proxies)
            .key(apiKey.read())
            .start();
    var says = new ArrayList<String>();
    says.add("Nod Yes runs: " + ServerStart.address(server, "localhost"));
    server
        .getBean(Accounts.class)
        .firstRunCode()
        .ifPresent(
            code -> says.add("It has no owner yet. Open it and give the one-time code: " + code));
    says.add("All it stores lies in " + data.toAbsolutePath());
    says.addAll(onTheWay());
    System.out.println(String.join("\n", says));
    return 0;
  }

  private void check() {
    for (String address : proxies) {
      literal("--trust-proxy", address);
    }
    literal("--listen", listen);
    if (publicAddress != null && !publicAddress.matches("https?://[^/?#\\s@]+/?")) {
      throw new ParameterException(
          spec.commandLine(),
          "--public-address is an address without a path, such as https://nods.shop.example, not "
              + publicAddress);
    }
  }

  private InetAddress literal(String option, String address) {
    try {
      return InetAddress.ofLiteral(address);
    } catch (IllegalArgumentException e) {
      throw new ParameterException(
          spec.commandLine(), option + " is an IP address such as 127.0.0.1, not " + address, e);
    }
  }

  /** What stands between it and the people who use it. */
  private List<String> onTheWay() {
    var says = new ArrayList<String>();
    boolean isHere = literal("--listen", listen).isLoopbackAddress();
    if (isHere && proxies.isEmpty()) {
      says.add(
          "It listens on this machine alone. To reach it from outside, put a proxy with https before"
              + " it and name it with --trust-proxy; docs/running.md says what the proxy must set.");
    }
    if (!isHere && proxies.isEmpty()) {
      says.add(
          "WARNING: it can be reached from outside by http, so passwords and keys travel in the"
              + " clear. Put a proxy with https before it, and name it with --trust-proxy.");
    }
    if (!proxies.isEmpty()) {
      says.add(
          "The proxy "
              + String.join(", ", proxies)
              + " must set X-Forwarded-For and X-Forwarded-Proto, throw away those that come to"
              + " it, and pass Host on.");
    }
    return says;
  }
}
