package unbo.app.shelf;

import java.time.Clock;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import unbo.app.web.FieldProblems;
import unbo.app.web.NoSuchPage;
import unbo.app.web.SearchPattern;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.comparison.Comparison;
import unbo.core.comparison.PositionDuty;
import unbo.core.designation.DesignationReader;
import unbo.core.designation.Reading;
import unbo.core.measure.Verdict;

/**
 * Reads and changes the shelf. A number is read when it is put there, so that it is found by it.
 */
@Service
@Transactional
public class Shelf {

  /** Surer than this, a number on the shelf is taken for the bearing it reads as. */
  private static final double SURE = 0.3;

  private final ShelfItemRepository items;
  private final ShelfMoveRepository moves;
  private final ShelfInspectionRepository inspections;
  private final Clock clock;
  private final DesignationReader reader = DesignationReader.standard();

  Shelf(
      ShelfItemRepository items,
      ShelfMoveRepository moves,
      ShelfInspectionRepository inspections,
      Clock clock) {
    this.items = items;
    this.moves = moves;
    this.inspections = inspections;
    this.clock = clock;
  }

  /**
   * An item that is, or may stand in for, a wanted bearing.
   *
   * @param same whether it is the same catalogue row
   * @param comparison how it compares; null when its number was not read
   * @param proof what its inspections say: yes, no, or cannot tell when there are none
   */
  public record Suiting(ShelfItem item, boolean same, Comparison comparison, Verdict proof) {

    /** Whether it may be offered: a failed measurement overrules every other verdict. */
    public boolean isOffered() {
      return withheld().isEmpty() && item.getQuantity() > 0;
    }

    /** Why it is not to be fitted; empty when nothing speaks against it. */
    public String withheld() {
      if (proof == Verdict.NO) {
        return "FAILED measurement: do not fit";
      }
      if (item.isUnmarked() && proof != Verdict.YES) {
        return "no marks on the rings: measure before use";
      }
      if (comparison == null) {
        return "number not read: cannot tell";
      }
      return comparison.verdict() == unbo.core.comparison.Verdict.SUITS
          ? ""
          : comparison.verdict().title() + reason();
    }

    private String reason() {
      return comparison.differences().isEmpty()
          ? ""
          : ": " + comparison.differences().get(0).reason();
    }
  }

  @Transactional(readOnly = true)
  public List<ShelfItem> all() {
    return items.byPlace(Limit.unlimited());
  }

  /** The first ones by their place, for a page. */
  @Transactional(readOnly = true)
  public List<ShelfItem> first(int most) {
    return items.byPlace(Limit.of(most));
  }

  @Transactional(readOnly = true)
  public long count() {
    return items.count();
  }

  @Transactional(readOnly = true)
  public List<ShelfItem> search(String text, int most) {
    return items.search(SearchPattern.of(text), Limit.of(most));
  }

  @Transactional(readOnly = true)
  public ShelfItem get(long id) {
    return existing(items.findById(id));
  }

  private ShelfItem toChange(long id) {
    return existing(items.toChange(id));
  }

  private static ShelfItem existing(Optional<ShelfItem> item) {
    return item.orElseThrow(() -> new NoSuchPage("There is no such stock item."));
  }

  @Transactional(readOnly = true)
  public List<ShelfMove> moves(long id) {
    return moves.findTop12ByItemIdOrderByIdDesc(id);
  }

  @Transactional(readOnly = true)
  public List<ShelfInspection> inspections(long id) {
    return inspections.findByItemIdOrderByIdDesc(id);
  }

  @Transactional(readOnly = true)
  public List<ShelfInspection> inspections() {
    return inspections.findAll();
  }

  /** Same rows first, then others of the same envelope; anywhere. */
  @Transactional(readOnly = true)
  public List<Suiting> suiting(Bearing bearing) {
    return suiting(bearing, reader.read(bearing.designation()).readings().get(0), null);
  }

  /** What suits a reading at a position; the position may be null. */
  @Transactional(readOnly = true)
  public List<Suiting> suiting(Reading wanted, PositionDuty duty) {
    return suiting(wanted.bearing(), wanted, duty);
  }

  private List<Suiting> suiting(Bearing bearing, Reading wanted, PositionDuty duty) {
    List<String> designations =
        Catalogue.standard().all().stream()
            .filter(b -> b.hasEnvelopeOf(bearing))
            .map(Bearing::designation)
            .toList();
    List<String> asked = new ArrayList<>(designations);
    asked.add(bearing.designation());
    List<ShelfItem> found = items.findByDesignationInOrderByPlace(asked);
    Map<Long, List<Verdict>> proofs = verdicts(found);
    return found.stream()
        .map(i -> suiting(i, wanted, duty, proofs.getOrDefault(i.getId(), List.of())))
        .sorted(
            Comparator.comparing((Suiting s) -> s.proof == Verdict.NO || s.item.getQuantity() == 0)
                .thenComparing(s -> !s.same)
                .thenComparing(s -> s.comparison == null ? 9 : s.comparison.verdict().ordinal()))
        .toList();
  }

