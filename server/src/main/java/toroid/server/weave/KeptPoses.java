package toroid.server.weave;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Clock;
import java.util.List;
import org.springframework.stereotype.Component;
import toroid.core.weave.WeaveWork;
import toroid.core.weave.pattern.Lattice;
import toroid.core.weave.solve.Pose;
import toroid.server.store.Recent;

/**
 * Poses for 1 mm wire, each solved once and kept beside the answers: the row pulled from short to taut, and the cell taut and at rest.
 * Rings that do not fit have no pose at rest.
 */
@Component
class KeptPoses {
    private static final TypeReference<List<Flat>> FLATS = new TypeReference<>() {};
    private static final int RECENT = 80;

    private final SolvedWeaveRepository repository;
    private final WeaveDesk desk;
    private final ObjectMapper mapper;
    private final Clock clock;
    private final Recent<String, List<Pose>> recent = new Recent<>(RECENT);

    KeptPoses(SolvedWeaveRepository repository, WeaveDesk desk, ObjectMapper mapper, Clock clock) {
        this.repository = repository;
        this.desk = desk;
        this.mapper = mapper;
        this.clock = clock;
    }

    /** A pose as kept. */
    private record Flat(double pitch, double across, double turn, double[] rings) {
        static Flat of(Pose pose) {
            return new Flat(pose.pitch(), pose.across(), pose.turn(), FlatRings.of(pose.rings()));
        }

        Pose pose(Lattice lattice) {
            return new Pose(lattice, FlatRings.rings(rings), pitch, across, turn);
        }
    }

    /** From the shortest cell to the longest. */
    List<Pose> row(WeaveFiles.Filed weave, List<Double> innerInWires, int count) {
        return kept(weave, innerInWires, "row " + count, work -> work.poses(count));
    }

    /** The cell taut, at rest, and as it is shown where it does not fit: three, or only the last. */
    List<Pose> cell(WeaveFiles.Filed weave, List<Double> innerInWires) {
        return kept(weave, innerInWires, "cell", work -> {
            Pose rest = work.restPose();
            return rest == null ? List.of(work.poses(2).get(0)) : List.of(work.tautPose(), rest, rest);
        });
    }

    private List<Pose> kept(
            WeaveFiles.Filed weave,
            List<Double> inner,
            String what,
            java.util.function.Function<WeaveWork, List<Pose>> work) {
        String question = weave.sum() + "/" + SolvedWeaves.SOLVER + WeaveDesk.named(inner) + "/" + what;
        return recent.get(
                question,
                () -> repository
                        .findById(question)
                        .map(one -> read(weave.pattern().lattice(), one.answer()))
                        .orElseGet(() -> solved(weave, inner, question, work)));
    }

    private List<Pose> solved(
            WeaveFiles.Filed weave,
            List<Double> inner,
            String question,
            java.util.function.Function<WeaveWork, List<Pose>> work) {
        List<Pose> poses = desk.solve(weave, inner, work);
        try {
            String text = mapper.writeValueAsString(poses.stream().map(Flat::of).toList());
            repository.keep(question, text, clock.instant());
        } catch (JsonProcessingException never) {
            throw new IllegalStateException(never);
        }
        return poses;
    }

    private List<Pose> read(Lattice lattice, String text) {
        try {
            return mapper.readValue(text, FLATS).stream()
                    .map(flat -> flat.pose(lattice))
                    .toList();
        } catch (JsonProcessingException broken) {
            throw new IllegalStateException("a kept pose cannot be read", broken);
        }
    }
}
