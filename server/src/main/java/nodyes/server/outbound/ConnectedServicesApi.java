package nodyes.server.outbound;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.ArrayList;
import java.util.List;
import nodyes.server.OutboundSettings;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Which outside services there are, and how a real one is connected. */
@RestController
@Tag(name = "outside")
class ConnectedServicesApi {
  private final OutboundSettings settings;
  private final OutgoingMail mail;

  ConnectedServicesApi(OutboundSettings settings, OutgoingMail mail) {
    this.settings = settings;
    this.mail = mail;
  }

  /**
   * A service outside.
   *
   * @param name what it is
   * @param address where it answers; null where none is connected
   * @param isStandIn whether it is the demo's own
   * @param standsFor what it stands for
   * @param connecting how a real one is connected
   */
  record OutsideService(
      String name,
      @Nullable String address,
      boolean isStandIn,
      String standsFor,
      String connecting) {}

  record OutsideServices(List<OutsideService> services) {}

  @GetMapping("/api/v1/services")
  OutsideServices services() {
    var services = new ArrayList<OutsideService>();
    services.add(service("marketplace", null));
    services.add(service("business-directory", null));
    services.add(service("translator", settings.translator().orElse(null)));
    services.add(service("mail-server", mail.server().orElse(null)));
    return new OutsideServices(services);
  }

  private OutsideService service(String kind, @Nullable String own) {
    String standIn = settings.simulators().get(kind);
    String key = "services." + kind;
    return new OutsideService(
        text(key + ".name"),
        standIn == null ? own : standIn,
        standIn != null,
        text(key + ".is"),
        text(key + ".connecting"));
  }
}
