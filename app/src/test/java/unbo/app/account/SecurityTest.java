package unbo.app.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestBuilders.formLogin;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrlPattern;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.hamcrest.Matchers;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.core.env.Environment;
import unbo.app.PageTest;

class SecurityTest extends PageTest {

  @Autowired private AccountRepository accounts;
  @Autowired private Environment environment;

  @Test
  void nothingIsShownBeforeSigningIn() throws Exception {
    for (String page :
        new String[] {
          "/yard", "/jobs/1", "/jobs/1/sheet", "/vehicles/1/positions/axle-1-left/open"
        }) {
      mvc.perform(get(page)).andExpect(redirectedUrlPattern("**/login"));
    }
  }

  @Test
  void aFragmentIsRefusedPlainlySoThatThePageKeepsWhatWasTyped() throws Exception {
    mvc.perform(get("/jobs/1").header("HX-Request", "true")).andExpect(status().isUnauthorized());
  }

  @Test
  void theDemoAccountsSignInAndAWrongPasswordDoesNot() throws Exception {
    mvc.perform(formLogin().user("tuva").password(DemoPassword.VALUE))
        .andExpect(redirectedUrl("/yard"));
    mvc.perform(formLogin().user("tuva").password("wrong"))
        .andExpect(redirectedUrl("/login?error"));
    mvc.perform(get("/login"))
        .andExpect(content().string(Matchers.containsString(DemoPassword.VALUE)));
  }

  @Test
  void passwordsAreKeptAsHashesOnly() {
    assertThat(accounts.findByUsername("ilse").orElseThrow().getPasswordHash())
        .startsWith("$2")
        .doesNotContain(DemoPassword.VALUE);
  }

  @Test
  void aFormWithoutItsTokenIsRefused() throws Exception {
    mvc.perform(post("/jobs/1/book").param("revision", "0").with(as("ilse")))
        .andExpect(status().isForbidden());
  }

  @Test
  void thePolicyAllowsNothingInlineAndNoOtherOrigin() throws Exception {
    mvc.perform(get("/login"))
        .andExpect(
            header()
                .string(
                    "Content-Security-Policy",
                    Matchers.allOf(
                        Matchers.containsString("default-src 'none'"),
                        Matchers.not(Matchers.containsString("unsafe")))))
        .andExpect(header().string("X-Frame-Options", "DENY"))
        .andExpect(content().string(Matchers.not(Matchers.containsString(" style="))));
  }

  @Test
  void onlyLoopbackIsListenedTo() {
    assertThat(environment.getProperty("server.address")).isEqualTo("127.0.0.1");
  }

  @Test
  void anAddressThatNamesNothingIsAnsweredPlainly() throws Exception {
    for (String page : new String[] {"/jobs/999999", "/vehicles/999999/positions/x/open"}) {
      mvc.perform(get(page).with(as("ilse")))
          .andExpect(status().isNotFound())
          .andExpect(content().string(Matchers.containsString("Page not found")));
    }
    mvc.perform(get("/jobs/abc").with(as("ilse")))
        .andExpect(status().isBadRequest())
        .andExpect(content().string(Matchers.containsString("cannot be read")));
  }
}
