package nodyes.server.delivery;

import java.io.IOException;
import nodyes.server.leaving.Belongings;
import nodyes.server.leaving.Suitcase;
import nodyes.server.nods.Nods;
import org.springframework.stereotype.Component;

/** The timings and closed days, as drafted. */
@Component
class DeliveryBelongings implements Belongings {
  private final Nods nods;

  DeliveryBelongings(Nods nods) {
    this.nods = nods;
  }

  @Override
  public void pack(Suitcase into) throws IOException {
    var settings = nods.draft().delivery();
    into.put("timings.csv", LayersFile.write(SettingsViews.of(settings).layers()));
    into.put("closed-days.ics", ClosedFile.write(settings.closed()));
  }
}
