package unbo.app.stripping;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import unbo.app.drawing.LandPicture;
import unbo.app.drawing.StripPicture;
import unbo.app.job.Workpiece;
import unbo.app.web.Figures;
import unbo.app.working.Figure;
import unbo.app.working.WorkingView;
import unbo.app.working.Workings;
import unbo.core.arrangement.Contact;
import unbo.core.arrangement.PartTemplate;
import unbo.core.strip.Circumstances;
import unbo.core.strip.Circumstances.State;
import unbo.core.strip.Route;
import unbo.core.strip.Routes;
import unbo.core.strip.RustSteps;
import unbo.core.strip.RustSteps.RustStep;
import unbo.core.strip.SpacerLand;
import unbo.core.strip.StripOrder;
import unbo.core.strip.StripStep;
import unbo.core.strip.Tool;
import unbo.core.strip.ToolRange;

/**
 * What the Strip sheet shows.
 *
 * @param steps all of them, first to last
 * @param back the same backwards, as they go on again
 * @param open the step that is shown, null where the whole is off or nothing comes off
 * @param shutIn parts that cannot leave along the axis, in words
 * @param tools what a shop may own
 * @param ownTools whether this shop has said what it owns
 * @param rust what to try where the open step is rusted or seized, the gentlest first; else empty
 * @param workings of the figures
 */
