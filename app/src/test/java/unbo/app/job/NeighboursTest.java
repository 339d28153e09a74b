package unbo.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.persistence.EntityManager;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import unbo.app.AppTest;

/**
 * A MariaDB server that starts deletes all temporary tables in the folder for them, whoever reads
 * them. In the machine's common one another server's start would end our questions half way, and
 * ours those of another.
 */
class NeighboursTest extends AppTest {

  @Autowired private EntityManager database;

  @Test
  void temporaryTablesHaveAFolderOfTheirOwn() {
    String folder = (String) database.createNativeQuery("select @@tmpdir").getSingleResult();
    assertThat(Path.of(folder)).isNotEqualTo(Path.of("/tmp")).isNotEqualTo(Path.of("/var/tmp"));
  }
}
