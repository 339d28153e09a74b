package unbo.app.guard;

import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentMap;

/** Counts what each address has under way; an address with nothing under way takes no memory. */
final class UnderWay {

  private final int most;
  private final ConcurrentMap<String, Integer> counts = new ConcurrentHashMap<>();

  UnderWay(int most) {
    this.most = most;
  }

  /** Whether one more may begin; then {@link #leave} has to follow. */
  boolean enter(String address) {
    int count = counts.merge(address, 1, Integer::sum);
    if (count > most) {
      leave(address);
      return false;
    }
    return true;
  }

  void leave(String address) {
    counts.computeIfPresent(address, (a, count) -> count == 1 ? null : count - 1);
  }
}
