package nodyes.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.sun.source.tree.CaseTree;
import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.DefaultCaseLabelTree;
import com.sun.source.tree.ExpressionTree;
import com.sun.source.tree.SwitchExpressionTree;
import com.sun.source.tree.SwitchTree;
import com.sun.source.tree.Tree;
import com.sun.source.util.JavacTask;
import com.sun.source.util.TreePath;
import com.sun.source.util.TreePathScanner;
import com.sun.source.util.Trees;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import javax.lang.model.element.ElementKind;
import javax.lang.model.element.Modifier;
import javax.lang.model.element.TypeElement;
import javax.lang.model.type.DeclaredType;
import javax.lang.model.type.TypeKind;
import javax.tools.DiagnosticCollector;
import javax.tools.JavaFileObject;
import javax.tools.ToolProvider;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * A {@code default} in a switch over enums or sealed types of ours takes in what is added to them
 * later without a word: what a new condition needs loaded was skipped so. Each case is named, and
 * the compiler tells of a new one.
 */
public class ClosedFamiliesTest {
  @DataProvider
  public Object[][] modules() {
    return new Object[][] {{"../core"}, {"../server"}, {"../demo"}, {"../app"}, {"../simulators"}};
  }

  @Test(dataProvider = "modules")
  public void noSwitchOverOurOwnFamiliesHasADefault(String module) throws IOException {
    Path code = Path.of(module, "src/main/java");
    assertEquals(defaults(sources(code)), List.of());
  }

  /** What the rule is for is found where it is: a rule that finds nothing would hold nothing. */
  @Test
  public void aDefaultOverASealedTypeIsFound() throws IOException {
    Path file = Files.createTempDirectory("nodyes-families").resolve("Sample.java");
    Files.writeString(
        file,
        """
        package nodyes.sample;
        class Sample {
          sealed interface Shape permits Round, Square {}
          record Round() implements Shape {}
          record Square() implements Shape {}
          int corners(Shape shape) {
            return switch (shape) {
              case Square _ -> 4;
              default -> 0;
            };
          }
        }
        """);
    assertEquals(defaults(List.of(file)), List.of("Sample.java:7 Shape"));
    Files.delete(file);
    Files.delete(file.getParent());
  }

  private static List<Path> sources(Path code) throws IOException {
    try (Stream<Path> files = Files.walk(code)) {
      return files.filter(file -> file.toString().endsWith(".java")).toList();
    }
  }

  private static List<String> defaults(List<Path> files) throws IOException {
    var compiler = ToolProvider.getSystemJavaCompiler();
    // what another module lacks on this class path is none of this test's business
    var ignored = new DiagnosticCollector<JavaFileObject>();
    try (var manager = compiler.getStandardFileManager(ignored, null, null)) {
      String path =
          System.getProperty("surefire.test.class.path", System.getProperty("java.class.path"));
      var options = List.of("-proc:none", "-cp", path, "-XDshould-stop.ifError=FLOW");
      var units = manager.getJavaFileObjectsFromPaths(files);
      var task = (JavacTask) compiler.getTask(null, manager, ignored, options, null, units);
      var found = new ArrayList<String>();
      Trees trees = Trees.instance(task);
      var parsed = new ArrayList<CompilationUnitTree>();
      task.parse().forEach(parsed::add);
      task.analyze();
      assertTrue(parsed.size() == files.size());
      parsed.forEach(unit -> new Switches(unit, trees, found).scan(unit, null));
      return found;
    }
  }

  /** Finds switches with a default over types of ours that are closed. */
  private static final class Switches extends TreePathScanner<Void, Void> {
    private final CompilationUnitTree unit;
    private final Trees trees;
    private final List<String> found;

    Switches(CompilationUnitTree unit, Trees trees, List<String> found) {
      this.unit = unit;
      this.trees = trees;
      this.found = found;
    }

    @Override
    public Void visitSwitch(SwitchTree tree, Void nothing) {
      check(tree, tree.getExpression(), tree.getCases());
      return super.visitSwitch(tree, null);
    }

    @Override
    public Void visitSwitchExpression(SwitchExpressionTree tree, Void nothing) {
      check(tree, tree.getExpression(), tree.getCases());
      return super.visitSwitchExpression(tree, null);
    }

    private void check(Tree tree, ExpressionTree over, List<? extends CaseTree> cases) {
      boolean hasDefault =
          cases.stream()
              .flatMap(one -> one.getLabels().stream())
              .anyMatch(DefaultCaseLabelTree.class::isInstance);
      var type = trees.getTypeMirror(TreePath.getPath(unit, over));
      if (hasDefault
          && type != null
          && type.getKind() == TypeKind.DECLARED
          && ((DeclaredType) type).asElement() instanceof TypeElement family
          && isClosed(family)) {
        long at = trees.getSourcePositions().getStartPosition(unit, tree);
        found.add(
            Path.of(unit.getSourceFile().getName()).getFileName()
                + ":"
                + unit.getLineMap().getLineNumber(at)
                + " "
                + family.getSimpleName());
      }
    }

    private static boolean isClosed(TypeElement family) {
      return family.getQualifiedName().toString().startsWith("nodyes.")
          && (family.getKind() == ElementKind.ENUM
              || family.getModifiers().contains(Modifier.SEALED));
    }
  }
}
