package nodyes.app;

import picocli.CommandLine;
import picocli.CommandLine.Command;

/** The command line. */
@Command(
    name = "nodyes",
    description = "Social proof for a small shop, each piece only where and while it is true.",
    subcommands = {
      ServeCommand.class,
      DemoCommand.class,
      PasswordCommand.class,
      BackupCommand.class,
      RestoreCommand.class
    },
    mixinStandardHelpOptions = true,
    synopsisSubcommandLabel = "(serve | demo | password | backup | restore)")
public final class NodYes {
  private NodYes() {}

  static CommandLine commandLine() {
    return new CommandLine(new NodYes())
        .setExecutionExceptionHandler(
            (failure, command, _) -> {
              command.getErr().println("Nod Yes could not do this: " + failure.getMessage());
              return 1;
            });
  }

  /**
   * Runs a command; its exit code is 0 where it went well, 1 where it could not start, 2 where the
   * command line is not understood.
   */
  public static void main(String[] args) {
    int code = commandLine().execute(args);
    if (code != 0) {
      System.exit(code);
    }
  }
}
