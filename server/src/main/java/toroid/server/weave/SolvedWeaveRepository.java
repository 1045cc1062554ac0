package toroid.server.weave;

import java.time.Instant;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.transaction.annotation.Transactional;

interface SolvedWeaveRepository extends JpaRepository<SolvedWeave, String> {
    /** Keeps it unless there is one: two who solve the same at once do not hinder each other. */
    @Modifying
    @Transactional
    @Query(
            value = "insert into solved_weave (question, answer, solved_at) values (:question, :answer, :solvedAt)"
                    + " on conflict do nothing",
            nativeQuery = true)
    void keep(String question, String answer, Instant solvedAt);

    /** Drops the oldest beyond so many. */
    @Modifying
    @Transactional
    @Query(
            value = "delete from solved_weave where question in"
                    + " (select question from solved_weave order by solved_at desc, question offset :most)",
            nativeQuery = true)
    int keepNewest(int most);
}
