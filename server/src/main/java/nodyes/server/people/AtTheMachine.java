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

  /** What becomes of a second step at sign-in. */
  public enum SecondStep {
    AS_IT_IS,
    OFF
  }

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
  public static void setPassword(Path data, String email, String password, SecondStep step) {
    try (var context =
        new SpringApplicationBuilder(NodYesServer.class)
            .web(WebApplicationType.NONE)
            .lazyInitialization(true)
            .run("--nodyes.data=" + data.toAbsolutePath(), "--logging.level.root=error")) {
      context.getBean(AtTheMachine.class).setPassword(email, password, step);
    }
  }

  void setPassword(String email, String password, SecondStep step) {
    Account person =
        people
            .find(email)
            .orElseThrow(() -> ApiProblem.notFound(text("people.nobodyHere", "email", email)));
    people.setPassword(person, password);
    if (step == SecondStep.OFF) {
      store.setSecondStep(person.id(), null, java.util.List.of());
    }
    signIns.endOthers(person.id(), 0);
    trail.add(person.name(), "People", Said.of("trail.passwordAtTheMachine"), null);
  }
}
