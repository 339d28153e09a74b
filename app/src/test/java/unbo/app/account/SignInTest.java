package unbo.app.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import jakarta.servlet.http.Cookie;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.test.web.servlet.MvcResult;
import unbo.app.LoggedHere;
import unbo.app.PageTest;
import unbo.core.verification.Role;

/** Guessing passwords, and what it costs others. Each test has an address and a name of its own. */
@Execution(ExecutionMode.CONCURRENT)
class SignInTest extends PageTest {

  private static final String PASSWORD = "lantern-gravel-otter";
  private static final AtomicInteger MACHINES = new AtomicInteger(1);

  @Autowired private AccountRepository accounts;
  @Autowired private PasswordEncoder passwords;

  private String name;
  private String address;

  @BeforeEach
  void somebody() {
    name = "p" + UUID.randomUUID().toString().replace("-", "").substring(0, 12);
    address = "10.1.0." + MACHINES.getAndIncrement();
    accounts.save(new Account(name, "Person " + name, Role.MECHANIC, passwords.encode(PASSWORD)));
  }

  /** Where signing in leads. */
  private String signIn(String from, String username, String password) throws Exception {
    return answer(from, username, password).getResponse().getRedirectedUrl();
  }

  private MvcResult answer(String from, String username, String password) throws Exception {
    return mvc.perform(
            post("/login")
                .with(
                    request -> {
                      request.setRemoteAddr(from);
                      return request;
                    })
                .param("username", username)
                .param("password", password)
                .with(csrf()))
        .andReturn();
  }

  private void wrongTries(int count, String username) throws Exception {
    for (int i = 0; i < count; i++) {
      signIn(address, username, "wrong " + i);
    }
  }

  @Test
  void eightWrongTriesPauseTheNameAtThatAddressAlone() throws Exception {
    wrongTries(SignInAttempts.FOR_NAME, name);
    assertThat(signIn(address, name, PASSWORD)).isEqualTo("/login?paused");
    assertThat(signIn(address, name, "wrong")).isEqualTo("/login?paused");
    assertThat(signIn("10.2.0.1", name, PASSWORD)).as("at home").isEqualTo("/yard");
    assertThat(signIn(address, "ilse", DemoPassword.VALUE)).as("another").isEqualTo("/yard");
  }

  /** A guesser must not fill the log: a refusal is everyday and writes no trace. */
  @Test
  void aRefusalWritesNoStackTrace() throws Exception {
    assertThat(LoggedHere.thrownDuring(() -> wrongTries(SignInAttempts.FOR_NAME + 1, name)))
        .isEmpty();
  }

  /** The database takes these for the same name; so does the count of tries. */
  @ParameterizedTest
  @ValueSource(strings = {"upper", "accent", "unseen", "wide"})
  void anotherSpellingOfTheNameIsTheSameName(String how) throws Exception {
    String other =
        switch (how) {
          case "upper" -> name.toUpperCase(java.util.Locale.ROOT);
          case "accent" -> name.charAt(0) + "\u0301" + name.substring(1);
          case "unseen" -> name.charAt(0) + "\u200b\u00ad" + name.substring(1);
          default -> "\uff50" + name.substring(1);
        };
    wrongTries(SignInAttempts.FOR_NAME, name);
    assertThat(signIn(address, other, PASSWORD)).isEqualTo("/login?paused");
    assertThat(signIn("10.2.0.2", other, PASSWORD)).isEqualTo("/yard");
    assertThat(signIn(address, name, PASSWORD))
        .as("a success elsewhere, under whatever spelling, lifts nothing here")
        .isEqualTo("/login?paused");
  }

  @Test
  void anAddressThatTriesManyNamesIsRefusedAndOthersAreNot() throws Exception {
    String answer = "";
    for (int i = 0; i < 3 * SignInAttempts.FOR_ADDRESS && !answer.endsWith("paused"); i++) {
      answer = signIn(address, "nobody" + i, "wrong");
    }
    assertThat(answer).isEqualTo("/login?paused");
    assertThat(signIn("10.2.0.3", name, PASSWORD)).isEqualTo("/yard");
  }

  @Test
  void whatWasAskedForIsKeptAsAnAddressInTheBrowserAndShownAfterwards() throws Exception {
    Cookie kept =
        mvc.perform(get("/shelf?q=6204").header("Accept", "text/html"))
            .andReturn()
            .getResponse()
            .getCookie("REDIRECT_URI");
    assertThat(kept.isHttpOnly()).isTrue();
    MvcResult signedIn =
        mvc.perform(
                post("/login")
                    .cookie(kept)
                    .param("username", name)
                    .param("password", PASSWORD)
                    .with(csrf()))
            .andReturn();
    assertThat(signedIn.getResponse().getRedirectedUrl()).contains("/shelf?q=6204");
  }

  @Test
  void oldShortPasswordsGoOnWorking() throws Exception {
    String old = name + "x";
    accounts.save(new Account(old, "Old " + old, Role.MECHANIC, passwords.encode("short-one1")));
    assertThat(signIn("10.2.0.4", old, "short-one1")).isEqualTo("/yard");
  }
}
