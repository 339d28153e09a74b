package unbo.app.stripping;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;

/** A tool that this workshop owns, by the word of {@link unbo.core.strip.Tool}. */
@Entity
public class ShopTool {

  @Id private String tool;
  private String detail;
  private String person;
  private Instant at;

  protected ShopTool() {}

  ShopTool(String tool, String detail, String person, Instant at) {
    this.tool = tool;
    this.detail = detail;
    this.person = person;
    this.at = at;
  }

  public String getTool() {
    return tool;
  }

  public String getDetail() {
    return detail;
  }

  public String getPerson() {
    return person;
  }

  public Instant getAt() {
    return at;
  }
}
