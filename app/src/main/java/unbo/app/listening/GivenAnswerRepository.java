package unbo.app.listening;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

/** Answers of a search, in the order in which they were given. */
public interface GivenAnswerRepository extends JpaRepository<GivenAnswer, Long> {
  List<GivenAnswer> findByListeningIdOrderById(long listeningId);
}
