package unbo.app.setting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Assembly;
import unbo.core.measure.Measured;
import unbo.core.measure.Verdict;
import unbo.core.measure.Window;
import unbo.core.setting.SettingOutcome;
import unbo.core.setting.SpacerLength;
import unbo.core.units.Digits;

/** What the settings of an arrangement come to together: the worst verdict of them holds. */
final class GeneralOutcome {

  /** A torque wrench of the workshop is good to this share (ISO 6789-1, type II: 4 % or 6 %). */
  private static final double WRENCH = 0.06;

  private GeneralOutcome() {}

  /** The outcome of what was entered; empty while nothing was. */
  static Optional<SettingOutcome> of(Assembly assembly, Map<String, GeneralSetting> all) {
    Arrangement arrangement = assembly.arrangement();
    Spacers spacers = spacers(assembly);
    List<String> texts = new ArrayList<>();
    Verdict worst = Verdict.YES;
    boolean over = false;
    for (String part : GeneralSheet.parts(arrangement)) {
      GeneralSetting s = all.get(part);
      if (s != null && s.isEntered()) {
        Verdict verdict = verdict(s);
        texts.add(GeneralSheet.title(arrangement, part) + ": " + words(s));
        worst = worse(worst, verdict);
        over |= isOver(s);
      }
      // A spacer that is too short for certain is said though nobody entered a limit.
      Optional<SpacerLength> spacer =
          spacers.at(part).filter(l -> l.verdict() == Verdict.NO || !texts.isEmpty());
      if (spacer.isPresent()) {
        texts.add(GeneralSheet.title(arrangement, part) + ": " + spacer.get().sentence());
        worst = spacer.get().verdict() == Verdict.NO ? Verdict.NO : worst;
      }
    }
    return texts.isEmpty()
        ? Optional.empty()
        : Optional.of(new SettingOutcome(worst, String.join(" ", texts), over));
  }

  /** The spacers of an assembly whose sizes were measured, by part. */
  record Spacers(Map<String, SpacerLength> byPart) {
    Optional<SpacerLength> at(String part) {
      return Optional.ofNullable(byPart.get(part));
    }
  }

  static Spacers spacers(Assembly assembly) {
    Map<String, SpacerLength> all = new LinkedHashMap<>();
    assembly
        .arrangement()
        .adjustments()
        .forEach(a -> SpacerLength.of(a, assembly).ifPresent(s -> all.put(a.part(), s)));
    return new Spacers(all);
  }

  /** Readings against their window, torque against what was applied; the worse of the two. */
  static Verdict verdict(GeneralSetting s) {
    return worse(worse(ofReadings(s), ofTorque(s)), ofStages(s));
  }

  /** No reading and no window is no verdict against it. */
  static Verdict ofReadings(GeneralSetting s) {
    if (s.measured().isEmpty() && s.window().isEmpty()) {
      return Verdict.YES;
    }
    return s.measured().isEmpty() || s.window().isEmpty()
        ? Verdict.CANNOT_TELL
        : s.window().get().judge(s.measured().get().result());
  }

  private static Verdict ofTorque(GeneralSetting s) {
    if (s.torqueNm() == null && s.appliedNm() == null) {
      return Verdict.YES;
    }
    if (s.torqueNm() == null || s.appliedNm() == null) {
      return Verdict.CANNOT_TELL;
    }
    double share = s.appliedNm() / s.torqueNm();
    return new Window(1 - WRENCH, 1 + WRENCH).contains(share) ? Verdict.YES : Verdict.NO;
  }

  /** Steps that were not entered on either side say nothing. */
  private static Verdict ofStages(GeneralSetting s) {
    if (s.wanted().isEmpty() && s.done().isEmpty()) {
      return Verdict.YES;
    }
    return s.wanted().isEmpty() || s.done().isEmpty()
        ? Verdict.CANNOT_TELL
        : s.wanted().get().judge(s.done().get());
  }

  private static boolean isOver(GeneralSetting s) {
    return s.unit().equals("mm")
        && s.measured().isPresent()
        && s.window().isPresent()
        && s.measured().get().result().least() > s.window().get().to();
  }

  private static Verdict worse(Verdict a, Verdict b) {
    if (a == Verdict.NO || b == Verdict.NO) {
      return Verdict.NO;
    }
    return a == Verdict.YES ? b : a;
  }

  /** The result in words. */
  static String words(GeneralSetting s) {
    List<String> parts = new ArrayList<>();
    s.measured().ifPresent(r -> parts.add(measured(s, r.result())));
    if (s.measured().isEmpty() && s.window().isPresent()) {
      parts.add("not measured yet, wanted " + wanted(s));
    }
    torque(s).ifPresent(parts::add);
    stages(s).ifPresent(parts::add);
    s.usedLocker().ifPresent(l -> parts.add("thread locker: " + l.title()));
    return String.join("; ", parts) + ".";
  }

  private static String measured(GeneralSetting s, Measured value) {
    String figures = Digits.both(value.value(), value.uncertainty()) + " " + s.unit() + " (95 %)";
    if (s.window().isEmpty()) {
      return figures + ", cannot tell without the limits";
    }
    String word =
        switch (ofReadings(s)) {
          case YES -> "within limits, ";
          case NO -> "out of limits, ";
          case CANNOT_TELL -> "cannot tell whether within limits, ";
        };
    return figures + ": " + word + wanted(s);
  }

  private static String wanted(GeneralSetting s) {
    Window w = s.window().orElseThrow();
    String source = s.source();
    return Digits.exact(w.from())
        + " to "
        + Digits.exact(w.to())
        + " "
        + s.unit()
        + (source.isEmpty() ? ", source not entered" : " (" + source + ")");
  }

  private static Optional<String> stages(GeneralSetting s) {
    if (s.wanted().isEmpty() && s.done().isEmpty()) {
      return Optional.empty();
    }
    String wanted =
        s.wanted().map(t -> "steps wanted " + t.text()).orElse("no steps entered from the maker");
    String done = s.done().map(t -> "done " + t.text()).orElse("none done yet");
    String next =
        s.wanted()
            .flatMap(w -> s.done().map(w::next))
            .filter(n -> !n.isEmpty())
            .map(n -> ", next " + n)
            .orElse("");
    String word =
        ofStages(s) == Verdict.NO
            ? ", out of limits: 4 % off at a torque (6 % up to 10 Nm), 5° at an angle"
            : next;
    return Optional.of(wanted + ", " + done + word);
  }

  private static Optional<String> torque(GeneralSetting s) {
    if (s.torqueNm() == null && s.appliedNm() == null) {
      return Optional.empty();
    }
    String wanted =
        s.torqueNm() == null
            ? "no torque entered from the vehicle maker"
            : "torque wanted "
                + Digits.exact(s.torqueNm())
                + " Nm"
                + (s.torqueSource().isEmpty()
                    ? ", source not entered"
                    : " (" + s.torqueSource() + ")");
    String applied =
        s.appliedNm() == null
            ? "not applied yet"
            : "applied " + Digits.exact(s.appliedNm()) + " Nm";
    String word = ofTorque(s) == Verdict.NO ? ", out of limits: more than 6 % off" : "";
    return Optional.of(wanted + ", " + applied + word);
  }
}
