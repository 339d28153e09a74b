package unbo.app.listening;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Answers of a search, in the order in which they were given. */
public interface GivenAnswerRepository extends JpaRepository<GivenAnswer, Long> {
  @Query("select a from GivenAnswer a where a.listeningId = :listening order by a.id")
  List<GivenAnswer> of(long listening);
}
