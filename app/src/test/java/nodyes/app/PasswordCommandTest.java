package nodyes.app;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import nodyes.server.people.Accounts;
import nodyes.server.people.Role;
import org.springframework.context.ConfigurableApplicationContext;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** The way in from the machine; without a terminal it failed with a stack trace. */
public class PasswordCommandTest {
  private Path data;
  private ConfigurableApplicationContext server;

  @BeforeClass
  public void serve() throws Exception {
    data = Files.createTempDirectory("nodyes-password").resolve("data");
    server = new ServerStart(0, data).loopback().start();
    server.getBean(Accounts.class).add("rita@shop.example", "Rita", Role.OWNER);
  }

  @AfterClass(alwaysRun = true)
  public void stop() {
    server.close();
  }

  private Said run(String typed, String email) {
    return Said.of(typed, "password", email, "--data", data.toString());
  }

  private int signIn(String password) throws Exception {
    try (var client = HttpClient.newHttpClient()) {
      return client
          .send(
              HttpRequest.newBuilder(
                      URI.create(ServerStart.address(server, "127.0.0.1") + "/api/v1/session"))
                  .header("Content-Type", "application/json")
                  .POST(
                      HttpRequest.BodyPublishers.ofString(
                          "{\"email\":\"rita@shop.example\",\"password\":\"" + password + "\"}"))
                  .build(),
              HttpResponse.BodyHandlers.discarding())
          .statusCode();
    }
  }

  @Test
  public void aNewPasswordIsSetWhileTheServerRuns() throws Exception {
    Said set = run("a sentence of mine\n", "Rita@shop.example");
    assertEquals(set.code(), 0, set.text());
    assertTrue(set.text().contains("The password is set."), set.text());
    assertEquals(signIn("a sentence of mine"), 200);
    assertEquals(signIn("another sentence"), 401);
  }

  @Test
  public void whatCannotBeIsToldInASentence() {
    Said poor = run("short\n", "rita@shop.example");
    assertEquals(poor.code(), 1, poor.text());
    assertTrue(poor.text().contains("at least 15 characters"), poor.text());
    Said nobody = run("a sentence of mine\n", "nobody@shop.example");
    assertEquals(nobody.code(), 1, nobody.text());
    assertTrue(nobody.text().contains("Nobody here has the e-mail address"), nobody.text());
    Said nothing = run("", "rita@shop.example");
    assertEquals(nothing.code(), 1);
    for (Said said : new Said[] {poor, nobody, nothing}) {
      assertFalse(said.text().contains("\tat "), said.text());
    }
  }
}
