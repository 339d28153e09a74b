package unbo.core.roadside;

import java.util.Comparator;
import java.util.List;
import java.util.Set;
import unbo.core.tables.Table;

/**
 * The signs and what they come to. The worst sign counts; play with any noise, heat, or smoke is
 * always <em>stop</em>, and two signs that would each let it crawl are <em>stop</em> together,
 * since two independent signs of one wheel are further gone than one.
 */
public final class RoadCard {

  /** What to do, the worst first. */
  public enum Verdict {
    STOP(
        "Stop. Do not drive on.",
        "Have the vehicle recovered on a truck, or towed with that wheel lifted."),
    CRAWL(
        "Leave the road at walking pace, then stop.",
        "Walking pace, hazard lights, to the nearest stopping place out of the traffic; check again there."),
    FINISH(
        "Finish this trip gently, then have the vehicle repaired.",
        "No load, no hurry, no long hills. Stop often, listen, and hold a hand NEAR each hub."),
    NONE(
        "No sign found.",
        "This does not rule out a fault: if noise, smell or heat grows, stop and check again.");

    private final String words;
    private final String how;

    Verdict(String words, String how) {
      this.words = words;
      this.how = how;
    }

    public String words() {
      return words;
    }

    public String how() {
      return how;
    }
  }

  /** What to do at a running event with a crew at hand, the worst first. */
  public enum Event {
    NOW(
        "Come in now.",
        "Slow down at once, off the line, straight in; nobody goes out again on it."),
    STINT(
        "Finish the stint, then look.",
        "No more than the stint that runs, and in at once when it grows or a second sign comes."),
    AFTER("Look afterwards.", "Write it down with where and when; look before the next start."),
    NONE(
        "No sign found.",
        "This does not rule out a fault: if noise, smell or heat grows, come in.");

    private final String words;
    private final String how;

    Event(String words, String how) {
      this.words = words;
      this.how = how;
    }

    public String words() {
      return words;
    }

    public String how() {
      return how;
    }
  }

  /**
   * A sign.
   *
   * @param sense what tells it: see, hear, smell, touch, hand, foot
   * @param verdict on the road
   * @param event at a running event
   */
  public record Sign(
      String id, String sense, String words, Verdict verdict, Event event, String why) {}

  /** What the ticked signs come to at a running event. */
  public record EventAnswer(Event verdict, List<String> reasons) {}

  /**
   * What the ticked signs come to.
   *
   * @param reasons why, one for each sign that counts
   */
  public record Answer(Verdict verdict, List<String> reasons) {}

  private static final List<Sign> SIGNS =
      Table.read(
          RoadCard.class,
          "/unbo/core/roadside/signs.csv",
          row ->
              new Sign(
                  row.text("id"),
                  row.text("sense"),
                  row.text("sign"),
                  Verdict.valueOf(row.text("verdict").toUpperCase(java.util.Locale.ROOT)),
                  Event.valueOf(row.text("event").toUpperCase(java.util.Locale.ROOT)),
                  row.text("why")));

  private RoadCard() {}

  /** All signs, the worst first. */
  public static List<Sign> signs() {
    return SIGNS;
  }

  /** What some signs come to; ids that do not exist are left out. */
  public static Answer of(Set<String> ticked) {
    List<Sign> seen = SIGNS.stream().filter(s -> ticked.contains(s.id())).toList();
    Verdict worst =
        seen.stream().map(Sign::verdict).min(Comparator.naturalOrder()).orElse(Verdict.NONE);
    long crawls = seen.stream().filter(s -> s.verdict() == Verdict.CRAWL).count();
    List<String> reasons =
        new java.util.ArrayList<>(
            seen.stream().filter(s -> s.verdict() == worst).map(Sign::why).toList());
    if (worst == Verdict.CRAWL && crawls > 1) {
      reasons.add("Two such signs together mean more damage than one.");
      return new Answer(Verdict.STOP, List.copyOf(reasons));
    }
    return new Answer(worst, List.copyOf(reasons));
  }

  /**
   * What some signs come to at a running event; two that would each let it finish the stint are
   * <em>come in now</em> together.
   */
  public static EventAnswer event(Set<String> ticked) {
    List<Sign> seen = SIGNS.stream().filter(s -> ticked.contains(s.id())).toList();
    Event worst = seen.stream().map(Sign::event).min(Comparator.naturalOrder()).orElse(Event.NONE);
    List<String> reasons =
        new java.util.ArrayList<>(
            seen.stream().filter(s -> s.event() == worst).map(Sign::why).toList());
    if (worst == Event.STINT && reasons.size() > 1) {
      reasons.add("Two such signs together mean more damage than one.");
      return new EventAnswer(Event.NOW, List.copyOf(reasons));
    }
    return new EventAnswer(worst, List.copyOf(reasons));
  }
}
