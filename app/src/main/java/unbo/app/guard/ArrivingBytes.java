package unbo.app.guard;

import jakarta.servlet.ServletException;
import jakarta.servlet.ServletRequest;
import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.ActionCode;

/**
 * Lets the guard ask the server whether bytes of a body have arrived. The servlet interface knows
 * only reads that block, or listeners that come back past the checks of security.
 */
final class ArrivingBytes extends ValveBase {

  private static final String ATTRIBUTE = ArrivingBytes.class.getName();

  ArrivingBytes() {
    super(true);
  }

  @Override
  public void invoke(Request request, Response response) throws IOException, ServletException {
    request.setAttribute(ATTRIBUTE, request.getCoyoteRequest());
    getNext().invoke(request, response);
  }

  /** Whether a read would not wait; always so where there is no such server, as in tests. */
  static boolean areHere(ServletRequest request) {
    if (!(request.getAttribute(ATTRIBUTE) instanceof org.apache.coyote.Request server)) {
      return true;
    }
    server.action(ActionCode.AVAILABLE, Boolean.TRUE);
    return server.getAvailable() != 0;
  }
}
