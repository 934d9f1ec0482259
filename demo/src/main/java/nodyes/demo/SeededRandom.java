package nodyes.demo;

import java.util.List;
import java.util.SplittableRandom;

/** Seeded chance: the same seed gives the same demo, to the byte. */
final class SeededRandom {
  private final SplittableRandom random;

  SeededRandom(long seed) {
    random = new SplittableRandom(seed);
  }

  boolean in(double share) {
    return random.nextDouble() < share;
  }

  int below(int bound) {
    return random.nextInt(bound);
  }

  double unit() {
    return random.nextDouble();
  }

  <T> T of(List<T> list) {
    return list.get(random.nextInt(list.size()));
  }

  /** The index of one weight, drawn in proportion. */
  int weighted(double... weights) {
    double sum = 0;
    for (double weight : weights) {
      sum += weight;
    }
    double at = random.nextDouble() * sum;
    for (int i = 0; i < weights.length; i++) {
      at -= weights[i];
      if (at < 0) {
        return i;
      }
    }
    return weights.length - 1;
  }

  /** A Poisson count by Knuth's product of uniforms (The Art of Computer Programming, vol. 2). */
  int poisson(double mean) {
    double limit = Math.exp(-mean);
    double product = random.nextDouble();
    int count = 0;
    while (product > limit) {
      count++;
      product *= random.nextDouble();
    }
    return count;
  }
}
