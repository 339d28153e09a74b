package unbo.app;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/** Several people doing something in the same instant. */
public final class AtOnce {

  private AtOnce() {}

  /** What a person does, by number. */
  @FunctionalInterface
  public interface Deed<T> {
    T of(int person) throws Exception;
  }

  /** All start together; an exception of one fails the test. */
  public static <T> List<T> all(int people, Deed<T> deed) throws Exception {
    CyclicBarrier start = new CyclicBarrier(people);
    ExecutorService pool = Executors.newFixedThreadPool(people);
    try {
      List<Future<T>> begun = new ArrayList<>();
      for (int i = 0; i < people; i++) {
        int person = i;
        begun.add(
            pool.submit(
                () -> {
                  start.await();
                  return deed.of(person);
                }));
      }
      List<T> done = new ArrayList<>();
      for (Future<T> one : begun) {
        done.add(one.get());
      }
      return done;
    } finally {
      pool.shutdownNow();
    }
  }
}
