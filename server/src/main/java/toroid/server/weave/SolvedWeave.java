package toroid.server.weave;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** One answer, kept: for 1 mm wire and a density of 1. */
@Entity
@Table(name = "solved_weave")
class SolvedWeave {
    @Id
    @Column(name = "question")
    private String question;

    @Column(name = "answer")
    private String answer;

    @Column(name = "solved_at")
    private Instant solvedAt;

    protected SolvedWeave() {}

    SolvedWeave(String question, String answer, Instant solvedAt) {
        this.question = question;
        this.answer = answer;
        this.solvedAt = solvedAt;
    }

    String answer() {
        return answer;
    }
}
