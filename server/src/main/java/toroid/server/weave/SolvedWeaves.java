package toroid.server.weave;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Clock;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.function.DoubleSupplier;
import org.springframework.stereotype.Component;
import toroid.core.weave.WeaveAnswer;
import toroid.core.weave.WeaveBend;
import toroid.core.weave.WeaveWork;

/**
 * Answers, each solved once. A weave knows no scale, so an answer is kept for 1 mm wire by the weave's text and its rings' aspect
 * ratios (to 1e-5), and scaled to the wire asked for.
 */
@Component
class SolvedWeaves {
    /** Changes when the solver does, so that old answers are solved anew. */
    static final int SOLVER = 4;

    /** Answers kept, a few kB each: every weave of the catalogue in the rings of a few hundred jobs. What is dropped is solved anew. */
    static final int MOST = 5000;

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
                .map(kept -> read(kept.answer(), WeaveAnswer.class))
                .orElseGet(() -> solved(weave, question, aspectRatios));
    }

    private WeaveAnswer solved(WeaveFiles.Filed weave, String question, List<Double> aspectRatios) {
        WeaveAnswer answer = desk.solve(weave, aspectRatios, work -> work.answer(1));
        keep(question, written(answer), clock.instant());
        return answer;
    }

    /** How tightly a weave bends, for 1 mm wire, each way it can be. */
    List<WeaveBend> bends(WeaveFiles.Filed weave, List<Double> aspectRatios) {
        String question = weave.sum() + "/" + SOLVER + WeaveDesk.named(aspectRatios) + "/bends";
        return repository
                .findById(question)
                .map(kept -> List.of(read(kept.answer(), WeaveBend[].class)))
                .orElseGet(() -> {
                    List<WeaveBend> bends = desk.solve(weave, aspectRatios, WeaveWork::bends);
                    keep(question, written(bends), clock.instant());
                    return bends;
                });
    }

    /** AR_min of the first size, the others in these proportions; worked out when first asked for. */
    double smallest(WeaveFiles.Filed weave, double[] ratios, DoubleSupplier work) {
        String question = weave.sum() + "/" + SOLVER + "/smallest"
                + WeaveDesk.named(Arrays.stream(ratios).boxed().toList());
        return repository
                .findById(question)
                .map(kept -> Double.parseDouble(kept.answer()))
                .orElseGet(() -> {
                    double least = work.getAsDouble();
                    keep(question, Double.toString(least), clock.instant());
                    return least;
                });
    }

    private void keep(String question, String answer, Instant now) {
        repository.keep(question, answer, now);
        repository.keepNewest(MOST);
    }

    private <T> T read(String answer, Class<T> type) {
        try {
            return mapper.readValue(answer, type);
        } catch (JsonProcessingException broken) {
            throw new IllegalStateException("a kept weave cannot be read", broken);
        }
    }

    private String written(Object answer) {
        try {
            return mapper.writeValueAsString(answer);
        } catch (JsonProcessingException never) {
            throw new IllegalStateException(never);
        }
    }
}
