package unbo.app.packing;

import java.util.List;
import org.springframework.stereotype.Component;
import unbo.app.tin.GreaseTakings;
import unbo.app.tin.GreaseTinRepository;

/** What the sheets of Pack say that was taken out of tins. */
@Component
class PackedGrease implements GreaseTakings {

  private final GreaseTinRepository tins;

  PackedGrease(GreaseTinRepository tins) {
    this.tins = tins;
  }

  @Override
  public List<Use> all() {
    return tins.taken().stream()
        .map(k -> new Use(k.getJobId(), PackRecord.TYPE.read(k).taken()))
        .toList();
  }
}
