package nodyes.server.outbound;

import static nodyes.server.messages.Texts.text;

import nodyes.server.web.ApiProblem;
import org.springframework.http.HttpStatus;

/** Why a host is not asked: it is on this machine, in the local network, or nobody's. */
public class NonPublicProblem extends ApiProblem {
  NonPublicProblem(String host) {
    super(HttpStatus.UNPROCESSABLE_CONTENT, text("outside.notPublic", "host", host));
  }
}
