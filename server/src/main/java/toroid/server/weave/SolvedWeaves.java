package toroid.server.weave;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Clock;
import java.util.List;
import org.springframework.stereotype.Component;
import toroid.core.weave.WeaveAnswer;

/**
 * Answers, each solved once. A weave knows no scale, so an answer is kept for 1 mm wire by the weave's text and its rings' aspect
 * ratios (to 1e-5), and scaled to the wire asked for.
 */
@Component
class SolvedWeaves {
    /** Changes when the solver does, so that old answers are solved anew. */
    static final int SOLVER = 1;

    private final SolvedWeaveRepository repository;
    private final WeaveDesk desk;
    private final ObjectMapper mapper;
    private final Clock clock;

    SolvedWeaves(SolvedWeaveRepository repository, WeaveDesk desk, ObjectMapper mapper, Clock clock) {
        this.repository = repository;
        this.desk = desk;
        this.mapper = mapper;
        this.clock = clock;
    }

    /** For 1 mm wire and a density of 1 g/cm³. */
    WeaveAnswer unit(WeaveFiles.Filed weave, List<Double> aspectRatios) {
        String question = weave.sum() + "/" + SOLVER + WeaveDesk.named(aspectRatios);
        return repository
                .findById(question)
                .map(kept -> read(kept.answer()))
                .orElseGet(() -> solved(weave, question, aspectRatios));
    }

    private WeaveAnswer solved(WeaveFiles.Filed weave, String question, List<Double> aspectRatios) {
        WeaveAnswer answer = desk.solve(weave, aspectRatios, work -> work.answer(1));
        repository.save(new SolvedWeave(question, written(answer), clock.instant()));
        return answer;
    }

    private WeaveAnswer read(String answer) {
        try {
            return mapper.readValue(answer, WeaveAnswer.class);
        } catch (JsonProcessingException broken) {
            throw new IllegalStateException("a kept weave cannot be read", broken);
        }
    }

    private String written(WeaveAnswer answer) {
        try {
            return mapper.writeValueAsString(answer);
        } catch (JsonProcessingException never) {
            throw new IllegalStateException(never);
        }
    }
}
