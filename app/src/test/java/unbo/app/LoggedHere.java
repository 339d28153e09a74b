package unbo.app;

import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.read.ListAppender;
import java.util.List;
import org.slf4j.LoggerFactory;

/**
 * What one thread alone logs. The output of the process is everybody's: other tests run beside this
 * one, and some of them make errors on purpose.
 */
public final class LoggedHere {

  private LoggedHere() {}

  /** Something a test does, which may fail. */
  @FunctionalInterface
  public interface Act {
    void run() throws Exception;
  }

  /**
   * The messages that this thread logs with an exception while it acts. No application starts
   * meanwhile, for a start sets the logging of all up anew and would take the ear away.
   */
  public static List<String> thrownDuring(Act act) throws Exception {
    Logger root = (Logger) LoggerFactory.getLogger(Logger.ROOT_LOGGER_NAME);
    ListAppender<ILoggingEvent> heard = new ListAppender<>();
    heard.setContext(root.getLoggerContext());
    heard.start();
    synchronized (OneStart.class) {
      root.addAppender(heard);
      try {
        act.run();
      } finally {
        root.detachAppender(heard);
      }
    }
    return heard.list.stream()
        .filter(event -> event.getThreadName().equals(Thread.currentThread().getName()))
        .filter(event -> event.getThrowableProxy() != null)
        .map(ILoggingEvent::getFormattedMessage)
        .toList();
  }
}
