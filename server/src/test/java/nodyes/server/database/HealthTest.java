package nodyes.server.database;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.net.http.HttpResponse;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import nodyes.server.RunningServer;
import org.testng.annotations.Test;

/** The server answered that all is well while nothing could be written any more. */
public class HealthTest {
  private static void change(RunningServer server, String statement) throws SQLException {
    String file = "jdbc:sqlite:" + server.data.resolve("nodyes.sqlite") + "?busy_timeout=5000";
    try (Connection connection = DriverManager.getConnection(file);
        Statement change = connection.createStatement()) {
      change.execute(statement);
    }
  }

  private static HttpResponse<String> asked(RunningServer server, int status) throws Exception {
    HttpResponse<String> answer = server.get("/healthz");
    // what was seen two seconds ago is told again
    for (int i = 0; i < 100 && answer.statusCode() != status; i++) {
      Thread.sleep(100);
      answer = server.get("/healthz");
    }
    assertEquals(answer.statusCode(), status, answer.body());
    return answer;
  }

  @Test
  public void whatFailsIsSaid() throws Exception {
    try (var server = new RunningServer()) {
      assertTrue(asked(server, 200).body().contains("\"write\":\"ok\""));
      change(
          server,
          "CREATE TRIGGER full BEFORE UPDATE ON heartbeat BEGIN SELECT RAISE(ABORT, 'full'); END");
      String failing = asked(server, 503).body();
      assertTrue(failing.contains("\"read\":\"ok\""), failing);
      assertTrue(failing.contains("\"write\":\"failed\""), failing);
      change(server, "DROP TRIGGER full");
      asked(server, 200);
      change(server, "ALTER TABLE heartbeat RENAME TO away");
      assertTrue(asked(server, 503).body().contains("\"read\":\"failed\""));
    }
  }
}
