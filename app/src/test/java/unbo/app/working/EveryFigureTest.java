package unbo.app.working;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.TextNode;
import org.jsoup.select.NodeTraversor;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import unbo.app.PageTest;
import unbo.app.job.Job;
import unbo.app.job.Station;
import unbo.app.vehicle.Vehicle;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.diagnosis.DiagnosisModel;
import unbo.core.diagnosis.DiagnosisTest;
import unbo.core.vehicle.VehicleKind;
import unbo.core.vehicle.VehicleTemplate;

/**
 * Every number with a unit that stands on a sheet of Name, Pack, Set, Prove or Rock either opens
 * its working or is marked as given: entered by somebody, or read from a table that is named beside
 * it.
 */
@Order(12)
@Execution(ExecutionMode.CONCURRENT)
class EveryFigureTest extends PageTest {

  private static final Pattern NUMBER_WITH_UNIT =
      Pattern.compile(
          "\\d[\\d.,]*\\s?(mm|µm|cm³|cm|g|Nm|N|mrad|°C|°|%|σ|teaspoons?|strokes?)(?![\\p{L}³/])");

  /**
   * Where no figure of ours can stand: what is asked or chosen, the working itself, what was
   * entered, and what is advised or quoted from the record. What a drawing shows is looked at
   * apart.
   */
  private static final String NOT_RESULTS =
      "svg, label, legend, option, select, textarea, .slip, .given, .unit, .caution,"
          + " .field-note, .field-notes, .hint, .source-line, .take-back, .job-complaint,"
          + " .ask-how, .ask-form > .quiet-text, .switch, .choices, .remedies, .doubts, .one-line,"
          + " a[href*=?at=]";

  /** A number that a standard gives, which is named in the same sentence. */
  private static final Pattern NAMES_ITS_STANDARD = Pattern.compile("\\bISO \\d+");

  private static void check(String name, String html) {
    Document page = Jsoup.parse(html);
    Element main = page.getElementById("board");
    assertThat(main).as(name).isNotNull();
    for (Element button : main.select("button.worked")) {
      String slip = button.attr("popovertarget");
      assertThat(main.getElementById(slip)).as("%s: slip of %s", name, button.text()).isNotNull();
      assertThat(main.select("[id=" + slip + "]")).as("%s: one slip %s", name, slip).hasSize(1);
    }
    checkDrawing(name, main);
    checkCauses(name, main);
    main.select(NOT_RESULTS).remove();
    main.select("button.worked").remove();
    List<String> bare = new ArrayList<>();
    NodeTraversor.traverse(
        (node, depth) -> {
          boolean isFigure =
              node instanceof TextNode text
                  && !text.text().strip().endsWith("?") // a question states no figure of ours
                  && !NAMES_ITS_STANDARD.matcher(text.text()).find()
                  && NUMBER_WITH_UNIT.matcher(text.text()).find();
          if (isFigure) {
            TextNode text = (TextNode) node;
            bare.add(text.text().strip());
          }
        },
        main);
    assertThat(bare).as("%s: figures without a working", name).isEmpty();
  }

  /**
   * On a section every written size opens its working, and what a tool computed leads to where it
   * does or is repeated, with its working, on the same page.
   */
  private static void checkDrawing(String name, Element main) {
    for (Element size : main.select("#section .dimension")) {
      assertThat(size.select("button.worked")).as("%s: size %s", name, size.text()).hasSize(1);
    }
    String worked = String.join(" ", main.select("button.worked").eachText());
    for (Element result : main.select("#section .result")) {
      if (result.select("a[href*=?at=]").isEmpty()) {
        result.select(".flag").remove();
        assertThat(numbers(result.text()))
            .as("%s: drawn %s", name, result.text())
            .allMatch(drawn -> numbers(worked).stream().anyMatch(w -> isRounded(drawn, w)));
      }
    }
  }

  private static List<String> numbers(String text) {
    return Pattern.compile("\\d+(\\.\\d+)?").matcher(text).results().map(r -> r.group()).toList();
  }

  private static boolean isRounded(String shorter, String longer) {
    int dot = shorter.indexOf('.');
    double last = Math.pow(10, dot < 0 ? 0 : dot + 1 - shorter.length());
    return Math.abs(Double.parseDouble(shorter) - Double.parseDouble(longer)) <= last / 2 + 1e-9;
  }

