package nodyes.server.messages;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/**
 * The code and the catalogue agree: each key that is asked for is there and is given the values
 * that its text names, each text is asked for, and people read nothing that is written elsewhere.
 */
public class TextsUsedTest {
  private static final Path CODE = Path.of("src/main/java/nodyes/server");
  private static final Path CORE = Path.of("../core/src/main/java");
  private static final Pattern ASKED =
      Pattern.compile("\\b(?:text|Said\\.of|new Unfit)\\(\\s*\"([\\w.-]+)\"\\s*([,)])");
  private static final Pattern NAME = Pattern.compile("\"(\\w+)\"");
  private static final Pattern LITERAL = Pattern.compile("\"((?:[^\"\\\\]|\\\\.)*)\"");

  /** Two words of a language, which no key, name or pattern is. */
  private static final Pattern SENTENCE =
      Pattern.compile("\\p{L}[\\p{L}’']+,? \\p{Ll}[\\p{L}’']*[ .,:;’”]|\\p{Ll}{2,} \\p{Ll}{2,}");

  /**
   * A word with a value glued to it, as in {@code "Cell " + place}; names of tags and types end in
   * no space.
   */
  private static final Pattern GLUED = Pattern.compile("\"(\\p{Lu}\\p{Ll}+(?: |: ?))\"\\s*\\+");

  private Map<Path, String> code;
  private Map<Path, String> core;
  private Map<String, String> english;

  @BeforeClass
  public void read() throws IOException {
    code = read(CODE);
    core = read(CORE);
    english = Texts.catalogue("en");
  }

  private static Map<Path, String> read(Path from) throws IOException {
    try (var files = Files.walk(from)) {
      return files
          .filter(file -> file.toString().endsWith(".java"))
          .collect(Collectors.toMap(file -> file, TextsUsedTest::withoutComments));
    }
  }

  private static String withoutComments(Path file) {
    try {
      return Files.readString(file)
          .replaceAll("(?s)/\\*.*?\\*/", "")
          .replaceAll("(?m)^\\s*//.*$|(?<=[;{}]) //.*$", "");
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  /** The names among the values of a call, as they stand at every other place. */
  private static Set<String> given(String text, int from) {
    int depth = 1;
    var arguments = new java.util.ArrayList<String>();
    var one = new StringBuilder();
    for (int i = from; depth > 0; i++) {
      char c = text.charAt(i);
      if (c == '"') {
        int end = i + 1;
        while (text.charAt(end) != '"') {
          end += text.charAt(end) == '\\' ? 2 : 1;
        }
        one.append(text, i, end + 1);
        i = end;
        continue;
      }
      depth += c == '(' || c == '{' ? 1 : c == ')' || c == '}' ? -1 : 0;
      if ((c == ',' && depth == 1) || depth == 0) {
        arguments.add(one.toString().strip());
        one.setLength(0);
      } else {
        one.append(c);
      }
    }
    var names = new TreeSet<String>();
    for (int i = 0; i < arguments.size(); i += 2) {
      Matcher name = NAME.matcher(arguments.get(i));
      if (name.matches()) {
        names.add(name.group(1));
      }
    }
    return names;
  }

  @Test
  public void eachKeyThatIsAskedForIsThereWithTheValuesItNames() {
    var wrong = new TreeSet<String>();
    Stream.of(code, core)
        .flatMap(one -> one.entrySet().stream())
        .forEach(
            one -> {
              Path file = one.getKey();
              String text = one.getValue();
              Matcher asked = ASKED.matcher(text);
              while (asked.find()) {
                String key = asked.group(1);
                String message = english.get(key);
                if (message == null) {
                  wrong.add(key + " is not in the catalogue, " + file.getFileName());
                  continue;
                }
                Set<String> given =
                    asked.group(2).equals(",") ? given(text, asked.end()) : Set.<String>of();
                boolean isMap = asked.group(2).equals(",") && given.isEmpty();
                if (!isMap && !given.containsAll(CataloguesTest.values(message))) {
                  wrong.add(key + " is given " + given + ", " + file.getFileName());
                }
              }
            });
    assertEquals(wrong, Set.of());
  }

  @Test
  public void eachTextIsAskedFor() {
    String all = String.join("\n", code.values()) + String.join("\n", core.values());
    // keys that end in the name of something are put together
    var unused =
        english.keySet().stream()
            .filter(key -> !all.contains("\"" + key + "\""))
            .filter(key -> !all.contains("\"{" + key + "}\""))
            .filter(key -> starts(key).stream().noneMatch(start -> all.contains("\"" + start)))
            .collect(Collectors.toCollection(TreeSet::new));
    unused.removeIf(key -> key.startsWith("reasons."));
    assertEquals(unused, Set.of());
  }

  private static List<String> starts(String key) {
    var starts = new java.util.ArrayList<String>();
    for (int at = key.indexOf('.'); at >= 0; at = key.indexOf('.', at + 1)) {
      starts.add(key.substring(0, at + 1) + "\"");
    }
    return starts;
  }

  /** What programs and machines read: API documents, logs, trails, addresses, patterns, markup. */
  private static final Pattern NOT_FOR_PEOPLE =
      Pattern.compile(
          "@Operation|summary =|description =|LOG\\.|LoggerFactory|Pattern\\.compile|System\\."
              + "|IllegalStateException|UncheckedIOException|AssertionError|@SuppressWarnings"
              + "|Trail|trail\\.|DSL\\.|condition\\(|IllegalArgumentException|RuntimeException"
              + "|IOException|NoSuchElement|UnsupportedOperation");

  private static void add(Matcher literal, Path file, Set<String> found) {
    while (literal.find()) {
      String said = literal.group(1);
      if (SENTENCE.matcher(said).find() && !AllowedLiterals.WORDS.contains(said)) {
        found.add(file.getFileName() + ": " + said);
      }
    }
  }

  @Test
  public void peopleReadNothingThatIsWrittenInTheCode() {
    var found = new TreeSet<String>();
    code.forEach(
        (file, text) -> {
          if (AllowedLiterals.FILES.contains(String.valueOf(file.getFileName()))) {
            return;
          }
          for (String statement : text.split(";\\s*\\n")) {
            if (NOT_FOR_PEOPLE.matcher(statement).find()) {
              continue;
            }
            // a literal ends in the line that it begins in
            statement.lines().map(LITERAL::matcher).forEach(literal -> add(literal, file, found));
          }
        });
    assertTrue(found.isEmpty(), String.join("\n", found).replace("\\n", " "));
    assertTrue(SENTENCE.matcher("is no date").find());
  }

  /** "Cell " and "Added: " were put before what they speak of, in English whatever the language. */
  @Test
  public void noWordIsGluedToAValue() {
    var found = new TreeSet<String>();
    code.forEach(
        (file, text) -> {
          for (String statement : text.split(";\\s*\\n")) {
            Matcher glued = GLUED.matcher(statement);
            if (!NOT_FOR_PEOPLE.matcher(statement).find()
                && glued.find()
                && !AllowedLiterals.WORDS.contains(glued.group(1))) {
              found.add(file.getFileName() + ": " + glued.group(1));
            }
          }
        });
    assertEquals(found, Set.of());
  }
}