public record StripSheet(
    List<Row> steps,
    List<Back> back,
    Open open,
    List<String> shutIn,
    List<ToolRow> tools,
    boolean ownTools,
    List<RustStep> rust,
    List<WorkingView> workings) {

  /** A step as it goes on again, with what was kept when it came off; empty for nothing. */
  public record Back(String words, String kept) {}

  /** A step in the list. */
  public record Row(
      int number,
      String address,
      String words,
      boolean now,
      boolean tight,
      StripRecord.Taken taken) {}

  /**
   * The step that is shown.
   *
   * @param part that leads it
   * @param frees what comes free by it, in words; empty for nothing
   * @param contacts that may be rusted or seized
   * @param lands what a collet's lip finds behind the ring of a spacer hub; empty elsewhere
   * @param collet what that says of the collet, in words
   * @param force what parts a tight ring; null where that is not known
   * @param land the corner drawn; null elsewhere
   */
  public record Open(
      int number,
      String part,
      String words,
      String frees,
      StripPicture picture,
      List<RouteRow> routes,
      List<ContactRow> contacts,
      List<Figure> lands,
      String collet,
      LandPicture land,
      PullForce force,
      StripRecord.Taken taken,
      String next,
      String before) {}

  /**
   * A way, with its heat worked.
   *
   * @param tooSmall this shop's tools whose range does not reach the ring, in words
   */
  public record RouteRow(
      Route route, String tools, String missing, String tooSmall, String force, Figure heat) {}

  /** A contact and what became of it. */
  public record ContactRow(String name, String words, String state) {}

  /** A tool and whether this shop has it. */
  public record ToolRow(Tool tool, boolean owned, String detail) {}

  static StripSheet of(
      Workpiece piece, String part, StripRecord record, List<ShopTool> owned, Figures figures) {
    return new Maker(piece, record, owned, figures).make(part);
  }

  /** The state of the work: all off, some, or none. */
  static boolean isAllOff(Workpiece piece, StripRecord record) {
    return order(piece, record, List.of()).steps().stream()
        .allMatch(s -> record.taken(s.parts().get(0)).isPresent());
  }

  private static StripOrder order(Workpiece piece, StripRecord record, List<ShopTool> owned) {
    return StripOrder.of(piece.assembly(), found(record, owned));
  }

  private static Circumstances found(StripRecord record, List<ShopTool> owned) {
    Optional<Set<Tool>> tools =
        owned.isEmpty()
            ? Optional.empty()
            : Optional.of(
                owned.stream()
                    .flatMap(t -> Tool.withId(t.getTool()).stream())
                    .collect(java.util.stream.Collectors.toSet()));
    return new Circumstances(Optional.empty(), record.states(), tools);
  }

  /** What is needed while the sheet is made. */
  private static final class Maker {

    private final Workpiece piece;
    private final StripRecord record;
    private final List<ShopTool> owned;
    private final Figures figures;
    private final StripWords words;
    private final StripOrder order;
    private final Workings workings = new Workings("strip");

    Maker(Workpiece piece, StripRecord record, List<ShopTool> owned, Figures figures) {
      this.piece = piece;
      this.record = record;
      this.owned = owned;
      this.figures = figures;
      this.words = new StripWords(piece.arrangement());
      this.order = order(piece, record, owned);
    }

    StripSheet make(String part) {
      List<StripStep> steps = order.steps();
      int open = shown(steps, part);
      List<Row> rows = new ArrayList<>();
      for (int i = 0; i < steps.size(); i++) {
        String lead = steps.get(i).parts().get(0);
        rows.add(
            new Row(
                i + 1,
                piece.at("strip", lead),
                words.off(steps.get(i)),
                i == open,
                steps.get(i).needsRoute(),
                record.taken(lead).orElse(null)));
      }
      List<Back> back = new ArrayList<>(steps.stream().map(this::back).toList());
      Collections.reverse(back);
      return new StripSheet(
          rows,
          back,
          open < 0 ? null : open(steps, open),
          shutIn(),
          tools(),
          !owned.isEmpty(),
          open < 0 ? List.of() : rust(steps.get(open)),
          workings.all());
    }

    /** The step of a marked part, else the first that was not taken. */
    private int shown(List<StripStep> steps, String part) {
      int lead = -1;
      int first = -1;
      for (int i = 0; i < steps.size(); i++) {
        List<String> parts = steps.get(i).parts();
        lead = parts.get(0).equals(part) || lead < 0 && parts.contains(part) ? i : lead;
        first = first < 0 && record.taken(parts.get(0)).isEmpty() ? i : first;
      }
      return lead >= 0 ? lead : first >= 0 ? first : steps.size() - 1;
    }

    private Open open(List<StripStep> steps, int at) {
      StripStep step = steps.get(at);
      String lead = step.parts().get(0);
      List<Route> routes =
          step.needsRoute()
              ? Routes.of(piece.assembly(), order, step, lead, found(record, owned))
              : List.of();
      List<String> path =
          routes.stream()
              .findFirst()
              .filter(r -> r.isInReach() && r.kind().isForce())
              .map(Route::path)
              .orElse(List.of());
      return new Open(
          at + 1,
          lead,
          words.off(step),
          step.frees().isEmpty() ? "" : words.names(step.frees()),
          StripPicture.of(piece.assembly(), step, path),
          routes.stream().map(r -> row(r, lead)).toList(),
          contacts(step),
          lands(lead),
          collet(lead),
          land(lead).map(LandPicture::of).orElse(null),
          routes.isEmpty() ? null : PullForce.of(piece, step, owned, workings).orElse(null),
          record.taken(lead).orElse(null),
          at + 1 < steps.size() ? piece.at("strip", steps.get(at + 1).parts().get(0)) : null,
          at > 0 ? piece.at("strip", steps.get(at - 1).parts().get(0)) : null);
    }

    private Optional<SpacerLand> land(String lead) {
      return piece
          .arrangement()
          .part(lead)
          .flatMap(PartTemplate::place)
          .flatMap(p -> SpacerLand.of(piece.assembly(), p));
    }

    private List<Figure> lands(String lead) {
      return land(lead)
          .map(
              l ->
                  List.of(
                      workings.figure(
                          "", l.least(), figures.size(l.least().result().value()) + " mm"),
                      workings.figure(
                          "", l.most(), figures.size(l.most().result().value()) + " mm")))
          .orElse(List.of());
    }

    private String collet(String lead) {
      return land(lead)
          .map(
              l ->
                  l.says().words()
                      + (l.measured() ? "" : " Spacer bore and chamfer are not measured yet."))
          .orElse("");
    }

    /** A collet's range against the ring's bore, which it goes through. */
    private String tooSmall(Route route, String lead) {
      Optional<Double> bore =
          piece
              .arrangement()
              .part(lead)
              .flatMap(PartTemplate::place)
              .flatMap(p -> piece.assembly().bearingAt(p))
              .map(b -> b.boreMm());
      List<String> small = new ArrayList<>();
      for (ShopTool tool : owned) {
        boolean isCollet = tool.getTool().equals(Tool.COLLET_PULLER.id());
        boolean used =
            isCollet && route.tools().stream().anyMatch(t -> t.id().equals(tool.getTool()));
        Optional<ToolRange> range = ToolRange.in(tool.getDetail());
        if (used && bore.isPresent() && range.isPresent() && !range.get().reaches(bore.get())) {
          small.add(
              Tool.withId(tool.getTool()).map(Tool::title).orElse("")
                  + " of "
                  + tool.getDetail()
                  + " for a bore of "
                  + figures.size(bore.get())
                  + " mm");
        }
      }
      return String.join(", ", small);
    }

    private RouteRow row(Route route, String lead) {
      String force =
          route.path().isEmpty() || route.heat().isPresent()
              ? ""
              : String.join(" → ", route.path().stream().map(words::name).distinct().toList());
      Figure heat =
          route
              .heat()
              .map(
                  h ->
                      workings.figure(
                          "",
                          h,
                          "needs up to "
                              + Math.round(h.result().value())
                              + " °C; the limit is "
                              + Math.round(route.limitC())
                              + " °C"))
              .orElse(null);
      return new RouteRow(
          route,
          String.join(", ", route.tools().stream().map(Tool::title).toList()),
          String.join(", ", route.missing().stream().map(Tool::title).toList()),
          tooSmall(route, lead),
          force,
          heat);
    }

    private Back back(StripStep step) {
      String kept = record.taken(step.parts().get(0)).map(StripRecord.Taken::kept).orElse("");
      return new Back(words.on(step), kept);
    }

    private List<RustStep> rust(StripStep step) {
      boolean held =
          contacts(step).stream()
              .map(ContactRow::state)
              .anyMatch(s -> s.equals(State.RUSTED.id()) || s.equals(State.SEIZED.id()));
      return held ? RustSteps.all() : List.of();
    }

    /** Fits that this step parts, tight or not. */
    private List<ContactRow> contacts(StripStep step) {
      return piece.arrangement().contacts().stream()
          .filter(c -> c.kind() == Contact.Kind.ON || c.kind() == Contact.Kind.IN)
          .filter(c -> step.parts().contains(c.part()) != step.parts().contains(c.other()))
          .filter(c -> step.among().containsAll(List.of(c.part(), c.other())))
          .map(this::contact)
          .toList();
    }

    private ContactRow contact(Contact c) {
      String name = Circumstances.name(c);
      String title =
          words.name(c.part())
              + (c.kind() == Contact.Kind.ON ? " on " : " in ")
              + words.name(c.other());
      return new ContactRow(
          name,
          StripWords.capital(title),
          Optional.ofNullable(record.states().get(name)).map(State::id).orElse(""));
    }

    private List<String> shutIn() {
      return order.shutIn().entrySet().stream()
          .map(
              e ->
                  StripWords.capital(words.name(e.getKey()))
                      + ": not along the axis, between "
                      + words.names(e.getValue()))
          .sorted()
          .toList();
    }

    private List<ToolRow> tools() {
      return Arrays.stream(Tool.values())
          .map(
              t ->
                  owned.stream()
                      .filter(o -> o.getTool().equals(t.id()))
                      .findFirst()
                      .map(o -> new ToolRow(t, true, o.getDetail()))
                      .orElseGet(() -> new ToolRow(t, false, "")))
          .toList();
    }
  }
}
