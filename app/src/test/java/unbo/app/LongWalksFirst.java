package unbo.app;

import java.util.Comparator;
import org.junit.jupiter.api.ClassDescriptor;
import org.junit.jupiter.api.ClassOrderer;
import org.junit.jupiter.api.ClassOrdererContext;
import org.junit.jupiter.api.Order;

/**
 * The long walks begin, which wait for the application to start; what needs none is done meanwhile;
 * then the rest.
 */
public final class LongWalksFirst implements ClassOrderer {

  @Override
  public void orderClasses(ClassOrdererContext context) {
    context
        .getClassDescriptors()
        .sort(
            Comparator.<ClassDescriptor>comparingInt(LongWalksFirst::order)
                .thenComparing(test -> AppTest.class.isAssignableFrom(test.getTestClass())));
  }

  private static int order(ClassDescriptor test) {
    return test.findAnnotation(Order.class).map(Order::value).orElse(Order.DEFAULT);
  }
}
