package unbo.app.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.security.crypto.password.PasswordEncoder;
import unbo.app.AtOnce;
import unbo.app.PageTest;
import unbo.core.verification.Role;

/** People come, change their role, forget their password and go. */
class PeopleTest extends PageTest {

  private static final Pattern CODE = Pattern.compile("[A-Z0-9]{4}-[A-Z0-9]{4}-[A-Z0-9]{4}");
  private static final String PASSWORD = "lantern-gravel-otter";
  private static final String OTHER = "mooring-basalt-quilt";

  @Autowired private AccountRepository accounts;
  @Autowired private PasswordEncoder passwords;
  @Autowired private ApiTokens tokens;

  private String name;

  @BeforeEach
  void somebody() {
    name = "q" + UUID.randomUUID().toString().replace("-", "").substring(0, 12);
    accounts.save(new Account(name, "Person " + name, Role.MECHANIC, passwords.encode(PASSWORD)));
  }

  private MockHttpSession signedIn(String password) throws Exception {
    return (MockHttpSession)
        mvc.perform(post("/login").param("username", name).param("password", password).with(csrf()))
            .andExpect(redirectedUrl("/yard"))
            .andReturn()
            .getRequest()
            .getSession(false);
  }

  private int yard(MockHttpSession session) throws Exception {
    return mvc.perform(get("/yard").session(session)).andReturn().getResponse().getStatus();
  }

  private void ownerDoes(String what) throws Exception {
    mvc.perform(post("/people/" + name + "/" + what).with(as("ilse")).with(csrf()))
        .andExpect(status().isFound());
  }

  private String add(String username, String shown, String password) throws Exception {
    return mvc.perform(
            post("/people")
                .param("username", username)
                .param("name", shown)
                .param("password", password)
                .param("again", password)
                .param("role", "MECHANIC")
                .with(as("ilse"))
                .with(csrf()))
        .andReturn()
        .getResponse()
        .getContentAsString();
  }

  @Test
  void aClosedAccountEndsSessionsAndTokensAtOnceAndCanBeOpenedAgain() throws Exception {
    MockHttpSession session = signedIn(PASSWORD);
    String token = tokens.make(name, "bridge");
    assertThat(yard(session)).isEqualTo(200);
    assertThat(tokens.person(token)).isPresent();
    ownerDoes("deactivate");
    assertThat(yard(session)).isEqualTo(302);
    assertThat(tokens.person(token)).isEmpty();
    mvc.perform(post("/login").param("username", name).param("password", PASSWORD).with(csrf()))
        .andExpect(redirectedUrl("/login?error"));
    ownerDoes("activate");
    assertThat(yard(signedIn(PASSWORD))).isEqualTo(200);
    assertThat(tokens.person(token)).as("what ended stays ended").isEmpty();
  }

  @Test
  void aChangeOfRoleEndsTheSessionThatHadTheOldOne() throws Exception {
    MockHttpSession session = signedIn(PASSWORD);
    mvc.perform(
            post("/people/" + name + "/role").param("role", "OWNER").with(as("ilse")).with(csrf()))
        .andExpect(flash().attributeExists("done"));
    assertThat(yard(session)).isEqualTo(302);
    MockHttpSession again = signedIn(PASSWORD);
    mvc.perform(get("/people").session(again)).andExpect(status().isOk());
    mvc.perform(
        post("/people/" + name + "/role")
            .param("role", "APPRENTICE")
            .with(as("ilse"))
            .with(csrf()));
    assertThat(accounts.findByUsername(name).orElseThrow().getRole()).isEqualTo(Role.APPRENTICE);
  }

  @Test
  void theOwnPasswordIsChangedWithTheOldOneAndEndsOtherSessions() throws Exception {
    MockHttpSession here = signedIn(PASSWORD);
    MockHttpSession elsewhere = signedIn(PASSWORD);
    change(here, "wrong", OTHER, 422);
    change(here, PASSWORD, "too short", 422);
    change(here, PASSWORD, OTHER, 200);
    assertThat(yard(here)).isEqualTo(200);
    assertThat(yard(elsewhere)).isEqualTo(302);
    assertThat(yard(signedIn(OTHER))).isEqualTo(200);
  }

  private void change(MockHttpSession session, String old, String fresh, int answer)
      throws Exception {
    mvc.perform(
            post("/password")
                .param("old", old)
                .param("password", fresh)
                .param("again", fresh)
                .session(session)
                .with(csrf()))
        .andExpect(status().is(answer));
  }

