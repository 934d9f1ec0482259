package nodyes.server.nods;

import static nodyes.server.messages.Texts.text;

import com.helger.css.ICSSSourceLocationAware;
import com.helger.css.decl.CSSDeclaration;
import com.helger.css.decl.CSSImportRule;
import com.helger.css.decl.CSSMediaRule;
import com.helger.css.decl.CSSSelector;
import com.helger.css.decl.CSSStyleRule;
import com.helger.css.decl.CascadingStyleSheet;
import com.helger.css.decl.ICSSTopLevelRule;
import com.helger.css.reader.CSSReader;
import com.helger.css.reader.CSSReaderSettings;
import com.helger.css.reader.errorhandler.CollectingCSSParseErrorHandler;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * The owner's own CSS for one nod. It stands in the nod's shadow tree, so its selectors reach
 * nothing else; what could reach out all the same, or fetch, is refused with its line.
 */
final class OwnCss {
  private static final int LONGEST = 10_000;
  private static final Pattern OUTSIDE =
      Pattern.compile(":host-context|:root|(^|[\\s>+~,(])(html|body)\\b", Pattern.CASE_INSENSITIVE);
  private static final Pattern FETCHES =
      Pattern.compile(
          "url\\s*\\(|image-set|expression\\s*\\(|src\\s*\\(", Pattern.CASE_INSENSITIVE);

  /** Where a part stands may not come from a variable: what that holds is not seen here. */
  private static final Set<String> POSITIONS = Set.of("static", "relative", "absolute");

  /** What would put the nod itself elsewhere on the page, or paint it over what is there. */
  private static final Pattern MOVES =
      Pattern.compile(
          "position|inset(-.*)?|top|right|bottom|left|transform(-.*)?|translate|rotate|scale|zoom"
              + "|offset(-.*)?|float|margin(-.*)?|anchor(-.*)?|animation(-.*)?|perspective(-.*)?");

  private static final Pattern NEGATIVE = Pattern.compile("(^|[\\s(,])-\\s*[\\d.]");

  /** In any rule: it takes back what keeps the nod in its place. */
  private static final Set<String> KEEPS =
      Set.of("contain", "all", "content-visibility", "overflow-clip-margin", "z-index");

  private static final Pattern AT_RULE = Pattern.compile("@([\\w-]+)");
  private static final Pattern AT_LINE = Pattern.compile("at line (\\d+)");

  private OwnCss() {}

  /** What is wrong with it, each with its line; nothing where it can be taken. */
  static List<String> problems(String css) {
    if (css.isBlank()) {
      return List.of();
    }
    if (css.length() > LONGEST) {
      return List.of(text("css.tooLong"));
    }
    if (css.contains("\\")) {
      return List.of(text("css.backslash", "line", line(css, css.indexOf('\\'))));
    }
    var errors = new CollectingCSSParseErrorHandler();
    var unread = new ArrayList<String>();
    CascadingStyleSheet sheet;
    try {
      sheet = read(css, errors, unread);
    } catch (RuntimeException e) {
      // the parser itself fails at a rule where it expects none, such as @import within @media
      return List.of(misplaced(css));
    }
    var problems = new ArrayList<String>();
    errors
        .getAllParseErrors()
        .forEach(
            error ->
                problems.add(
                    error.getFirstSkippedToken() == null
                        ? misplaced(css)
                        : text(
                            "css.lineUnreadable",
                            "line",
                            error.getFirstSkippedToken().getBeginLine())));
    if (sheet == null) {
      problems.addAll(unread);
      return problems.isEmpty() ? List.of(text("css.unreadable")) : problems;
    }
    for (CSSImportRule rule : sheet.getAllImportRules()) {
      problems.add(text("css.import", "line", at(rule)));
    }
    sheet.getAllRules().forEach(rule -> check(rule, problems));
    return problems;
  }

  private static @Nullable CascadingStyleSheet read(
      String css, CollectingCSSParseErrorHandler errors, List<String> unread) {
    return CSSReader.readFromStringReader(
        css,
        new CSSReaderSettings()
            .setBrowserCompliantMode(false)
            .setUseSourceLocation(true)
            .setCustomErrorHandler(errors)
            .setCustomExceptionHandler(broken -> unread.add(unreadable(broken.getMessage()))));
  }

  private static String misplaced(String css) {
    Matcher rule = AT_RULE.matcher(css);
    while (rule.find()) {
      if (!rule.group(1).equalsIgnoreCase("media")) {
        return text("css.atRule", "line", line(css, rule.start()), "rule", rule.group(1));
      }
    }
    return text("css.unreadable");
  }

  private static String unreadable(@Nullable String message) {
    Matcher line = AT_LINE.matcher(message == null ? "" : message);
    return line.find() ? text("css.lineUnreadable", "line", line.group(1)) : text("css.unreadable");
  }

  private static int line(String css, int index) {
    return (int) css.substring(0, index).chars().filter(c -> c == '\n').count() + 1;
  }

  private static void check(ICSSTopLevelRule rule, List<String> problems) {
    switch (rule) {
      case CSSStyleRule style -> {
        for (CSSSelector selector : style.getAllSelectors()) {
          if (OUTSIDE.matcher(selector.getAsCSSString()).find()) {
            problems.add(
                text("css.outside", "line", at(selector), "selector", selector.getAsCSSString()));
          }
        }
        boolean isHost =
            style.getAllSelectors().stream()
                .anyMatch(selector -> selector.getAsCSSString().contains(":host"));
        style.getAllDeclarations().forEach(declaration -> check(declaration, isHost, problems));
      }
      case CSSMediaRule media -> media.getAllRules().forEach(inner -> check(inner, problems));
      default ->
          problems.add(
              text(
                  "css.onlyRules",
                  "line",
                  rule instanceof ICSSSourceLocationAware placed ? at(placed) : ""));
    }
  }

  private static void check(CSSDeclaration declaration, boolean isHost, List<String> problems) {
    String property = declaration.getProperty().toLowerCase(Locale.ROOT);
    String value = declaration.getExpressionAsCSSString().toLowerCase(Locale.ROOT);
    if (FETCHES.matcher(value).find()) {
      problems.add(text("css.fetches", "line", at(declaration), "property", property));
    }
    if (property.equals("position") && !POSITIONS.contains(value.strip())) {
      problems.add(text("css.leaves", "line", at(declaration), "property", "position: " + value));
    }
    if (KEEPS.contains(property)) {
      problems.add(text("css.overPage", "line", at(declaration), "property", property));
    }
    boolean isMoved =
        isHost
            && MOVES.matcher(property).matches()
            && (!property.startsWith("margin")
                || NEGATIVE.matcher(value).find()
                || value.contains("(")
                || value.contains("--"));
    if (isMoved && !property.equals("position")) {
      problems.add(text("css.overPage", "line", at(declaration), "property", property));
    }
    if (isHost && property.equals("position") && !value.strip().equals("relative")) {
      problems.add(text("css.overPage", "line", at(declaration), "property", property));
    }
  }

  private static String at(ICSSSourceLocationAware placed) {
    return Optional.ofNullable(placed.getSourceLocation())
        .map(location -> String.valueOf(location.getFirstTokenBeginLineNumber()))
        .orElse("none");
  }
}