  /** All their inspections in one question. */
  private Map<Long, List<Verdict>> verdicts(List<ShelfItem> of) {
    return inspections.findByItemIdIn(of.stream().map(ShelfItem::getId).toList()).stream()
        .collect(
            Collectors.groupingBy(
                ShelfInspection::getItemId,
                Collectors.mapping(ShelfInspection::getVerdict, Collectors.toList())));
  }

  private Suiting suiting(
      ShelfItem item, Reading wanted, PositionDuty duty, List<Verdict> inspected) {
    Optional<Reading> read = read(item.getNumber());
    return new Suiting(
        item,
        item.getDesignation().equals(wanted.bearing().designation()),
        read.map(r -> Comparison.of(wanted, r, Optional.ofNullable(duty))).orElse(null),
        proof(inspected));
  }

  /** What the inspections of an item say; one refusal outweighs every pass. */
  @Transactional(readOnly = true)
  public Verdict proof(ShelfItem item) {
    return proof(inspections(item.getId()).stream().map(ShelfInspection::getVerdict).toList());
  }

  private static Verdict proof(List<Verdict> all) {
    if (all.contains(Verdict.NO)) {
      return Verdict.NO;
    }
    return all.contains(Verdict.YES) ? Verdict.YES : Verdict.CANNOT_TELL;
  }

  /** The likeliest reading of a number, when it is sure enough. */
  public Optional<Reading> read(String number) {
    return reader.read(number).readings().stream().findFirst().filter(r -> r.confidence() >= SURE);
  }

  private String designation(String number) {
    return read(number).map(r -> r.bearing().designation()).orElse("");
  }

  ShelfItem add(ShelfEntry entry, String person) {
    ShelfItem item =
        items.save(new ShelfItem(entry, designation(entry.number()), person, clock.instant()));
    moves.save(
        new ShelfMove(
            item.getId(), entry.quantity(), "added to the shelf", person, clock.instant()));
    return item;
  }

  /**
   * Puts a card there from its fields, as they would be typed.
   *
   * @throws IllegalArgumentException when a field is refused
   */
  public ShelfItem put(Map<String, String> fields, String person) {
    FieldProblems problems = new FieldProblems();
    return ShelfEntry.of(fields, problems)
        .map(entry -> add(entry, person))
        .orElseThrow(() -> new IllegalArgumentException(problems.list().toString()));
  }

  /**
   * Judges and keeps a measured piece of an item, from fields as they would be typed.
   *
   * @throws IllegalArgumentException when a field is refused or the item's number is not read
   */
  public void measure(ShelfItem item, Map<String, String> fields, String person) {
    InspectionForm form = InspectionForm.of(fields);
    Bearing bearing =
        Catalogue.standard()
            .find(item.getDesignation())
            .orElseThrow(() -> new IllegalArgumentException(item.getNumber() + " is not read"));
    if (!form.problems().isEmpty()) {
      throw new IllegalArgumentException(form.problems().list().toString());
    }
    inspect(item.getId(), form, bearing, person);
  }

  /** All or nothing. */
  List<ShelfItem> addAll(List<ShelfEntry> entries, String person) {
    return entries.stream().map(e -> add(e, person)).toList();
  }

  /**
   * Writes a card anew.
   *
   * @return false when somebody else changed it in between; nothing is written then
   */
  boolean write(long id, int version, ShelfEntry entry, String person) {
    ShelfItem item = toChange(id);
    if (item.getVersion() != version) {
      return false;
    }
    int difference = entry.quantity() - item.getQuantity();
    item.write(entry, designation(entry.number()), person, clock.instant());
    if (difference != 0) {
      item.move(difference);
      moves.save(new ShelfMove(id, difference, "counted", person, clock.instant()));
    }
    return true;
  }

  /** Puts or takes pieces; refuses with false when not enough lie there. */
  boolean move(long id, int pieces, String reason, String person) {
    ShelfItem item = toChange(id);
    if (item.getQuantity() + pieces < 0) {
      return false;
    }
    item.move(pieces);
    moves.save(new ShelfMove(id, pieces, reason, person, clock.instant()));
    return true;
  }

  ShelfInspection inspect(long id, InspectionForm form, Bearing bearing, String person) {
    return inspections.save(new ShelfInspection(id, form, bearing, person, clock.instant()));
  }
}
