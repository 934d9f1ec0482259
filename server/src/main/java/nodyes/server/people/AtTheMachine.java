package nodyes.server.people;

import static nodyes.server.messages.Texts.text;

import java.nio.file.Path;
import nodyes.core.common.Said;
import nodyes.server.NodYesServer;
import nodyes.server.trail.Trail;
import nodyes.server.web.ApiProblem;
import org.springframework.boot.WebApplicationType;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.stereotype.Component;

/** What whoever has the machine may do to accounts, whether the server runs meanwhile or not. */
@Component
public class AtTheMachine {
  private final Accounts people;
  private final AccountStore store;
  private final SignIns signIns;
  private final Trail trail;

  AtTheMachine(Accounts people, AccountStore store, SignIns signIns, Trail trail) {
    this.people = people;
    this.store = store;
    this.signIns = signIns;
    this.trail = trail;
  }

  /**
   * Sets a password anew and signs the person out everywhere.
   *
   * @throws Refusal where nobody has that address, or the password is easily guessed
   */
  public static void setPassword(Path data, String email, String password, boolean secondStepOff) {
    try (var context =
        new SpringApplicationBuilder(NodYesServer.class)
            .web(WebApplicationType.NONE)
            .lazyInitialization(true)
            .run("--nodyes.data=" + data.toAbsolutePath(), "--logging.level.root=error")) {
      context.getBean(AtTheMachine.class).setPassword(email, password, secondStepOff);
    }
  }

  void setPassword(String email, String password, boolean secondStepOff) {
    Account person =
        people
            .find(email)
            .orElseThrow(() -> ApiProblem.notFound(text("people.nobodyHere", "email", email)));
    people.setPassword(person, password);
    if (secondStepOff) {
      store.setSecondStep(person.id(), null, java.util.List.of());
    }
    signIns.endOthers(person.id(), 0);
    trail.add(person.name(), "People", Said.of("trail.passwordAtTheMachine"), null);
  }
}
