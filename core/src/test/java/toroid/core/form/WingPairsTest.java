package toroid.core.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import toroid.core.bend.program.WirePoint;
import toroid.core.quantity.Note;

/** Winged links and cuffs: what crosses is lifted over, what is told is drawn, and both halves match. */
class WingPairsTest {
    private static final double D = 0.8;

    private static FormWork wings(String id, Map<String, Object> values) {
        return EveryForm.solve(id, D, values);
    }

    private static double mm(FormWork work) {
        return work.wires().get(0).inPiece().inMillimetres();
    }

    /** Seen from the front, wherever the wire crosses itself the two passes lie a whole wire apart, one behind the other. */
    @ParameterizedTest
    @CsvSource({
        "winged-link, 35, 35, 7.2",
        "winged-link, 20, 30, 8",
        "winged-link, 45, 15, 8",
        "winged-cuff, 35, 35, 7.2"
    })
    void whatCrossesIsLiftedOver(String id, double raise, double droop, double tip) {
        FormWork work = wings(id, Map.of("raise", raise, "droop", droop, "lowerTip", tip));
        assertThat(work.contacts()).isEmpty();
        assertThat(work.notes()).noneMatch(note -> note.severity() == Note.Severity.STOP);
        List<WirePoint> points = work.wires().get(0).program().sampled(0.001, 0.2);
        int crossings = 0;
        for (int i = 1; i < points.size(); i++) {
            for (int k = i + 2; k < points.size(); k++) {
                Double apart = crossing(points, i, k);
                if (apart != null) {
                    crossings++;
                    assertThat(apart).isGreaterThan(0.99 * D);
                }
            }
        }
        // the loop's arms, both tails over their own wings, and the turns about the stem
        assertThat(crossings).isGreaterThan(3);
    }

    /** How far apart in depth two chords lie where they cross in the front view; null where they do not. */
    private static Double crossing(List<WirePoint> points, int i, int k) {
        Vector3D a = points.get(i - 1).frame().position();
        Vector3D b = points.get(i).frame().position().subtract(a);
        Vector3D c = points.get(k - 1).frame().position();
        Vector3D e = points.get(k).frame().position().subtract(c);
        double cross = b.getX() * e.getY() - b.getY() * e.getX();
        // side by side, one behind the other, is no crossing
        if (Math.abs(cross) < 0.05 * b.getNorm() * e.getNorm()) {
            return null;
        }
        Vector3D w = c.subtract(a);
        double s = (w.getX() * e.getY() - w.getY() * e.getX()) / cross;
        double t = (w.getX() * b.getY() - w.getY() * b.getX()) / cross;
        return s < 0 || s > 1 || t < 0 || t > 1 ? null : Math.abs(a.getZ() + s * b.getZ() - c.getZ() - t * e.getZ());
    }

    /** A cuff is the link and its two bands; by hand: ρ (π − asin((g + d)/2ρ)) and 250° of a curl, each twice. */
    @ParameterizedTest
    @CsvSource({"16, 5, 2", "55, 25, 3", "18, 8, 1.6"})
    void aCuffIsTheLinkAndItsBand(double inside, double gap, double curl) {
        double link = mm(wings("winged-link", Map.of()));
        double cuff = mm(wings("winged-cuff", Map.of("inside", inside, "gap", gap, "curl", curl)));
        double rho = (inside + D) / 2;
        double band = rho * (Math.PI - Math.asin((gap + D) / 2 / rho));
        assertThat(cuff - link).isCloseTo(2 * (band + Math.toRadians(250) * (curl + D) / 2), within(1e-9));
    }

    /** The gap told is the gap left: between the two tails' surfaces where the curls begin, seen along the stem. */
    @ParameterizedTest
    @CsvSource({"16, 5", "55, 25"})
    void theGapIsLeft(double inside, double gap) {
        FormWork work = wings("winged-cuff", Map.of("inside", inside, "gap", gap));
        var starts = new ArrayList<Vector3D>();
        double at = 0;
        List<Integer> curls = work.steps().stream()
                .filter(step -> step.part().endsWith("curled outward"))
                .map(FormStep::id)
                .toList();
        var program = work.wires().get(0).program();
        List<WirePoint> points = program.sampled(0.001, 0.05);
        boolean first = true;
        for (var bend : program.bends()) {
            if (curls.contains(bend.step())) {
                double mark = first ? at + bend.run().lengthMm() : at;
                first = false;
                starts.add(points.stream()
                        .min((a, b) -> Double.compare(Math.abs(a.alongMm() - mark), Math.abs(b.alongMm() - mark)))
                        .orElseThrow()
                        .frame()
                        .position());
            }
            at += bend.run().lengthMm();
        }
        assertThat(starts).hasSize(2);
        double apart = Math.abs(starts.get(0).getX() - starts.get(1).getX());
        assertThat(apart - D).isCloseTo(gap, within(0.25));
    }

    /** Both halves match: every bend and edge up to the second tips is there twice, of one length. */
    @Test
    void bothHalvesMatch() {
        FormWork work = wings("winged-link", Map.of());
        var lengths = new HashMap<String, List<Double>>();
        for (FormStep step : work.steps()) {
            double length = work.wires().get(0).program().bends().stream()
                    .filter(bend -> bend.step() == step.id())
                    .mapToDouble(bend -> bend.run().lengthMm())
                    .sum();
            lengths.computeIfAbsent(step.part(), part -> new ArrayList<>()).add(length);
        }
        for (String part : List.of(
                "first wing, shoulder",
                "first wing, raised",
                "first wing, upper edge",
                "first wing, tip",
                "first wing, lower edge",
                "first wing, down the stem",
                "stem",
                "second wing, out",
                "second wing, upper edge")) {
            assertThat(lengths.get(part)).as(part).hasSize(2);
            assertThat(lengths.get(part).get(0)).as(part).isPositive();
            assertThat(lengths.get(part).get(1))
                    .as(part)
                    .isCloseTo(lengths.get(part).get(0), within(1e-9));
        }
        assertThat(lengths.get("first tail, about the stem").get(0))
                .isCloseTo(lengths.get("second tail, about the stem").get(0), within(1e-9));
    }

    @Test
    void whatIsTooSmallIsRefusedWithItsRemedy() {
        var small = new HashMap<String, Object>(Map.of("second", 14.4, "wraps", 4));
        assertThatThrownBy(() -> wings("winged-link", small))
                .hasMessageContaining("second-wing-too-short")
                .hasMessageContaining("edgeMm=14.4");
        assertThatThrownBy(() -> wings("winged-cuff", Map.of("inside", 8, "gap", 20)))
                .hasMessageContaining("no-gap-wider-than-the-cuff");
    }
}
