package nodyes.bench;

import java.util.List;
import org.openjdk.jmh.results.Result;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.TimeValue;

/** JMH, as all of our small measurements run it: two forks, warmed up for five seconds each. */
final class JmhRunner {
  private JmhRunner() {}

  /**
   * The average times of a class's benchmarks.
   *
   * @param what by the benchmark's name, what it is
   */
  static List<String> times(Class<?> benchmarks, java.util.Map<String, String> what) {
    try {
      return new Runner(
              new OptionsBuilder()
                  .include(benchmarks.getName())
                  .forks(2)
                  .warmupIterations(5)
                  .warmupTime(TimeValue.seconds(1))
                  .measurementIterations(5)
                  .measurementTime(TimeValue.seconds(1))
                  .build())
          .run().stream()
              .map(run -> (Result<?>) run.getPrimaryResult())
              .map(
                  result ->
                      "%s, JMH average time: %.2f ± %.2f µs."
                          .formatted(
                              what.getOrDefault(result.getLabel(), result.getLabel()),
                              result.getScore(),
                              result.getScoreError()))
              .toList();
    } catch (RunnerException e) {
      return List.of("Not measured: " + e.getMessage());
    }
  }
}