  /** A cause's percentage opens with what it was before, and what the answers did. */
  private static void checkCauses(String name, Element main) {
    for (Element cause : main.select(".cause-rows details.why")) {
      assertThat(cause.select(".cause-worked").text())
          .as("%s: %s", name, cause.select("summary").text())
          .startsWith("Before any answer ")
          .endsWith("now " + cause.select("summary .figure").text() + ".");
    }
    main.select(".cause-rows summary, .cause-worked").remove();
  }

  private String page(MockHttpServletRequestBuilder request) throws Exception {
    return mvc.perform(request.with(as("ilse")).with(csrf()))
        .andReturn()
        .getResponse()
        .getContentAsString(java.nio.charset.StandardCharsets.UTF_8);
  }

  private static String[] set() {
    return new String[] {
      "first", "0.31", "first", "0.30", "first", "0.32", "again", "0.045", "again", "0.050",
      "again", "0.055", "thread", "M18x1.5", "slots", "6", "lines", "2", "gauge", "dial"
    };
  }

  private MockHttpServletRequestBuilder form(Job job, String path, String... fields) {
    var request =
        post("/jobs/{id}" + path, job.getId())
            .param("revision", "" + reload(job).work().revision(station(path)));
    for (int i = 0; i < fields.length; i += 2) {
      request.param(fields[i], fields[i + 1]);
    }
    return request;
  }

  private static Station station(String path) {
    return Station.withId(path.split("/")[1]).orElseThrow();
  }

  private Job worked() throws Exception {
    Job job = newJob();
    page(form(job, "/name", "text", "30206", "part", "inboard-cone", "take", "30206"));
    page(form(job, "/pack/gun", "strokes", "10", "grams", "9"));
    page(form(job, "/pack", "duty", "general", "school", "share", "mass-inboard", "230 g"));
    page(form(job, "/set", set()));
    String[] take = java.util.Arrays.copyOf(set(), set().length + 2);
    take[take.length - 2] = "do";
    take[take.length - 1] = "take:2";
    page(form(job, "/set", take));
    page(form(job, "/set", set()));
    page(
        form(
            job,
            "/prove",
            "before-rock",
            "1.9",
            "before-rock-second",
            "290",
            "after-rock",
            "1.894",
            "after-rock-second",
            "290",
            "before-drag",
            "14",
            "before-drag-second",
            "290",
            "after-drag",
            "4",
            "after-drag-second",
            "290",
            "before-heat",
            "63",
            "before-heat-second",
            "25",
            "after-heat",
            "31",
            "after-heat-second",
            "29",
            "before-end-play",
            "0.48",
            "before-run-out",
            "0.06",
            "after-run-out",
            "0.02"));
    return job;
  }

  @Test
  void onAJobFromNumberToProof() throws Exception {
    Job job = worked();
    for (String station : List.of("name", "pack", "set", "prove")) {
      String html =
          page(
              get("/jobs/{id}", job.getId())
                  .param("at", station)
                  .param("part", station.equals("name") ? "inboard-cone" : ""));
      check(station, html);
      assertThat(Jsoup.parse(html).select("#worksheet button.worked")).as(station).isNotEmpty();
    }
    check("preview of pack", page(form(job, "/pack/preview", "duty", "pivot")));
    check("preview of set", page(form(job, "/set/preview", set())));
    assertThat(page(get("/jobs/{id}", job.getId()).param("at", "prove")))
        .contains("repeat it with a test indicator");
  }

  @Test
  void inTheOtherSchools() throws Exception {
    Job job = newJob();
    page(form(job, "/set/school", "school", "SLIGHT_PRELOAD"));
    page(
        form(
            job,
            "/set/other",
            "school",
            "SLIGHT_PRELOAD",
            "force",
            "6 N",
            "loosened",
            "4 N",
            "radius",
            "290",
            "limit",
            "2.5"));
    check("slight preload", page(get("/jobs/{id}", job.getId()).param("at", "set")));
  }

