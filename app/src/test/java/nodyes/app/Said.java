package nodyes.app;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.InputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;

/** What a command said, and its exit code. */
record Said(int code, String text) {
  /** Runs a command; {@code typed} is what comes in. */
  static Said of(String typed, String... command) {
    InputStream in = System.in;
    PrintStream out = System.out;
    PrintStream err = System.err;
    var said = new ByteArrayOutputStream();
    try {
      System.setIn(new ByteArrayInputStream(typed.getBytes(StandardCharsets.UTF_8)));
      System.setOut(new PrintStream(said, true, StandardCharsets.UTF_8));
      System.setErr(System.out);
      int code = NodYes.commandLine().execute(command);
      return new Said(code, said.toString(StandardCharsets.UTF_8));
    } finally {
      System.setIn(in);
      System.setOut(out);
      System.setErr(err);
    }
  }
}
