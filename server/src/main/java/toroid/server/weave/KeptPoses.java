package toroid.server.weave;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.springframework.stereotype.Component;
import toroid.core.weave.WeaveWork;
import toroid.core.weave.circle.Circle;
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
    private static final int NUMBERS = 7;
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

    /** A pose as kept: {@code rings} holds centre, normal and radius, ring after ring. */
    private record Flat(double pitch, double across, double turn, double[] rings) {
        static Flat of(Pose pose) {
            double[] rings = new double[NUMBERS * pose.rings().size()];
            for (int k = 0; k < pose.rings().size(); k++) {
                Circle ring = pose.rings().get(k);
                System.arraycopy(ring.centre().toArray(), 0, rings, NUMBERS * k, 3);
                System.arraycopy(ring.normal().toArray(), 0, rings, NUMBERS * k + 3, 3);
                rings[NUMBERS * k + 6] = ring.radius();
            }
            return new Flat(pose.pitch(), pose.across(), pose.turn(), rings);
        }

        Pose pose(Lattice lattice) {
            var circles = new ArrayList<Circle>();
            for (int at = 0; at < rings.length; at += NUMBERS) {
                circles.add(new Circle(
                        new Vector3D(rings[at], rings[at + 1], rings[at + 2]),
                        new Vector3D(rings[at + 3], rings[at + 4], rings[at + 5]),
                        rings[at + 6]));
            }
            return new Pose(lattice, circles, pitch, across, turn);
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
