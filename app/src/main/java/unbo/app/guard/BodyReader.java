package unbo.app.guard;

import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import org.springframework.http.HttpHeaders;
import unbo.app.web.Failure;

/**
 * Reads a whole body before anybody works on it, within a size and a time. A body that is already
 * here is read at once; one that trickles in takes one of few places of its address, so that slow
 * senders hold few threads.
 */
final class BodyReader {

  /** Thrown when a body is not taken. */
  static final class Refused extends Exception {
    private static final long serialVersionUID = 1L;
    private final transient Failure failure;

    private Refused(Failure failure) {
      super(failure.text(), null, false, false);
      this.failure = failure;
    }

    Failure failure() {
      return failure;
    }
  }

  private final HttpServletRequest request;
  private final UnderWay slow;
  private final int most;
  private final long begun = System.nanoTime();
  private boolean hasPlace;

  BodyReader(HttpServletRequest request, UnderWay slow) {
    this.request = request;
    this.slow = slow;
    this.most = Bounds.body(request.getRequestURI());
  }

  /** The body; empty when there is none. */
  byte[] read() throws Refused, IOException {
    long length = request.getContentLengthLong();
    boolean chunked = request.getHeader(HttpHeaders.TRANSFER_ENCODING) != null;
    if (length <= 0 && !chunked) {
      return new byte[0];
    }
    try {
      return take(request.getInputStream(), chunked ? Long.MAX_VALUE : length);
    } finally {
      if (hasPlace) {
        slow.leave(request.getRemoteAddr());
      }
    }
  }

  private byte[] take(ServletInputStream in, long length) throws Refused {
    ByteArrayOutputStream taken = new ByteArrayOutputStream((int) Math.min(length, most));
    byte[] part = new byte[8192];
    long seen = 0;
    while (seen < length && seen <= Bounds.DISCARDED) {
      awaitBytes();
      int n = next(in, part);
      if (n < 0) {
        break;
      }
      seen += n;
      if (seen <= most) {
        taken.write(part, 0, n);
      }
    }
    if (seen > most) {
      throw new Refused(tooLarge());
    }
    return taken.toByteArray();
  }

  /** Waits for bytes without holding the connection in a read that may last. */
  private void awaitBytes() throws Refused {
    while (!ArrivingBytes.areHere(request)) {
      long waited = (System.nanoTime() - begun) / 1_000_000;
      if (waited > Bounds.BODY_MS) {
        throw new Refused(tooSlow());
      }
      if (waited > Bounds.PROMPT_MS && !hasPlace) {
        hasPlace = slow.enter(request.getRemoteAddr());
        if (!hasPlace) {
          throw new Refused(Failure.of(429, "Too many requests at once", ""));
        }
      }
      pause();
    }
  }

  private static void pause() throws Refused {
    try {
      Thread.sleep(Bounds.LOOK_AGAIN_MS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new Refused(tooSlow());
    }
  }

  /** A sender that broke off in the middle has gone. */
  private static int next(ServletInputStream in, byte[] part) throws Refused {
    try {
      return in.read(part);
    } catch (IOException e) {
      throw new Refused(tooSlow());
    }
  }

  private static Failure tooSlow() {
    return Failure.of(
        408,
        "The entry did not arrive",
        "Nothing was saved: the connection was too slow or broke off. Go back and save again.");
  }

  private Failure tooLarge() {
    String advice =
        most == Bounds.IMPORT_BODY
            ? "A table may have 2 MB: import it in parts of 5 000 lines at most."
            : most == Bounds.JSON_BODY
                ? "A call may have 64 KB: send less at once."
                : "A form may have 256 KB: shorten what you typed.";
    return Failure.of(413, "Too large", "Nothing was saved. " + advice);
  }
}
