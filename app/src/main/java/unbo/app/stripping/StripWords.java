package unbo.app.stripping;

import java.util.List;
import java.util.stream.Collectors;
import unbo.core.arrangement.Arrangement;
import unbo.core.strip.StripStep;

/** Steps of taking apart, and of putting together again, in words. */
public final class StripWords {

  private final Arrangement arrangement;

  public StripWords(Arrangement arrangement) {
    this.arrangement = arrangement;
  }

  /** What a part, or a ring of a whole bearing, is called. */
  public String name(String piece) {
    int slash = piece.indexOf('/');
    String part = slash < 0 ? piece : piece.substring(0, slash);
    String title = arrangement.part(part).orElseThrow().title();
    return slash < 0 ? title : title + ", " + piece.substring(slash + 1) + " ring";
  }

  public String names(List<String> pieces) {
    return pieces.stream().map(this::name).collect(Collectors.joining(", "));
  }

  /** What is done: the part that leads, what comes with it, and the way. */
  String off(StripStep step) {
    String what = whole(step);
    return switch (step.way()) {
      case LEFT -> what + ": off to the left";
      case RIGHT -> what + ": off to the right";
      case RADIAL -> what + ": out across the axis";
      case UNSCREWED -> what + ": undo, then off to the " + (step.right() ? "right" : "left");
    };
  }

  /** The same backwards. */
  public String on(StripStep step) {
    String what = whole(step);
    return switch (step.way()) {
      case LEFT -> what + ": on from the left";
      case RIGHT -> what + ": on from the right";
      case RADIAL -> what + ": in across the axis";
      case UNSCREWED ->
          what + ": on from the " + (step.right() ? "right" : "left") + ", then tighten";
    };
  }

  private String whole(StripStep step) {
    List<String> with = step.parts().subList(1, step.parts().size());
    String lead = capital(name(step.parts().get(0)));
    return with.isEmpty() ? lead : lead + " with " + names(with);
  }

  static String capital(String text) {
    return text.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + text.substring(1);
  }
}
