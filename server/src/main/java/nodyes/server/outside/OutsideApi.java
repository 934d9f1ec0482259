package nodyes.server.outside;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.ArrayList;
import java.util.List;
import nodyes.server.ServerSettings;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Which outside services there are, and how a real one is connected. */
@RestController
@Tag(name = "outside")
class OutsideApi {
  private final ServerSettings settings;
  private final Mail mail;

  OutsideApi(ServerSettings settings, Mail mail) {
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

  @GetMapping("/api/v1/outside")
  OutsideServices services() {
    var services = new ArrayList<OutsideService>();
    services.add(
        service(
            "marketplace",
            null,
            "A place where the shop's products sell as well, with reviews of them.",
            "Nothing to connect: give the address of any page that marks up its reviews, under"
                + " Reviews, Bring in."));
    services.add(
        service(
            "business directory",
            null,
            "Where people review the shop itself.",
            "Give the address of its service, your key and the id of your place, under Reviews,"
                + " The shop itself."));
    services.add(
        service(
            "translator",
            settings.translator().orElse(null),
            "A service that translates reviews by machine.",
            "Start Nod Yes with nodyes.translator set to its address; it takes text, from and to"
                + " as JSON and answers text."));
    services.add(
        service(
            "mail server",
            mail.server().orElse(null),
            "Where notices to you are sent through.",
            "Start Nod Yes with SPRING_MAIL_HOST, SPRING_MAIL_PORT, SPRING_MAIL_USERNAME and"
                + " SPRING_MAIL_PASSWORD in its environment, and nodyes.mail-from set to the"
                + " address that letters come from."));
    return new OutsideServices(services);
  }

  private OutsideService service(
      String name, @Nullable String own, String standsFor, String connecting) {
    String standIn = settings.standIns().get(name.replace(' ', '-'));
    return new OutsideService(
        name, standIn == null ? own : standIn, standIn != null, standsFor, connecting);
  }
}
