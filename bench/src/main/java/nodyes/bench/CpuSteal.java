package nodyes.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;

/**
 * How much of the machine's time others took, where it is a part of a larger one: the column
 * 'steal' of Linux's /proc/stat (proc_stat(5)). Figures that were measured meanwhile are worse by
 * it.
 */
final class CpuSteal {
  private static final Path STAT = Path.of("/proc/stat");
  private static final int STEAL = 7;
  private static final int COLUMNS = 8;

  private long[] before = read();

  /** The share since the last time, as a line; empty where the machine does not tell. */
  String line() {
    long[] now = read();
    long all = Arrays.stream(now).sum() - Arrays.stream(before).sum();
    long stolen = now[STEAL] - before[STEAL];
    before = now;
    return all <= 0
        ? ""
        : "While this was measured, others took %.0f %% of the machine's time."
            .formatted(100.0 * stolen / all);
  }

  private static long[] read() {
    try {
      return Files.readAllLines(STAT)
          .getFirst()
          .replaceFirst("^cpu +", "")
          .lines()
          .flatMap(line -> Arrays.stream(line.split(" ")))
          .limit(COLUMNS)
          .mapToLong(Long::parseLong)
          .toArray();
    } catch (IOException e) {
      return new long[COLUMNS];
    }
  }
}
