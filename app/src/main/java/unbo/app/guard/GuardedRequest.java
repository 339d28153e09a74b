package unbo.app.guard;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.Collections;
import java.util.Enumeration;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.MediaType;
import org.springframework.http.converter.FormHttpMessageConverter;
import org.springframework.util.MultiValueMap;
import unbo.app.web.CleanText;

/** A request whose body has been read, and whose fields hold nothing that a record cannot keep. */
final class GuardedRequest extends HttpServletRequestWrapper {

  private static final FormHttpMessageConverter FORMS = new FormHttpMessageConverter();

  private final byte[] body;
  private Map<String, String[]> fields;

  GuardedRequest(HttpServletRequest request, byte[] body) {
    super(request);
    this.body = body;
  }

  /** One whose body is read by others, later: its fields are cleaned all the same. */
  static GuardedRequest unread(HttpServletRequest request) {
    return new GuardedRequest(request, null);
  }

  boolean hasTooManyFields() {
    Map<String, String[]> all = getParameterMap();
    return all.size() > Bounds.FIELDS
        || all.values().stream().anyMatch(v -> v.length > Bounds.VALUES);
  }

  private boolean isForm() {
    String type = String.valueOf(getContentType());
    return body != null
        && body.length > 0
        && type.startsWith(MediaType.APPLICATION_FORM_URLENCODED_VALUE);
  }

  @Override
  public Map<String, String[]> getParameterMap() {
    if (fields == null) {
      Map<String, String[]> all = new LinkedHashMap<>(super.getParameterMap());
      if (isForm()) {
        form().forEach((name, values) -> add(all, name, values.toArray(String[]::new)));
      }
      Map<String, String[]> clean = new LinkedHashMap<>();
      all.forEach((name, values) -> add(clean, CleanText.of(name), cleaned(values)));
      fields = Collections.unmodifiableMap(clean);
    }
    return fields;
  }

  private static void add(Map<String, String[]> all, String name, String[] values) {
    all.merge(name, values, (a, b) -> Stream.of(a, b).flatMap(Stream::of).toArray(String[]::new));
  }

  private static String[] cleaned(String[] values) {
    return Stream.of(values).map(v -> v == null ? "" : CleanText.of(v)).toArray(String[]::new);
  }

  /** What cannot be decoded is no field; the controllers say what is missing. */
  private MultiValueMap<String, String> form() {
    try {
      return FORMS.read(null, new Body());
    } catch (IOException | IllegalArgumentException e) {
      return new org.springframework.util.LinkedMultiValueMap<>();
    }
  }

  private final class Body implements HttpInputMessage {
    @Override
    public InputStream getBody() {
      return new ByteArrayInputStream(body);
    }

    @Override
    public HttpHeaders getHeaders() {
      HttpHeaders headers = new HttpHeaders();
      headers.setContentType(
          new MediaType(MediaType.APPLICATION_FORM_URLENCODED, StandardCharsets.UTF_8));
      return headers;
    }
  }

  @Override
  public String getParameter(String name) {
    String[] values = getParameterMap().get(name);
    return values == null || values.length == 0 ? null : values[0];
  }

  @Override
  public String[] getParameterValues(String name) {
    String[] values = getParameterMap().get(name);
    return values == null ? null : values.clone();
  }

  @Override
  public Enumeration<String> getParameterNames() {
    return Collections.enumeration(getParameterMap().keySet());
  }

  @Override
  public ServletInputStream getInputStream() throws IOException {
    if (body == null) {
      return super.getInputStream();
    }
    ByteArrayInputStream in = new ByteArrayInputStream(body);
    return new ServletInputStream() {
      @Override
      public int read() {
        return in.read();
      }

      @Override
      public int read(byte[] into, int from, int length) {
        return in.read(into, from, length);
      }

      @Override
      public boolean isFinished() {
        return in.available() == 0;
      }

      @Override
      public boolean isReady() {
        return true;
      }

      @Override
      public void setReadListener(ReadListener listener) {
        throw new IllegalStateException("the body has been read already");
      }
    };
  }

  @Override
  public BufferedReader getReader() throws IOException {
    return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
  }
}
