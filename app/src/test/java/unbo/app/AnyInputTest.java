package unbo.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.net.URI;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.ResourceLock;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.web.util.UriComponentsBuilder;
import unbo.app.job.Job;
import unbo.app.listening.Listening;
import unbo.app.listening.Listenings;
import unbo.app.shelf.Shelf;
import unbo.app.shelf.ShelfItem;
import unbo.core.vehicle.VehicleKind;

/**
 * Every form of every page, filled with what nobody should type, and pressed on pages that are out
 * of date: whatever comes, it is answered by a page, and what was typed is only ever text. What is
 * tried is the same at every run.
 */
@ResourceLock("shop tools")
class AnyInputTest extends PageTest {

  private static final List<String> NASTY =
      List.of(
          "",
          "0",
          "-1",
          "1e308",
          "1e-320",
          "NaN",
          "Infinity",
          "999999999999",
          "0,5",
          "1 1/2",
          "1/0",
          "M18x1.5",
          "M1e9x1e9",
          "٣",
          "<script>alert(1)</script>",
          "\"'><img src=x onerror=alert(1)>",
          "x".repeat(3000),
          "\u0000",
          "😀",
          "%00../../",
          "2026-02-30",
          "30206",
          "6204 2RS C3",
          "at-axle-1-left=99;at-axle-1-right=1e9",
          "2147483648",
          "END_PLAY");
  private static final int TRIES_A_FORM = Integer.getInteger("unbo.fuzz.forms", 10);

  @Autowired private Listenings listenings;
  @Autowired private Shelf shelf;

  private final Random random = new Random(Long.getLong("unbo.fuzz.seed", 20261125L));
  private final MockHttpSession session = new MockHttpSession();
  private int tried;

  /** A way to send a form: its own address, or one that a field or a button has. */
  private record Way(boolean get, String address) {}

  @Test
  void jobs() throws Exception {
    Job taper = newJob();
    for (int round = 0; round < 2; round++) {
      for (String station : List.of("rock", "name", "strip", "pack", "set", "prove", "book")) {
        everyFormOf("/jobs/" + taper.getId() + "?at=" + station);
      }
      everyFormOf("/jobs/" + taper.getId() + "?at=part&part=hub");
    }
    Job cartridge = newJobOn("a4");
    everyFormOf("/jobs/" + cartridge.getId() + "?at=name");
    everyFormOf("/jobs/" + cartridge.getId() + "?at=part&part=hub");
    assertThat(tried).isGreaterThan(500);
  }

  @Test
  void benchNameAndSearch() throws Exception {
    for (String page : List.of("a1", "a5", "a9", "a17")) {
      everyFormOf("/bench/" + page);
    }
    for (String page : List.of("", "/instead?old=30206&fresh=32206", "/buy", "/which")) {
      everyFormOf("/name" + page);
    }
    everyFormOf("/search?q=a");
    everyFormOf("/gauge");
    everyFormOf("/gauge?kind=dial&practice=true");
    assertThat(tried).isGreaterThan(100);
  }

  @Test
  void listenShelfAndRounds() throws Exception {
    Listening car = listenings.start(VehicleKind.CAR, null, "growls", "Tester");
    Job job = newJob();
    Listening trailer = listenings.start(VehicleKind.TRAILER, job.getVehicle(), "", "Tester");
    everyFormOf("/listen");
    everyFormOf("/listen/" + car.getId());
    everyFormOf("/listen/" + trailer.getId());
    ShelfItem item = shelf.put(Map.of("number", "6206", "quantity", "2"), "Tester");
    everyFormOf("/shelf/" + item.getId());
    everyFormOf("/shelf/" + item.getId() + "/edit");
    everyFormOf("/vehicles/" + job.getVehicle().getId() + "/rounds");
    assertThat(tried).isGreaterThan(150);
  }

  private void everyFormOf(String page) throws Exception {
    MockHttpServletResponse answer = send(get(URI.create(page)), page);
    assertThat(answer.getStatus()).as(page).isEqualTo(200);
    Document read = Jsoup.parse(answer.getContentAsString());
    for (Element form : read.select("main form, .job-title form")) {
      for (Way way : ways(form, page)) {
        for (int i = 0; i < TRIES_A_FORM; i++) {
          sendNasty(form, way);
        }
      }
    }
  }

  private static Set<Way> ways(Element form, String page) {
    Set<Way> ways = new LinkedHashSet<>();
    String action = form.hasAttr("action") ? form.attr("action") : page;
    ways.add(new Way(!form.attr("method").equalsIgnoreCase("post"), action));
    List<Element> all = new ArrayList<>(form.select("[hx-get], [hx-post], [formaction]"));
    all.add(form);
    for (Element at : all) {
      if (at.hasAttr("hx-get")) {
        ways.add(new Way(true, at.attr("hx-get")));
      }
      if (at.hasAttr("hx-post")) {
        ways.add(new Way(false, at.attr("hx-post")));
      }
      if (at.hasAttr("formaction")) {
        ways.add(new Way(false, at.attr("formaction")));
      }
    }
    return ways;
  }

  private void sendNasty(Element form, Way way) throws Exception {
    String path = UriComponentsBuilder.fromUriString(way.address).replaceQuery(null).toUriString();
    MockHttpServletRequestBuilder request =
        way.get ? get(URI.create(path)) : post(URI.create(way.address)).with(csrf());
    StringBuilder typed = new StringBuilder(way + ":");
    for (Element field : form.select("[name]")) {
      String name = field.attr("name");
      boolean hidden = field.attr("type").equals("hidden");
      double dice = random.nextDouble();
      if (name.equals("_csrf") || dice < 0.15) {
        continue;
      }
      // Hidden fields mostly as they are, so that the rest is looked at and not only refused.
      boolean asItIs = hidden ? dice < 0.9 : dice < 0.35;
      String value = asItIs ? field.val() : NASTY.get(random.nextInt(NASTY.size()));
      request.param(name, value);
      typed.append(' ').append(name).append('=').append(value, 0, Math.min(40, value.length()));
    }
    MockHttpServletResponse answer = send(request, typed.toString());
    tried++;
    assertThat(answer.getStatus()).as(typed.toString()).isLessThan(500);
    String page = answer.getContentAsString();
    if (!String.valueOf(answer.getContentType()).contains("html")) {
      return;
    }
    assertThat(page)
        .as(typed.toString())
        .doesNotContain("<script>alert", "<img src=x", "Exception", "\tat ");
    if (answer.getStatus() == 422) {
      Document read = Jsoup.parse(page);
      assertThat(read.select(".problem, .problem-line, .stale").text())
          .as("says what is wrong: " + typed)
          .isNotBlank();
    }
  }

  /** An exception that nobody answers is thrown here as it is, with what was sent. */
  private MockHttpServletResponse send(MockHttpServletRequestBuilder request, String what) {
    try {
      return mvc.perform(request.session(session).with(as("joren"))).andReturn().getResponse();
    } catch (Exception e) {
      throw new AssertionError(what, e);
    }
  }
}
