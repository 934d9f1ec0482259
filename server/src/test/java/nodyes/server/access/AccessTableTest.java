package nodyes.server.access;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import jakarta.servlet.http.HttpServletRequest;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import nodyes.server.ServerTest;
import nodyes.server.messages.Texts;
import nodyes.server.people.CallerAuthentication;
import nodyes.server.people.Role;
import nodyes.server.people.Scope;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.web.access.intercept.RequestAuthorizationContext;
import org.springframework.test.context.TestPropertySource;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** The table of who may ask for what, held against the OpenAPI document, role by role. */
@TestPropertySource(properties = "springdoc.api-docs.enabled=true")
public class AccessTableTest extends ServerTest {
  private static final Set<String> METHODS = Set.of("get", "post", "put", "patch", "delete");

  @Autowired private AccessTable table;
  @Autowired private ByTable byTable;

  @Autowired
  @Qualifier("requestMappingHandlerMapping")
  private RequestMappingHandlerMapping mapping;

  private Set<String> documented() throws Exception {
    JsonNode paths =
        body(http.perform(get("/v3/api-docs")).andExpect(status().isOk())).path("paths");
    var found = new TreeSet<String>();
    paths
        .properties()
        .forEach(
            path ->
                path.getValue()
                    .properties()
                    .forEach(
                        method -> {
                          if (METHODS.contains(method.getKey())) {
                            found.add(
                                method.getKey().toUpperCase(java.util.Locale.ROOT)
                                    + " "
                                    + path.getKey());
                          }
                        }));
    return found;
  }

  @Test
  public void eachEndpointHasALineAndEachLineAnEndpoint() throws Exception {
    var lines = new TreeSet<String>();
    table.lines().forEach(line -> lines.add(line.method() + " " + line.path().getPatternString()));
    assertEquals(lines, answered());
    Set<String> documented = documented();
    assertTrue(lines.containsAll(documented));
    lines.removeAll(documented);
    // a page for the back office's frame, and no part of what programs ask
    assertEquals(lines, Set.of("GET /embed/neutral/{kind}"));
  }

  private Set<String> answered() {
    var found = new TreeSet<String>();
    mapping
        .getHandlerMethods()
        .forEach(
            (asked, method) -> {
              if (method.getBeanType().getName().startsWith("nodyes.")) {
                asked
                    .getMethodsCondition()
                    .getMethods()
                    .forEach(
                        verb ->
                            asked.getPatternValues().forEach(path -> found.add(verb + " " + path)));
              }
            });
    return found;
  }

  private boolean isLetThrough(Line line, Optional<Authentication> who) {
    String path = line.path().getPatternString().replaceAll("\\{[^}]*}", "7");
    HttpServletRequest request = new MockHttpServletRequest(line.method(), path);
    return byTable
        .authorize(() -> who.orElse(null), new RequestAuthorizationContext(request))
        .isGranted();
  }

  private static Authentication with(String authority) {
    return UsernamePasswordAuthenticationToken.authenticated(
        "someone", null, List.of(new SimpleGrantedAuthority(authority)));
  }

  /** What is said here of roles is said anew, not read from the table's own code. */
  @Test
  public void rolesAreAStaircaseAndKeysOpenWhatTheyAreForAlone() {
    for (Line line : table.lines()) {
      boolean isOpen = line.who().isEmpty();
      String where = line.method() + " " + line.path();
      assertEquals(isLetThrough(line, Optional.empty()), isOpen, where);
      assertEquals(isLetThrough(line, Optional.of(with("ROLE_ANONYMOUS"))), isOpen, where);
      for (Role role : Role.values()) {
        boolean may = isOpen || role.ordinal() >= line.who().get().ordinal();
        assertEquals(
            isLetThrough(line, Optional.of(with(CallerAuthentication.ROLE + role))),
            may,
            where + " " + role);
      }
      for (Scope scope : Scope.values()) {
        boolean may =
            isOpen
                || (line.scope().isPresent()
                    && (scope == Scope.ALL || scope == line.scope().get()));
        assertEquals(
            isLetThrough(line, Optional.of(with(CallerAuthentication.SCOPE + scope))),
            may,
            where + " " + scope);
      }
      boolean isAccount = line.path().getPatternString().startsWith("/api/v1/account");
      assertEquals(
          isLetThrough(line, Optional.of(with(CallerAuthentication.HELD))),
          isOpen || isAccount,
          where);
    }
  }

  /** What changes something is told in the trail, by a message that there is. */
  @Test
  public void eachLineOfTheTrailHasItsMessage() {
    for (Line line : table.lines()) {
      line.did()
          .ifPresent(
              did -> {
                assertFalse(Texts.text("trail.did." + did).isEmpty(), did);
                assertFalse(Texts.text("trail.place." + line.place()).isEmpty(), line.place());
              });
    }
  }

  /** The rule of the house, whatever the table says: read-only reads, programs make no people. */
  @Test
  public void whoOnlyReadsChangesNothingAndProgramsTouchNoAccounts() {
    for (Line line : table.lines()) {
      String path = line.path().getPatternString();
      boolean isReader = line.who().filter(Role.READER::isAtLeast).isPresent();
      if (isReader && line.did().isPresent()) {
        assertTrue(path.startsWith("/api/v1/account"), line.method() + " " + path);
      }
      if (path.matches("/api/v1/(people|account|keys|trail|leaving)([/.].*)?")) {
        assertTrue(line.scope().isEmpty(), path);
      }
      if (line.who().isEmpty() && !line.method().equals("GET")) {
        assertTrue(
            EnumSet.of(Line.Body.SMALL_JSON, Line.Body.VIEWS, Line.Body.PICTURE, Line.Body.NONE)
                .contains(line.body()),
            path);
      }
    }
  }

  @Test
  public void whatHasNoLineIsOpenToNobody() {
    for (String path : List.of("/api/v1/nothing", "/api/v1/people/1/2/3/4", "/embed/v1/nothing")) {
      HttpServletRequest request = new MockHttpServletRequest("GET", path);
      assertEquals(
          byTable
              .authorize(
                  () -> with(CallerAuthentication.ROLE + Role.OWNER),
                  new RequestAuthorizationContext(request))
              .isGranted(),
          false,
          path);
    }
  }
}
