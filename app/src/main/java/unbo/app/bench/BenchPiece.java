package unbo.app.bench;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import unbo.app.job.Marked;
import unbo.app.job.WorkRecord;
import unbo.app.job.Workpiece;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Assembly;
import unbo.core.setting.School;

/** An arrangement on the bench: facts from the address, a record that ends with the page. */
public final class BenchPiece implements Workpiece {

  private final BenchForm form;
  private final School school;
  private final WorkRecord work = new WorkRecord();

  private BenchPiece(BenchForm form, School school) {
    this.form = form;
    this.school = school;
  }

  static BenchPiece of(BenchForm form, String school) {
    School kept =
        Arrays.stream(School.values())
            .filter(s -> s.name().equals(school))
            .findFirst()
            .orElse(School.END_PLAY);
    BenchPiece piece = new BenchPiece(form, kept);
    form.assembly()
        .read()
        .forEach(
            (place, bearing) ->
                piece.work.setBearing(place, Marked.read(bearing.designation(), form.get(place))));
    form.assembly().measured().forEach(piece.work::setDimension);
    return piece;
  }

  @Override
  public Arrangement arrangement() {
    return form.arrangement();
  }

  @Override
  public WorkRecord work() {
    return work;
  }

  @Override
  public Assembly assembly() {
    return form.assembly();
  }

  @Override
  public School school() {
    return school;
  }

  @Override
  public String title() {
    return arrangement().title();
  }

  @Override
  public String address() {
    return "/bench/" + arrangement().id();
  }

  @Override
  public String at(String station, String part) {
    return form.address(station) + "part=" + part;
  }

  /** What was typed, and the setting method where it is not the usual one. */
  @Override
  public Map<String, String> facts() {
    Map<String, String> facts = new LinkedHashMap<>(form.typed());
    if (school != School.END_PLAY) {
      facts.put("school", school.name());
    }
    return facts;
  }

  @Override
  public boolean isKept() {
    return false;
  }

  @Override
  public boolean isClosed() {
    return false;
  }
}
