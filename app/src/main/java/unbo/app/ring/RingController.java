package unbo.app.ring;

import java.time.Duration;
import java.util.Map;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.util.UriComponentsBuilder;
import unbo.app.drawing.RacewayPicture;
import unbo.app.job.Job;
import unbo.app.job.Jobs;
import unbo.app.naming.NumberLines;
import unbo.app.photograph.Photograph;
import unbo.app.photograph.Photographs;
import unbo.app.photograph.RingStrip;
import unbo.app.web.NoSuchPage;
import unbo.core.damage.DamageClass;
import unbo.core.damage.DamageTables;
import unbo.core.unroll.RingMark;

/** The page of one photograph and the strip of a ring on it. */
@Controller
@RequestMapping("/jobs/{id}/photographs/{photograph}")
class RingController {

  private static final Duration KEPT = Duration.ofHours(1);

  private final Jobs jobs;
  private final Photographs photographs;
  private final RingStrip strips;
  private final NumberLines numbers;

  RingController(Jobs jobs, Photographs photographs, RingStrip strips, NumberLines numbers) {
    this.jobs = jobs;
    this.photographs = photographs;
    this.strips = strips;
    this.numbers = numbers;
  }

  @GetMapping
  String show(
      @PathVariable long id,
      @PathVariable long photograph,
      @RequestParam Map<String, String> fields,
      Model model) {
    Job job = jobs.get(id);
    Photograph shown = found(id, photograph);
    model.addAttribute("job", job);
    model.addAttribute("photograph", shown);
    model.addAttribute("back", job.address() + "?at=" + shown.getStation() + "#photographs");
    model.addAttribute("damages", DamageTables.classes());
    model.addAttribute("ring", sheet(shown, fields));
    return "photograph";
  }

  private RingSheet sheet(Photograph shown, Map<String, String> fields) {
    RingFields read = new RingFields(fields);
    RingMark mark = read.mark(shown.getWidth(), shown.getHeight());
    int elements = read.elements().orElse(0);
    DamageClass damage =
        DamageTables.classes().stream()
            .filter(d -> d.id().equals(read.typed("damage")))
            .findFirst()
            .orElse(null);
    return new RingSheet(
        fields,
        read.problems(),
        mark,
        mark == null ? null : address(shown, read),
        mark == null ? null : beyond(shown, mark),
        damage,
        damage == null ? null : RacewayPicture.of(damage.pattern(), elements),
        numbers.of(read.typed("number")));
  }

  private static String address(Photograph shown, RingFields read) {
    UriComponentsBuilder address = UriComponentsBuilder.fromPath(shown.address() + "/strip");
    for (String field : new String[] {"centre", "edge", "inner", "start", "inside", "plain"}) {
      address.queryParam(field, read.typed(field));
    }
    return address.encode().build().toUriString();
  }

  /** A circle that leaves the picture has no pixels there. */
  private static String beyond(Photograph shown, RingMark mark) {
    double room =
        Math.min(
            Math.min(mark.centreX(), shown.getWidth() - 1 - mark.centreX()),
            Math.min(mark.centreY(), shown.getHeight() - 1 - mark.centreY()));
    return room >= mark.radius()
        ? null
        : "A part of the ring lies outside the picture: it is grey in the strip.";
  }

  @GetMapping(path = "/strip", produces = MediaType.IMAGE_JPEG_VALUE)
  ResponseEntity<byte[]> strip(
      @PathVariable long id,
      @PathVariable long photograph,
      @RequestParam Map<String, String> fields) {
    Photograph shown = found(id, photograph);
    RingFields read = new RingFields(fields);
    RingMark mark = read.mark(shown.getWidth(), shown.getHeight());
    if (mark == null) {
      return ResponseEntity.unprocessableEntity().build();
    }
    return photographs
        .picture(id, photograph, false)
        .map(jpeg -> strips.of(jpeg, mark, !read.is("plain")))
        .map(
            strip ->
                ResponseEntity.ok()
                    .contentType(MediaType.IMAGE_JPEG)
                    .cacheControl(CacheControl.maxAge(KEPT).cachePrivate())
                    .body(strip))
        .orElseGet(() -> ResponseEntity.notFound().build());
  }

  private Photograph found(long id, long photograph) {
    return photographs
        .find(id, photograph)
        .orElseThrow(() -> new NoSuchPage("There is no such photograph."));
  }
}
