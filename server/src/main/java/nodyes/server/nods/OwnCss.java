package nodyes.server.nods;

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
import com.helger.css.reader.errorhandler.CSSParseError;
import com.helger.css.reader.errorhandler.CollectingCSSParseErrorHandler;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
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
  private static final Pattern LEAVES = Pattern.compile("\\bfixed\\b|\\bsticky\\b");

  private static final Pattern AT_LINE = Pattern.compile("at line (\\d+)");

  private OwnCss() {}

  /** What is wrong with it, each with its line; nothing where it can be taken. */
  static List<String> problems(String css) {
    if (css.isBlank()) {
      return List.of();
    }
    if (css.length() > LONGEST) {
      return List.of("is at most 10,000 characters");
    }
    if (css.contains("\\")) {
      return List.of("line " + line(css, css.indexOf('\\')) + ": write it without a backslash");
    }
    var errors = new CollectingCSSParseErrorHandler();
    var unread = new ArrayList<String>();
    CascadingStyleSheet sheet =
        CSSReader.readFromStringReader(
            css,
            new CSSReaderSettings()
                .setBrowserCompliantMode(false)
                .setUseSourceLocation(true)
                .setCustomErrorHandler(errors)
                .setCustomExceptionHandler(
                    broken -> unread.add(where(broken.getMessage()) + "cannot be read")));
    var problems = new ArrayList<String>();
    errors.getAllParseErrors().forEach(error -> problems.add(where(error) + " cannot be read"));
    if (sheet == null) {
      problems.addAll(unread);
      return problems.isEmpty() ? List.of("cannot be read as CSS") : problems;
    }
    for (CSSImportRule rule : sheet.getAllImportRules()) {
      problems.add(at(rule) + "@import would fetch from elsewhere");
    }
    sheet.getAllRules().forEach(rule -> check(rule, problems));
    return problems;
  }

  private static String where(CSSParseError error) {
    return "line " + error.getFirstSkippedToken().getBeginLine();
  }

  private static String where(@Nullable String message) {
    Matcher line = AT_LINE.matcher(message == null ? "" : message);
    return line.find() ? "line " + line.group(1) + " " : "";
  }

  private static int line(String css, int index) {
    return (int) css.substring(0, index).chars().filter(c -> c == '\n').count() + 1;
  }

  private static void check(ICSSTopLevelRule rule, List<String> problems) {
    switch (rule) {
      case CSSStyleRule style -> {
        for (CSSSelector selector : style.getAllSelectors()) {
          if (OUTSIDE.matcher(selector.getAsCSSString()).find()) {
            problems.add(at(selector) + selector.getAsCSSString() + " would reach outside the nod");
          }
        }
        style.getAllDeclarations().forEach(declaration -> check(declaration, problems));
      }
      case CSSMediaRule media -> media.getAllRules().forEach(inner -> check(inner, problems));
      default ->
          problems.add(
              (rule instanceof ICSSSourceLocationAware placed ? at(placed) : "")
                  + "only rules and @media can stand here");
    }
  }

  private static void check(CSSDeclaration declaration, List<String> problems) {
    String property = declaration.getProperty().toLowerCase(Locale.ROOT);
    String value = declaration.getExpressionAsCSSString();
    if (FETCHES.matcher(value).find()) {
      problems.add(at(declaration) + property + " would fetch from elsewhere");
    }
    if (property.equals("position") && LEAVES.matcher(value.toLowerCase(Locale.ROOT)).find()) {
      problems.add(at(declaration) + "position: " + value + " would leave the nod");
    }
    if (property.equals("contain")) {
      problems.add(at(declaration) + "contain keeps the nod from being painted over the page");
    }
    if (property.equals("z-index")) {
      problems.add(at(declaration) + "z-index would lie over the shop's own page");
    }
  }

  private static String at(ICSSSourceLocationAware placed) {
    return Optional.ofNullable(placed.getSourceLocation())
        .map(location -> "line " + location.getFirstTokenBeginLineNumber() + ": ")
        .orElse("");
  }
}
