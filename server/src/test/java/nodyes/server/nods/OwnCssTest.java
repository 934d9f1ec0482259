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
      {"p { color: red }\nbody { display: none }", "Line 2", "outside"},
      {":root { --x: 1 }", "Line 1", "outside"},
      {":host-context(main) p { color: red }", "Line 1", "outside"},
      {"p {\n  position: fixed;\n}", "Line 2", "leave"},
      {
        "p { background: url(https://elsewhere.example/x.png) }",
        "Line 1",
        "loads from another server"
      },
      {"@import 'https://elsewhere.example/x.css';", "Line 1", "loads from another server"},
      {"@font-face { font-family: x; src: url(x) }", "Line 1", "Only rules"},
      {"p { z-index: 99999 }", "Line 1", "over the page"},
      {"p { back\\ground: u\\rl(x) }", "Line 1", "backslash"},
      {"p { color: red", "Line 1", "read"},
      {"p { --p: fixed; position: var(--p) }", "Line 1", "leave"},
      {"p { position: STICKY }", "Line 1", "leave"},
      {"p { position: -webkit-sticky }", "Line 1", "leave"},
      {":host { position: absolute; top: -900px }", "Line 1", "over the page"},
      {"p { color: red }\n:host { transform: translateY(-900px) }", "Line 2", "over the page"},
      {":host { translate: 0 -900px }", "Line 1", "over the page"},
      {":host(.x) { margin-top: -900px }", "Line 1", "over the page"},
      {":host { margin: calc(0px - 900px) 0 }", "Line 1", "over the page"},
      {":host { margin: var(--far) }", "Line 1", "over the page"},
      {":host { zoom: 40 }", "Line 1", "over the page"},
      {":host { all: initial }", "Line 1", "over the page"},
      {"p { overflow-clip-margin: 900px }", "Line 1", "over the page"},
      {"@media print {\n@import 'https://elsewhere.example/x.css';\n}", "Line 2", ""},
      {"@media print {\n@font-face { font-family: x }\n}", "Line 2", ""},
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
