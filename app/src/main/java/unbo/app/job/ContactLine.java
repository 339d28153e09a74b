package unbo.app.job;

import java.util.ArrayList;
import java.util.List;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Contact;
import unbo.core.arrangement.PartTemplate;

/**
 * How a part meets another, seen from that part.
 *
 * @param how such as <em>sits on</em>, or <em>carries</em> from the other side
 * @param other the other part's title
 * @param words fit or way of holding
 */
public record ContactLine(String how, String other, String words) {

  /** All contacts of a part, and what is set by it. */
  public static List<ContactLine> of(Arrangement arrangement, PartTemplate part) {
    List<ContactLine> lines = new ArrayList<>();
    for (Contact contact : arrangement.contactsOf(part.id())) {
      boolean own = contact.part().equals(part.id());
      String other = own ? contact.other() : contact.part();
      lines.add(
          new ContactLine(
              own ? contact.kind().title() : fromTheOther(contact.kind()),
              arrangement.part(other).orElseThrow().title(),
              contact.description()));
    }
    arrangement
        .adjustmentAt(part.id())
        .ifPresent(a -> lines.add(new ContactLine("sets", "", a.what())));
    return lines;
  }

  private static String fromTheOther(Contact.Kind kind) {
    return switch (kind) {
      case ON -> "carries";
      case IN -> "takes";
      case AGAINST -> "stops";
      case HELD -> "holds";
      case THROUGH -> "has through it";
    };
  }
}
