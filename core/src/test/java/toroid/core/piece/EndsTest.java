package toroid.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import toroid.core.form.Forms;
import toroid.core.form.Opening;
import toroid.core.numeric.Refusal;
import toroid.core.piece.part.PartMaker;

/** What is hung hangs down, and what closes a piece closes it at its end: over everything there is to hang. */
class EndsTest {
    private static final List<String> FINDINGS = List.of(
            "clasp", "hook", "toggle-ring", "toggle-bar", "ear-wire", "ear-post", "pendant-on-a-bail", "pendant");

    static List<String> everything() {
        var all = new ArrayList<String>();
        for (var form : Forms.all()) {
            String id = form.info().id();
            (form.comesApart()
                            ? form.halves().stream()
                                    .map(half -> id + ":" + half)
                                    .toList()
                            : List.of(id))
                    .stream().filter(EndsTest::hangs).forEach(all::add);
        }
        FINDINGS.forEach(finding -> all.add("finding " + finding));
        all.addAll(List.of("stone 14/1.2", "strand 0.38 (6 * bead 6/1)", "chain 3/0.6 links=9", "cord 2 length=40"));
        return all;
    }

    private static boolean hangs(String part) {
        try {
            PartsTest.solve("ring 1.2/9 - " + part);
            return true;
        } catch (Refusal hangsFromNothing) {
            return false;
        }
    }

    @ParameterizedTest
    @MethodSource("everything")
    void itsWeightIsBelowWhatItHangsBy(String part) {
        PartMaker maker = PartsTest.parts();
        PieceWork work = PieceSolver.solve(PieceLine.read("ring 1.2/9 - " + part), maker);
        Hanging hanging = Hanging.of(work);
        Laid laid = Laid.hung(work, hanging);
        Laid.Place place = laid.places().get(1);
        Joint joint = work.hangsBy(1);
        double bears =
                place.of(joint.portB().bearing(hanging.down().get(1).negate())).getY();
        assertThat(place.of(work.parts().get(1).middle()).getY()).isLessThan(bears);
        assertThat(hanging.tiltDegrees().get(1)).isLessThan(90.0);
        // what is drawn goes down as far as it is said to hang
        assertThat(laid.depthMm(work, maker))
                .isGreaterThan(9 + 0.6 * work.parts().get(1).spanMm());
        // and as it lies along the row its far end is further along
        Laid along = Laid.of(work, Laid.Way.ALONG);
        assertThat(along.places().get(1).of(work.parts().get(1).middle()).getX())
                .isGreaterThan(along.places()
                                .get(1)
                                .of(joint.portB()
                                        .bearing(work.hung().get(1).pull().negate()))
                                .getX()
                        - 1e-9);
    }

    /** Parts in which one thing hooks and another does not. */
    static List<String> hooks() {
        return everything().stream()
                .filter(part -> {
                    var work = PartsTest.solve("ring 1.2/9 - " + part).parts().get(1);
                    return work.goesOn()
                            && (work.first().opens() == Opening.MOUTH)
                                    != (work.last().opens() == Opening.MOUTH);
                })
                .toList();
    }

    @ParameterizedTest
    @MethodSource("hooks")
    void aHooksMouthIsAtTheEndOfItsRow(String hook) {
        PieceWork begins = PartsTest.solve(hook + " - 3 * ring 1.2/9");
        assertThat(begins.hung().get(0).in().opens()).isEqualTo(Opening.MOUTH);
        assertThat(begins.joints().get(0).portA().opens()).isNotEqualTo(Opening.MOUTH);
        PieceWork ends = PartsTest.solve("3 * ring 1.2/9 - " + hook);
        assertThat(ends.joints().get(2).portB().opens()).isNotEqualTo(Opening.MOUTH);
        assertThat(ends.lengthMm()).isCloseTo(begins.lengthMm(), within(1e-9));
        // mirrored it is there once, and the ring at the other end takes it
        PieceWork mirrored = PartsTest.solve("mirror " + hook + " - 3 * ring 1.2/9");
        if (hook.contains(":")) {
            assertThat(mirrored.parts()).hasSize(2 + 5);
        } else {
            assertThat(mirrored.parts()).hasSize(1 + 5);
            assertThat(mirrored.parts().get(5).isRing()).isTrue();
        }
    }

    @Test
    void thereAreHooks() {
        assertThat(hooks())
                .contains("hook-curled", "finding clasp", "finding hook")
                .hasSizeGreaterThan(4);
    }

    @ParameterizedTest
    @CsvSource({
        "toggle:ring, toggle:bar",
        "toggle:bar, toggle:ring",
        "hook-and-eye:hook, hook-and-eye:eye",
        "finding toggle-ring, finding toggle-bar"
    })
    void theOtherHalfIsAtTheOtherEnd(String half, String other) {
        PieceWork row = PartsTest.solve("mirror " + half + " - 3 * ring 1/4");
        assertThat(row.parts().get(row.parts().size() - 1).spec().written()).isEqualTo(other);
        assertThat(row.canBeMade()).isTrue();
    }

    /** On its head a weight does not stay, though its moment is none. */
    @Test
    void whatStandsOnItsHeadTurnsOver() {
        PieceWork work = PartsTest.solve("ring 1/5 - stone 20/1.2");
        Hanging hanging = Hanging.of(work);
        assertThat(hanging.down().get(1).distance(Vector3D.PLUS_I)).isLessThan(1e-6);
    }
}
