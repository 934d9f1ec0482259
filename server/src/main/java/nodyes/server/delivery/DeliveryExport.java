package nodyes.server.delivery;

import java.io.IOException;
import nodyes.server.export.ExportArchive;
import nodyes.server.export.ExportContributor;
import nodyes.server.nods.Nods;
import org.springframework.stereotype.Component;

/** The delivery rules and closed days, as drafted. */
@Component
class DeliveryExport implements ExportContributor {
  private final Nods nods;

  DeliveryExport(Nods nods) {
    this.nods = nods;
  }

  @Override
  public void pack(ExportArchive into) throws IOException {
    var settings = nods.draft().delivery();
    into.put("timings.csv", DeliveryRulesCsv.write(SettingsViews.of(settings).layers()));
    into.put("closed-days.ics", ClosuresIcs.write(settings.closed()));
  }
}
