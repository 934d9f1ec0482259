package nodyes.server;

import static org.testng.Assert.assertEquals;

import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import org.springframework.boot.context.properties.EnableConfigurationProperties;
import org.springframework.boot.test.context.ConfigDataApplicationContextInitializer;
import org.springframework.boot.test.context.runner.ApplicationContextRunner;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class ServerSettingsTest {
  @EnableConfigurationProperties({ServerSettings.class, OutboundSettings.class})
  static class Settings {}

  private static void with(BiConsumer<ServerSettings, OutboundSettings> check, String... given) {
    new ApplicationContextRunner()
        .withInitializer(new ConfigDataApplicationContextInitializer())
        .withUserConfiguration(Settings.class)
        .withPropertyValues(given)
        .run(
            context ->
                check.accept(
                    context.getBean(ServerSettings.class),
                    context.getBean(OutboundSettings.class)));
  }

  @DataProvider
  Object[][] names() {
    return new Object[][] {
      {"nodyes.trusted-hosts", "nodyes.geofeed-file"}, {"nodyes.trusted", "nodyes.country-ranges"}
    };
  }

  /** A server that was started with the names of before starts as it did. */
  @Test(dataProvider = "names")
  public void settingsAreReadByTheirNamesOfBeforeToo(String hosts, String file) {
    with(
        (settings, outbound) -> {
          assertEquals(outbound.trustedHosts(), Set.of("a.example:80", "b.example:80"));
          assertEquals(settings.geofeedFile(), Optional.of("/countries.csv"));
        },
        hosts + "=a.example:80,b.example:80",
        file + "=/countries.csv");
  }

  @Test
  public void nothingIsTrustedUnlessItIsSaid() {
    with(
        (settings, outbound) -> {
          assertEquals(outbound.trustedHosts(), Set.of());
          assertEquals(settings.geofeedFile().filter(file -> !file.isBlank()), Optional.empty());
        });
  }
}