  @Test
  void anOwnersCodeSetsANewPasswordOnce() throws Exception {
    MockHttpSession session = signedIn(PASSWORD);
    String page =
        mvc.perform(post("/people/" + name + "/reset").with(as("ilse")).with(csrf()))
            .andReturn()
            .getResponse()
            .getContentAsString();
    Matcher code = CODE.matcher(page);
    assertThat(code.find()).isTrue();
    assertThat(yard(session)).as("until it is used nothing changes").isEqualTo(200);
    reset("AAAA-BBBB-CCCC", 422);
    reset(code.group().toLowerCase(java.util.Locale.ROOT), 302);
    assertThat(yard(session)).isEqualTo(302);
    assertThat(yard(signedIn(OTHER))).isEqualTo(200);
    reset(code.group(), 422);
  }

  private void reset(String code, int answer) throws Exception {
    mvc.perform(
            post("/reset")
                .param("username", name)
                .param("code", code)
                .param("password", OTHER)
                .param("again", OTHER)
                .with(csrf()))
        .andExpect(status().is(answer));
  }

  @Test
  void tenWrongCodesEndTheRightOne() {
    Account account = accounts.findByUsername(name).orElseThrow();
    java.time.Instant now = java.time.Instant.now();
    account.allowReset(Secrets.hash("RIGHT"), now.plusSeconds(60));
    for (int i = 0; i < 10; i++) {
      assertThat(account.acceptsReset(Secrets.hash("WRONG" + i), now, 10)).isFalse();
    }
    assertThat(account.acceptsReset(Secrets.hash("RIGHT"), now, 10)).isFalse();
    account.allowReset(Secrets.hash("RIGHT"), now.plusSeconds(60));
    assertThat(account.acceptsReset(Secrets.hash("RIGHT"), now.plusSeconds(61), 10)).isFalse();
    assertThat(account.acceptsReset(Secrets.hash("RIGHT"), now, 10)).isTrue();
  }

  @Test
  void theLastOwnerStays() throws Exception {
    List<Account> owners =
        accounts.findAll().stream().filter(a -> a.getRole() == Role.OWNER && a.isActive()).toList();
    assertThat(owners).extracting(Account::getUsername).containsExactly("ilse");
    for (String what : new String[] {"deactivate", "role"}) {
      mvc.perform(
              post("/people/ilse/" + what).param("role", "MECHANIC").with(as("ilse")).with(csrf()))
          .andExpect(flash().attributeExists("refused"));
    }
    assertThat(accounts.findByUsername("ilse").orElseThrow().isActive()).isTrue();
  }

  /** Names sign records: two that look alike are one too many. */
  @ParameterizedTest
  @ValueSource(strings = {"JOREN MAAK", "J\u00f3ren Maak", "Joren  Maak ", "J\u200boren Maak"})
  void aNameThatLooksLikeAnothersIsRefused(String shown) throws Exception {
    assertThat(accounts.findByUsername("joren").orElseThrow().getName()).isEqualTo("Joren Maak");
    assertThat(add("new-" + name, shown, PASSWORD)).contains("Somebody here signs with this name");
    assertThat(accounts.findByUsername("new-" + name)).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({
    "elevenchars,Too short",
    "passwordpassword,Too common",
    "QwertyUiop123,Too common",
    "aaaaaaaaaaaaaa,Too common",
    "1111222211112222,Too common"
  })
  void poorPasswordsAreRefused(String password, String reason) throws Exception {
    assertThat(add("new-" + name, "New " + name, password)).contains(reason);
  }

  @Test
  void aPasswordThatIsOnlyTheNameIsRefused() {
    assertThat(PasswordRule.problemWith("marlinspike1!", "marlinspike", "M")).isPresent();
    assertThat(PasswordRule.problemWith(DemoPassword.VALUE, "joren", "Joren Hal")).isEmpty();
    assertThat(PasswordRule.problemWith(PASSWORD, "joren", "Joren Hal")).isEmpty();
  }

  @Test
  void sixOfOneNameAtOnceMakeOne() throws Exception {
    String username = "six" + name;
    List<String> pages =
        AtOnce.all(6, i -> add(username, "Six " + i + " of " + username, PASSWORD));
    assertThat(pages.stream().filter(p -> p.contains("This user name is taken"))).hasSize(5);
    assertThat(accounts.findByUsername(username)).isPresent();
  }

  @Test
  void theOwnerSeesEverybodysTokensAndRevokesThem() throws Exception {
    String token = tokens.make(name, "old bridge " + name);
    String page =
        mvc.perform(get("/people").with(as("ilse"))).andReturn().getResponse().getContentAsString();
    assertThat(page).contains("old bridge " + name);
    long id = tokens.of(name).get(0).getId();
    mvc.perform(post("/interface/tokens/" + id + "/revoke").with(as("tuva")).with(csrf()));
    assertThat(tokens.person(token)).as("another's is left alone").isPresent();
    mvc.perform(post("/people/tokens/" + id + "/revoke").with(as("ilse")).with(csrf()));
    assertThat(tokens.person(token)).isEmpty();
    assertThat(tokens.of(name).get(0).getExpiresAt())
        .isAfter(java.time.Instant.now().plusSeconds(300L * 24 * 3600));
  }
}
