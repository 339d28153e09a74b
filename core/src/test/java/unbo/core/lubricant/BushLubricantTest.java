package unbo.core.lubricant;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class BushLubricantTest {

  /** Rubber bonded to steel and PTFE get nothing; polyurethane never mineral oil. */
  @Test
  void whatIsBondedGetsNothing() {
    List<BushLubricant> all = BushLubricant.all();
    assertThat(all).hasSizeGreaterThan(12);
    assertThat(all).extracting(BushLubricant::id).doesNotHaveDuplicates();
    assertThat(all)
        .filteredOn(b -> b.id().contains("bonded") || b.id().contains("ptfe"))
        .hasSize(3)
        .allMatch(BushLubricant::isDry);
    assertThat(all)
        .filteredOn(b -> b.id().equals("polyurethane"))
        .allMatch(b -> b.never().contains("mineral") && !b.isDry());
    assertThat(all).allMatch(b -> !b.never().isBlank() && !b.why().isBlank());
  }
}