  /** On every arrangement, what is set and packed shows its hand too, in a job and on the bench. */
  @Test
  void onEveryArrangement() throws Exception {
    for (Arrangement a : Arrangements.standard().all()) {
      if (a.isSetByNutPosition()) {
        continue;
      }
      Job job = newJobOn(a.id());
      List<String> fields = new ArrayList<>();
      a.adjustments()
          .forEach(
              s ->
                  fields.addAll(
                      List.of(
                          s.part() + "-readings",
                          "0.031 0.033 0.032",
                          s.part() + "-from",
                          "0.03",
                          s.part() + "-to",
                          "0.10",
                          s.part() + "-source",
                          "manual",
                          s.part() + "-torque",
                          "90",
                          s.part() + "-applied",
                          "90 Nm")));
      String html = page(form(job, "/set/preview", fields.toArray(new String[0])));
      check("set of " + a.id(), html);
      assertThat(Jsoup.parse(html).select("#set-answer button.worked").isEmpty())
          .as("%s: a reading is shown", a.id())
          .isEqualTo(a.adjustments().isEmpty());
      if (!a.namedPlaces().isEmpty()) {
        check("pack of " + a.id(), page(form(job, "/pack/preview", "duty", "general")));
        check(
            "pack of " + a.id() + " on the bench",
            page(get("/bench/{a}/pack", a.id()).param("duty", "general")));
      }
    }
  }

  @Test
  void onThePagesOfName() throws Exception {
    for (String text : List.of("6205-2RS C3", "30206", "NU205", "7204", "HK1612", "51104")) {
      check("number " + text, page(get("/name").param("q", text)));
      check("card of " + text, page(get("/name/bearing").param("text", text)));
    }
    check("size", page(get("/name").param("q", "25 x 52 x 15")));
    check("compare", page(get("/name/instead").param("old", "6205").param("fresh", "6305")));
    check("which", page(get("/name/which").param("kind", "trailer")));
  }

  /** Every measured test of every kind of vehicle, filled in. */
  @Test
  void onTheMeasuredTestsOfRock() throws Exception {
    int shown = 0;
    for (VehicleKind kind : VehicleKind.values()) {
      Optional<VehicleTemplate> template =
          VehicleTemplate.all().stream().filter(t -> t.layout().kind() == kind).findFirst();
      Optional<DiagnosisModel> model = template.flatMap(t -> DiagnosisModel.of(t.layout()));
      if (model.isPresent()) {
        String search = search(kind, template.get());
        for (DiagnosisTest test : model.get().tests()) {
          if (!test.measure().isEmpty()) {
            String html = page(measured(search, test));
            check(kind + " " + test.id(), html);
            shown += Jsoup.parse(html).select("button.worked").size();
          }
        }
      }
    }
    assertThat(shown).as("figures with a working").isGreaterThan(12);
  }

  private String search(VehicleKind kind, VehicleTemplate template) throws Exception {
    Vehicle vehicle =
        vehicles.save(
            new Vehicle("Test " + kind, kind, "for a test", "T 2").withLayout(template.layout()));
    return mvc.perform(
            post("/listen")
                .param("subject", "vehicle-" + vehicle.getId())
                .param("words", "wheel rocks")
                .with(as("ilse"))
                .with(csrf()))
        .andReturn()
        .getResponse()
        .getRedirectedUrl()
        .replaceAll("\\D+", "");
  }

  private static MockHttpServletRequestBuilder measured(String search, DiagnosisTest test) {
    var request = post("/listen/{id}/gauge", search).param("test", test.id());
    String first = test.answers().get(0).id();
    String[][] fields = {
      {"rim", "1.9"},
      {"radius", "290"},
      {"wheel", first},
      {"at-" + first, "63"},
      {"readings", "0.10 0.09 0.05 0.01 0.0 0.01 0.05 0.09"},
      {"force", "30 31 30"},
      {"arm", "350"},
      {"least", "20"},
      {"most", "40"},
      {"lift", "2"},
      {"clicks", "10"},
      {"turns", "10"},
      {"ring", "34"},
      {"sprocket", "17"}
    };
    for (String[] field : fields) {
      request.param(field[0], field[1]);
    }
    test.answers().stream().skip(1).forEach(a -> request.param("at-" + a.id(), "25"));
    return request;
  }
}
