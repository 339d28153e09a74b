package unbo.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.HttpMethod;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/**
 * Every address that any controller answers, found by itself: without sign-in nothing is shown or
 * done, without its token no form is taken, and what belongs to owners belongs to nobody else. A
 * new page is walked the day it is written; one that is open to all has to be named here.
 */
class EveryMappingTest extends PageTest {

  /** Open to everybody, each for a reason. */
  private static final Set<String> PUBLIC =
      Set.of(
          "/login", // to sign in
          "/reset", // to set a password by an owner's code
          "/first-owner", // while there is none
          "/view/units", // this device's choice, no data
          "/view/theme",
          "/keys", // a list of shortcuts
          "/road", // the card for a driver by the road
          "/road/event"); // the same for a running event

  private static final List<String> OWNERS = List.of("/people");

  /** Answers itself to a token or, in the demo, to this machine; stateless, no CSRF. */
  private static final List<String> INTERFACE = List.of("/api/", "/v3/api-docs");

  @Autowired
  @Qualifier("requestMappingHandlerMapping")
  private RequestMappingHandlerMapping mappings;

  private record Address(HttpMethod method, String path) {}

  private static final Pattern CHOICE = Pattern.compile("\\{\\w+:([a-z|]+)}");

  /** A pattern's addresses: every word of a choice, a one for everything else. */
  private static Stream<String> paths(String pattern) {
    Matcher choice = CHOICE.matcher(pattern);
    if (choice.find()) {
      return Arrays.stream(choice.group(1).split("\\|"))
          .flatMap(word -> paths(choice.replaceFirst(word)));
    }
    return Stream.of(pattern.replaceAll("\\{[^}]*}", "1").replace("**", "1").replace("*", "1"));
  }

  private List<Address> addresses() {
    List<Address> all = new ArrayList<>();
    mappings
        .getHandlerMethods()
        .forEach(
            (info, handler) -> {
              Set<RequestMethod> methods = info.getMethodsCondition().getMethods();
              for (String path : info.getPatternValues().stream().flatMap(p -> paths(p)).toList()) {
                if (methods.isEmpty()) {
                  all.add(new Address(HttpMethod.GET, path));
                }
                methods.forEach(m -> all.add(new Address(m.asHttpMethod(), path)));
              }
            });
    return all.stream().filter(a -> !a.path.equals("/error")).toList();
  }

  private static boolean begins(String path, List<String> with) {
    return with.stream().anyMatch(path::startsWith);
  }

  private List<Address> forTheSignedIn() {
    return addresses().stream()
        .filter(a -> !PUBLIC.contains(a.path) && !begins(a.path, INTERFACE))
        .toList();
  }

  private static boolean isSafe(Address address) {
    return address.method == HttpMethod.GET;
  }

  private MockHttpServletResponse send(MockHttpServletRequestBuilder request) throws Exception {
    return mvc.perform(request).andReturn().getResponse();
  }

  @Test
  void theWalkFindsThePages() {
    assertThat(addresses()).hasSizeGreaterThan(80);
    Set<String> paths = new TreeSet<>();
    addresses().forEach(a -> paths.add(a.path));
    assertThat(paths).contains("/yard", "/jobs/1/book", "/api/v1/diagnoses", "/people/1/role");
    assertThat(paths)
        .as("what is named open exists")
        .containsAll(PUBLIC.stream().filter(p -> !p.equals("/first-owner")).toList());
  }

  @Test
  void nothingIsShownOrDoneWithoutSignIn() throws Exception {
    for (Address address : forTheSignedIn()) {
      MockHttpServletResponse answer = send(request(address.method, address.path).with(csrf()));
      assertThat(answer.getStatus()).as(address.toString()).isEqualTo(302);
      assertThat(answer.getRedirectedUrl()).as(address.toString()).endsWith("/login");
      assertThat(answer.getContentAsString()).as(address.toString()).isEmpty();
    }
  }

  @Test
  void noFormIsTakenWithoutItsToken() throws Exception {
    for (Address address : addresses()) {
      if (!isSafe(address) && !begins(address.path, INTERFACE)) {
        assertThat(send(request(address.method, address.path).with(as("ilse"))).getStatus())
            .as(address.toString())
            .isEqualTo(403);
      }
    }
  }

  @Test
  void whatBelongsToOwnersIsRefusedToEverybodyElse() throws Exception {
    int walked = 0;
    for (Address address : forTheSignedIn()) {
      if (begins(address.path, OWNERS)) {
        walked++;
        for (String person : List.of("joren", "tuva")) {
          assertThat(send(request(address.method, address.path).with(as(person)).with(csrf())))
              .as(address + " " + person)
              .extracting(MockHttpServletResponse::getStatus)
              .isEqualTo(403);
        }
      }
    }
    assertThat(walked).isGreaterThan(5);
  }

  /** Whatever a page is asked for with nothing in it, it is answered and says so. */
  @Test
  void nothingFallsOverWhenAskedWithoutAnything() throws Exception {
    for (Address address : forTheSignedIn()) {
      boolean quiet = address.path.equals("/gauge/stream") || address.path.equals("/logout");
      if (!quiet) {
        assertThat(send(request(address.method, address.path).with(as("tuva")).with(csrf())))
            .as(address.toString())
            .extracting(MockHttpServletResponse::getStatus)
            .matches(s -> (int) s < 500);
      }
    }
  }

  @Test
  void theInterfaceNeedsATokenFromElsewhere() throws Exception {
    for (Address address : addresses()) {
      if (begins(address.path, INTERFACE)) {
        MockHttpServletResponse answer =
            send(
                request(address.method, address.path)
                    .with(
                        r -> {
                          r.setRemoteAddr("192.0.2.7");
                          return r;
                        }));
        assertThat(answer.getStatus()).as(address.toString()).isEqualTo(401);
      }
    }
  }
}
