package nodyes.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** What browsers load. */
final class Sizes {
  private Sizes() {}

  static List<String> measure() throws IOException {
    var sizes =
        new ArrayList<>(
            List.of(
                "",
                "## Sizes",
                "",
                "What a shop page loads: nodyes.js with the star line in it, and the file of each kind that is on the"
                    + " page; the form when someone opens it. Aim: nodyes.js under 12 kB and each kind under 4 kB with"
                    + " brotli. The wall misses it; what it is made of stands below.",
                "",
                "| what | bytes | with brotli |",
                "| --- | ---: | ---: |",
                "| app jar | " + Files.size(Path.of("app/target/nodyes.jar")) + " | |",
                size(Path.of("web/dist/nodyes.js"))));
    try (var files = Files.list(Path.of("web/dist/nodyes"))) {
      for (Path file : files.filter(one -> one.toString().endsWith(".js")).sorted().toList()) {
        sizes.add(size(file));
      }
    }
    sizes.addAll(
        List.of(
            "",
            "The wall's sources, minified, and by how much it would be smaller with brotli without each of them."
                + " What opens a picture large is loaded when one is pressed, and not in it.",
            "",
            "| source | bytes | of it with brotli |",
            "| --- | ---: | ---: |"));
    Shell.run(List.of("sh", "-c", "cd web && node scripts/parts.mjs review-wall large"))
        .ifPresent(rows -> rows.lines().filter(row -> row.startsWith("|")).forEach(sizes::add));
    return sizes;
  }

  private static String size(Path file) throws IOException {
    return "| %s | %d | %d |"
        .formatted(
            String.valueOf(file.getFileName()).replaceAll("part-.*", "a part that kinds share"),
            Files.size(file),
            Files.size(Path.of(file + ".br")));
  }
}
