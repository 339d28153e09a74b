package unbo.app;

import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.RequestPostProcessor;

/**
 * Asks for pages without a browser. In a context apart from the browser's: the test tokens put
 * themselves into the filter chain and stay there.
 */
@AutoConfigureMockMvc
public abstract class PageTest extends AppTest {

  @Autowired protected MockMvc mvc;
  @Autowired private UserDetailsService people;

  protected RequestPostProcessor as(String username) {
    return SecurityMockMvcRequestPostProcessors.user(people.loadUserByUsername(username));
  }

  protected static RequestPostProcessor csrf() {
    return SecurityMockMvcRequestPostProcessors.csrf();
  }
}
