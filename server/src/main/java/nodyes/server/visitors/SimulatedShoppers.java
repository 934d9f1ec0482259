package nodyes.server.visitors;

import org.springframework.stereotype.Component;

/** How many simulated shoppers walk the demo's shop; nobody walks anywhere else. */
@Component
public class SimulatedShoppers {
  /** Most views of them in a minute. */
  static final int MOST = 120;

  private volatile int perMinute;

  /** So many views in a minute; none where they are off. */
  public int perMinute() {
    return perMinute;
  }

  /** Sets the pace. */
  public void set(int views) {
    perMinute = views;
  }
}
