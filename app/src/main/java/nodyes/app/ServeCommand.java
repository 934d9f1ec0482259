package nodyes.app;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.concurrent.Callable;
import nodyes.server.people.People;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/** Runs it for a real shop. */
@Command(name = "serve", description = "Run it for your shop.", mixinStandardHelpOptions = true)
final class ServeCommand implements Callable<Integer> {
  @Option(names = "--port", defaultValue = "8080", description = "port (default: 8080)")
  private int port;

  @Option(
      names = "--data",
      defaultValue = ".data/serve",
      description = "folder for all that is stored")
  private Path data = Path.of(".data/serve");

  @Override
  public Integer call() {
    if (ServerStart.isTaken(port)) {
      System.err.println("Port " + port + " is taken; choose another with --port.");
      return 1;
    }
    var server = new ServerStart(port, data).start();
    var says = new ArrayList<String>();
    says.add("Nod Yes runs: " + ServerStart.address(server, "localhost"));
    server
        .getBean(People.class)
        .firstRunCode()
        .ifPresent(
            code -> says.add("It has no owner yet. Open it and give the one-time code: " + code));
    says.add("All it stores lies in " + data.toAbsolutePath());
    System.out.println(String.join("\n", says));
    return 0;
  }
}
