package unbo.app.guard;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;

/**
 * Answers what is so broken or so long that the server did not read it to its end: no filter ever
 * sees such a request. Without its address nobody can tell a page from the interface, so it is a
 * problem detail, which a person can read too.
 */
public final class UnreadRequest extends ErrorReportValve {

  private static final int ADDRESS_TOO_LONG = 414;

  @Override
  protected void report(Request request, Response response, Throwable thrown) {
    if (response.getContentWritten() > 0 || !response.setErrorReported()) {
      return;
    }
    boolean addressRead = !request.getCoyoteRequest().requestURI().isNull();
    boolean methodRead = !request.getCoyoteRequest().method().isNull();
    int status = methodRead && !addressRead ? ADDRESS_TOO_LONG : response.getStatus();
    String detail =
        status == ADDRESS_TOO_LONG
            ? "The address is too long: send long texts by POST."
            : "The request cannot be read: its address or its headers are broken or too long.";
    try {
      response.setStatus(status);
      response.setContentType("application/problem+json");
      byte[] body =
          ("{\"title\":\"Not answered\",\"status\":"
                  + status
                  + ",\"code\":\"unreadable-request\",\"detail\":\""
                  + detail
                  + "\",\"problems\":[]}")
              .getBytes(StandardCharsets.UTF_8);
      response.setContentLength(body.length);
      response.getOutputStream().write(body);
      response.finishResponse();
    } catch (IOException e) {
      container.getLogger().debug("nobody takes the answer", e);
    }
  }
}
