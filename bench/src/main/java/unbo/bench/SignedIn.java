package unbo.bench;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A person's browser without a screen: cookies, the token of forms, the demo's sign-in. */
final class SignedIn {

  private static final Pattern CSRF = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"");

  private final String root;
  private final HttpClient client =
      HttpClient.newBuilder()
          .cookieHandler(new CookieManager())
          .followRedirects(HttpClient.Redirect.NORMAL)
          .build();

  SignedIn(String root, String username) throws IOException, InterruptedException {
    this.root = root;
    HttpResponse<String> in =
        send(form("/login", "username=" + username + "&password=cone-and-cup" + token("/login")));
    if (!in.uri().getPath().equals("/yard")) {
      throw new IOException("not signed in: " + in.uri());
    }
  }

  HttpClient client() {
    return client;
  }

  /** The hidden token of a page's form, ready to append to a body; empty where it has no form. */
  String token(String path) throws IOException, InterruptedException {
    Matcher csrf = CSRF.matcher(send(page(path)).body());
    return csrf.find() ? "&_csrf=" + URLEncoder.encode(csrf.group(1), StandardCharsets.UTF_8) : "";
  }

  HttpResponse<String> send(HttpRequest request) throws IOException, InterruptedException {
    return client.send(request, HttpResponse.BodyHandlers.ofString());
  }

  HttpRequest page(String path) {
    return HttpRequest.newBuilder(URI.create(root + path)).build();
  }

  HttpRequest form(String path, String body) {
    return HttpRequest.newBuilder(URI.create(root + path))
        .header("Content-Type", "application/x-www-form-urlencoded")
        .POST(HttpRequest.BodyPublishers.ofString(body))
        .build();
  }
}
