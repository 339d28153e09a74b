package unbo.core.tables;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.StringReader;
import org.junit.jupiter.api.Test;

class TableTest {

  @Test
  void aBrokenNumberNamesFileLineAndText() {
    String text = "# comment\nname,value\na,1\nb,two\n";
    assertThatThrownBy(
            () -> Table.parse("x.csv", new StringReader(text), row -> row.number("value")))
        .isInstanceOf(BrokenTableException.class)
        .hasMessageContainingAll("x.csv", "line 4", "two");
  }

  @Test
  void aMissingColumnOrFileStopsToo() {
    assertThatThrownBy(
            () -> Table.parse("x.csv", new StringReader("a,b\n1\n"), row -> row.text("b")))
        .hasMessageContaining("wrong number of columns");
    assertThatThrownBy(() -> Table.read(Table.class, "nowhere.csv", row -> row))
        .hasMessageContaining("missing");
  }

  @Test
  void commentsAndQuotesAreRead() throws Exception {
    assertThat(Table.parse("x.csv", new StringReader("# c\na\n\"x, y\"\n"), row -> row.text("a")))
        .containsExactly("x, y");
  }
}
