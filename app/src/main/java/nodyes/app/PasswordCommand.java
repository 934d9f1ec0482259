package nodyes.app;

import java.io.BufferedReader;
import java.io.Console;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.Charset;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import nodyes.server.people.AtTheMachine;
import nodyes.server.people.AtTheMachine.SecondStep;
import nodyes.server.web.ApiProblem;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** The way in for whoever has the machine, when a password or a second step is lost. */
@Command(
    name = "password",
    description = "Set a person's password anew; asks for it, or reads a line.",
    mixinStandardHelpOptions = true)
final class PasswordCommand implements Callable<Integer> {
  @Parameters(paramLabel = "EMAIL", description = "whose password it is")
  private String email = "";

  @Option(
      names = "--data",
      defaultValue = ".data/serve",
      description = "folder for all that is stored")
  private Path data = Path.of(".data/serve");

  @Option(names = "--second-step-off", description = "take the person's second step away too")
  private boolean secondStepOff;

  @Override
  public Integer call() throws IOException {
    if (!Files.isDirectory(data)) {
      System.err.println("There is nothing stored in " + data.toAbsolutePath() + "; give --data.");
      return 1;
    }
    String password = read();
    if (password == null) {
      System.err.println("No password was given.");
      return 1;
    }
    try {
      AtTheMachine.setPassword(
          data, email, password, secondStepOff ? SecondStep.OFF : SecondStep.AS_IT_IS);
    } catch (ApiProblem refusal) {
      System.err.println(
          refusal.faults().isEmpty()
              ? refusal.getMessage()
              : "The password " + refusal.faults().getFirst().reason() + ".");
      return 1;
    }
    System.out.println("The password is set. All devices of " + email + " are signed out.");
    return 0;
  }

  /** Typed unseen where there is a terminal; else the first line that comes in. */
  @SuppressWarnings("SystemConsoleNull") // there is none where the input is no terminal
  private static @Nullable String read() throws IOException {
    Console console = System.console();
    if (console != null && console.isTerminal()) {
      char[] typed = console.readPassword("New password: ");
      return typed == null ? null : new String(typed);
    }
    return new BufferedReader(new InputStreamReader(System.in, Charset.defaultCharset()))
        .readLine();
  }
}
