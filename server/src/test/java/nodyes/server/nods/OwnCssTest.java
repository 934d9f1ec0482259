package nodyes.server.nods;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The owner's CSS for one nod: what stays inside is taken, what would reach out is refused. */
public class OwnCssTest {
  @DataProvider
  Object[][] staysInside() {
    return new Object[][] {
      {""},
      {".stars { letter-spacing: 2px }"},
      {":host { outline: 1px solid }\n@media (max-width: 500px) { p { color: #123 } }"},
      {".words::before { content: '“' }"},
    };
  }

  @Test(dataProvider = "staysInside")
  public void whatStaysInsideIsTaken(String css) {
    assertEquals(OwnCss.problems(css), List.of());
  }

  @DataProvider
  Object[][] reachesOut() {
    return new Object[][] {
      {"p { color: red }\nbody { display: none }", "line 2", "outside"},
      {":root { --x: 1 }", "line 1", "outside"},
      {":host-context(main) p { color: red }", "line 1", "outside"},
      {"p {\n  position: fixed;\n}", "line 2", "leave"},
      {"p { background: url(https://elsewhere.example/x.png) }", "line 1", "fetch"},
      {"@import 'https://elsewhere.example/x.css';", "line 1", "fetch"},
      {"@font-face { font-family: x; src: url(x) }", "line 1", "only rules"},
      {"p { z-index: 99999 }", "line 1", "over"},
      {"p { back\\ground: u\\rl(x) }", "line 1", "backslash"},
      {"p { color: red", "line 1", "read"},
      {"p { --p: fixed; position: var(--p) }", "line 1", "leave"},
      {"p { position: STICKY }", "line 1", "leave"},
      {"p { position: -webkit-sticky }", "line 1", "leave"},
      {":host { position: absolute; top: -900px }", "line 1", "move"},
      {"p { color: red }\n:host { transform: translateY(-900px) }", "line 2", "move"},
      {":host { translate: 0 -900px }", "line 1", "move"},
      {":host(.x) { margin-top: -900px }", "line 1", "move"},
      {":host { margin: calc(0px - 900px) 0 }", "line 1", "move"},
      {":host { margin: var(--far) }", "line 1", "move"},
      {":host { zoom: 40 }", "line 1", "move"},
      {":host { all: initial }", "line 1", "painted"},
      {"p { overflow-clip-margin: 900px }", "line 1", "painted"},
      {"@media print {\n@import 'https://elsewhere.example/x.css';\n}", "line 2", ""},
      {"@media print {\n@font-face { font-family: x }\n}", "line 2", ""},
      {"@layer x { p { color: red } }", "", ""},
      {"p } {", "", "read"},
    };
  }

  @Test(dataProvider = "reachesOut")
  public void whatWouldReachOutIsRefusedWithItsLine(String css, String line, String why) {
    List<String> problems = OwnCss.problems(css);
    assertFalse(problems.isEmpty(), css);
    String all = problems.toString();
    assertTrue(all.contains(line) && all.contains(why), all);
  }
}
