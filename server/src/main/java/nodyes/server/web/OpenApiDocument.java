package nodyes.server.web;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import nodyes.server.NodYesServer;
import org.springframework.boot.builder.SpringApplicationBuilder;

/**
 * For the build: starts the server on a free loopback port with a throw-away database and writes
 * the OpenAPI document, from which the front end's types are made.
 */
public final class OpenApiDocument {
  private OpenApiDocument() {}

  /** Writes to the file named by the first argument. */
  public static void main(String[] args) throws IOException, InterruptedException {
    Path out = Path.of(args[0]).toAbsolutePath();
    Path data = Files.createTempDirectory("nodyes-openapi");
    try (var context =
            new SpringApplicationBuilder(NodYesServer.class)
                .run(
                    "--server.port=0",
                    "--server.address=127.0.0.1",
                    "--logging.level.root=warn",
                    "--nodyes.data=" + data,
                    "--nodyes.demo=true",
                    "--springdoc.api-docs.enabled=true",
                    "--springdoc.writer-with-order-by-keys=true",
                    "--springdoc.writer-with-default-pretty-printer=true");
        var client = HttpClient.newHttpClient()) {
      String port = context.getEnvironment().getRequiredProperty("local.server.port");
      URI address = URI.create("http://127.0.0.1:" + port + "/v3/api-docs");
      var answer =
          client.send(
              HttpRequest.newBuilder(address).build(), HttpResponse.BodyHandlers.ofString());
      if (answer.statusCode() != 200) {
        throw new IOException("The OpenAPI document answered " + answer.statusCode());
      }
      Files.writeString(out, answer.body().replaceAll("http://127\\.0\\.0\\.1:\\d+", "/"));
    }
  }
}
