package nodyes.app;

import java.nio.file.Path;
import java.util.concurrent.Callable;
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
    System.out.println("Nod Yes runs: " + ServerStart.address(server, "localhost"));
    System.out.println("All it stores lies in " + data.toAbsolutePath());
    return 0;
  }
}
