package toroid.core.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import toroid.core.bend.program.BendProgram;
import toroid.core.numeric.Refusal;

/** Lengths of forms against closed forms and the trade's rules of thumb. */
class LengthsTest {
    private static double step(FormWork work, FormStep.Kind kind) {
        return work.steps().stream()
                .filter(s -> s.kind() == kind)
                .mapToDouble(FormStep::lengthMm)
                .sum();
    }

    /** Common practice: a plain loop takes about 1 cm of wire beyond the bead at 0.8 mm. */
    @Test
    void aPlainLoopTakesAboutACentimetre() {
        FormWork work = EveryForm.solve("eye-pin", 0.8, Map.of("stem", 30));
        double beyond = work.toCut().inMillimetres() - 30;
        assertThat(beyond).isBetween(9.0, 11.5);
    }

    /** Common practice: about 4 cm beyond the bend makes a comfortable loop of three wraps at 0.9 mm. */
    @Test
    void aWrappedLoopIsComfortableWithFourCentimetres() {
        FormWork work = EveryForm.solve("wrapped-loop", 0.9, Map.of("stem", 8));
        double neck = 3.5 * 0.9;
        assertThat(work.toCut().inMillimetres() - 8 - neck).isBetween(36.0, 44.0);
    }

    /** Common practice: a small beaded link with two wrapped loops is cut at about 10 cm (4 in). */
    @Test
    void aSmallWrappedLinkIsCutAtAboutTenCentimetres() {
        FormWork work = EveryForm.solve("bead-link", 0.8, Map.of("bead", 8));
        assertThat(work.toCut().inMillimetres()).isBetween(80.0, 105.0);
    }

    /** Common practice: about 25 mm of wire for a plain-loop link and 38 mm for a wrapped one beside the bead's own size. */
    @Test
    void rosaryLinksTakeWhatTheTradeReckons() {
        double plain = EveryForm.solve("bead-chain", 0.8, Map.of("ends", "plain", "bead", 6))
                        .toCut()
                        .inMillimetres()
                / 3;
        assertThat(plain - 6).isBetween(19.0, 27.0);
        // Wrapped with two wraps and the tail reused on both sides, worked from the spool on one of them.
        double wrapped = EveryForm.solve("bead-chain", 0.6, Map.of("ends", "wrapped", "bead", 6, "wraps", 2))
                        .inPiece()
                        .inMillimetres()
                / 3;
        assertThat(wrapped - 6).isBetween(28.0, 44.0);
    }

    /** A chain counted by length is the most links that are not longer; of two beads in turn it is as long as its links are, taut. */
    @ParameterizedTest
    @CsvSource({
        "plain, 0, 100",
        "wrapped, 4, 143",
        "plain and wrapped in turn, 0, 90",
        "plain and wrapped in turn, 9, 200"
    })
    void aChainIsCountedByLength(String ends, double other, double longMm) {
        Map<String, Object> kind = Map.of("ends", ends, "other", other);
        var byLength = new java.util.HashMap<>(kind);
        byLength.putAll(Map.of("by", "length", "long", longMm));
        FormWork work = EveryForm.solve("bead-chain", 0.8, byLength);
        int links = work.wires().size();
        assertThat(hangs(work)).isLessThanOrEqualTo(longMm);
        var more = new java.util.HashMap<>(kind);
        more.put("links", links + 1);
        assertThat(hangs(EveryForm.solve("bead-chain", 0.8, more))).isGreaterThan(longMm);
        // the drawing is as long: a wire thicker at each end
        assertThat(Extent.of(work).size().getX()).isCloseTo(hangs(work) + 1.6, within(0.1));
        assertThat(work.contacts()).isEmpty();
    }

    private static double hangs(FormWork work) {
        return EveryForm.told(work, "chain-long", "lengthMm");
    }

    /** Where the end's flat face touches: two circles over the stem, a circle and a line beside it; by the law of cosines. */
    @ParameterizedTest
    @CsvSource({"0.5, 1.2", "0.8, 2.0", "1.0, 2.5", "1.2, 4.0", "2.0, 30", "1.0, 1.2"})
    void aLoopIsTurnedUntilItsEndTouches(double d, double inside) {
        double rho = (inside + d) / 2;
        double r = 0.75 * d;
        double outer = rho + d / 2;
        double foot = r + d / 2;
        double over = Math.acos(((r + rho) * (r + rho) + outer * outer - foot * foot) / (2 * (r + rho) * outer));
        double beside = Math.acos((rho - d / 2) / outer);
        assertThat(turned("over the stem", d, inside)).isCloseTo(360 - Math.toDegrees(over), within(0.2));
        assertThat(turned("beside the stem", d, inside)).isCloseTo(360 - Math.toDegrees(beside), within(0.2));
    }

    private static double turned(String style, double d, double inside) {
        FormWork work = EveryForm.solve("plain-loop", d, Map.of("loop", inside, "style", style, "stem", 40));
        return work.steps().stream()
                .filter(step -> step.kind() == FormStep.Kind.LOOP)
                .findFirst()
                .orElseThrow()
                .degrees();
    }

    @Test
    void aLoopIsNearPiTimesItsMiddle() {
        FormWork work = EveryForm.solve("plain-loop", 1.0, Map.of("loop", 3));
        double bends = step(work, FormStep.Kind.LOOP) + step(work, FormStep.Kind.BEND);
        assertThat(bends).isCloseTo(Math.PI * 4, within(0.08 * Math.PI * 4));
    }

    /** n wraps about a neck of the same wire: {@code n √((2πd)² + d²)}, and the crossing that leads to them. */
    @Test
    void wrapsAreHelicesAboutTheNeck() {
        double d = 0.8;
        double three = step(EveryForm.solve("wrapped-loop", d, Map.of("wraps", 3)), FormStep.Kind.WRAP);
        double five = step(EveryForm.solve("wrapped-loop", d, Map.of("wraps", 5)), FormStep.Kind.WRAP);
        assertThat(five - three).isCloseTo(2 * Math.hypot(2 * Math.PI * d, d), within(1e-9));
    }

    /** A coil of N turns of inside i: {@code N √((π(i + d))² + p²)}; i is what springs off the rod it is told. */
    @Test
    void aCoilIsAHelix() {
        FormWork work = EveryForm.solve("coil-stretched", 0.8, Map.of("core", 3, "turns", 10, "pitch", 2));
        double inside = sprung(work);
        assertThat(inside).isBetween(3.0, 3.1);
        assertThat(work.inPiece().inMillimetres())
                .isCloseTo(10 * Math.hypot(Math.PI * (inside + 0.8), 2), within(1e-9));
        FormStep wound = step(work);
        assertThat(wound.toolMm()).isEqualTo(3);
        assertThat(wound.insideMm()).isCloseTo(inside, within(1e-9));
        // the wire that 10 turns hold makes a little more of them on the rod
        assertThat(wound.heldDegrees() * 3.8).isCloseTo(3600 * (inside + 0.8), within(1e-6));
    }

    private static double sprung(FormWork work) {
        return EveryForm.told(work, "springs-off", "insideMm");
    }

    private static FormStep step(FormWork work) {
        return work.steps().stream()
                .filter(one -> one.kind() == FormStep.Kind.COIL)
                .findFirst()
                .orElseThrow();
    }

    /** Counted by its length, a coil of pitch p is that long from face to face; counted by turns, as long as they make it. */
    @ParameterizedTest
    @CsvSource({"coil-tight, 0.8, 12", "coil-tight, 0.8, 31", "coil-stretched, 2, 20"})
    void aCoilIsCountedByTurnsOrByLength(String id, double pitch, double longMm) {
        var values = new java.util.HashMap<String, Object>(Map.of("by", "length", "long", longMm));
        if (id.equals("coil-stretched")) {
            values.put("pitch", pitch);
        }
        FormWork work = EveryForm.solve(id, 0.8, values);
        assertThat(Extent.of(work).size().getX()).isCloseTo(longMm, within(0.35 * 0.8));
        FormWork counted = EveryForm.solve(id, 0.8, Map.of("by", "turns", "turns", 10));
        assertThat(step(counted).turns()).isCloseTo(10, within(1e-6));
    }

    /** What it goes on is not what it is wound on: a coil that springs to less is told with the rod that does, and on that it goes. */
    @Test
    void aCoilGoesOnWhatItIsFor() {
        FormWork tight = EveryForm.solve("coil-tight", 0.6, Map.of("core", 2.0, "goesOn", 2.6));
        double rod = EveryForm.told(tight, "coil-too-tight", "rodMm");
        FormWork right = EveryForm.solve("coil-tight", 0.6, Map.of("core", rod + 1e-6, "goesOn", 2.6));
        assertThat(right.notes()).noneMatch(one -> one.code().equals("coil-too-tight"));
        assertThat(sprung(right)).isBetween(2.649, 2.66);
    }

    /** A cylinder is the tool: the bow that springs off it is wider, as wide as the wire's own springback makes it. */
    @Test
    void whatIsBowedOnACylinderSpringsOffIt() {
        FormWork bar = EveryForm.solve("curved-bar", 1.2, Map.of("former", 30, "long", 25));
        double inside = sprung(bar);
        assertThat(inside).isGreaterThan(30);
        FormStep bow = bar.steps().stream()
                .filter(one -> one.kind() == FormStep.Kind.FORM)
                .findFirst()
                .orElseThrow();
        assertThat(bow.toolMm()).isEqualTo(30);
        assertThat(bow.insideMm()).isCloseTo(inside, within(1e-9));
        assertThat(bow.degrees()).isCloseTo(Math.toDegrees(12.5 / ((inside + 1.2) / 2)), within(1e-6));
    }

    /** A ball of diameter b uses up {@code 2b³/(3d²)}: equal volumes. */
    @Test
    void aBallUsesUpItsVolume() {
        double volume = Math.PI / 6 * Math.pow(2, 3);
        assertThat(BalledEnd.wireMm(2, 0.8) * Math.PI / 4 * 0.8 * 0.8).isCloseTo(volume, within(1e-12));
        FormWork work = EveryForm.solve("head-pin-balled", 0.6, Map.of("ball", 1.5, "stem", 40));
        assertThat(work.inPiece().inMillimetres()).isCloseTo(40 + 2 * 3.375 / (3 * 0.36), within(1e-9));
    }

    /** Each wrap round k wires side by side takes {@code π(b + f) + 2(k − 1)b}; round a bundle of three {@code π(b + f) + 3b}. */
    @ParameterizedTest
    @CsvSource({"one,0", "two side by side,2", "three side by side,4", "three in a bundle,3"})
    void bindingTakesItsHull(String lay, double straights) {
        double b = 1.0;
        double f = 0.4;
        FormWork work = EveryForm.solve("binding-coil", b, Map.of("lay", lay, "fine", f, "wraps", 10));
        FormedWire binding = work.wires().get(work.wires().size() - 1);
        double wrap = Math.PI * (b + f) + straights * b;
        assertThat(binding.inPiece().inMillimetres() / 10).isCloseTo(wrap, within(0.006 * wrap));
    }

    /** Over a half circle lie {@code π/(2 asin(s/(D + s)))} small beads, rounded down. */
    @Test
    void smallBeadsOverABigOneAreCounted() {
        FormWork work = EveryForm.solve("lashed-beads", 0.8, Map.of("bead", 8, "small", 2));
        Object each = work.notes().stream()
                .filter(n -> n.code().equals("small-beads"))
                .findFirst()
                .orElseThrow()
                .values()
                .get("each");
        assertThat(each).isEqualTo(7); // π/(2 asin 0.2) = 7.80
    }

    @Test
    void aCrimpedWaveHasItsLengthAndHeight() {
        FormWork work = EveryForm.solve("crimped-wire", 0.7, Map.of("wave", 5, "height", 1.6, "waves", 10));
        Extent extent = Extent.of(work);
        assertThat(extent.size().getX()).isCloseTo(50, within(0.6));
        assertThat(extent.size().getY()).isCloseTo(1.6 + 0.7, within(1e-3));
        assertThat(work.inPiece().inMillimetres()).isGreaterThan(55);
    }

    /** Common practice: about 30 mm of 1 mm wire between two loop allowances of 10 mm for an average ear. */
    @Test
    void anEarCuffTakesWhatTheTradeReckons() {
        FormWork work = EveryForm.usual("ear-cuff");
        double arc = work.steps().stream()
                .filter(s -> s.kind() == FormStep.Kind.FORM)
                .mapToDouble(FormStep::lengthMm)
                .sum();
        assertThat(arc).isCloseTo(30, within(2.0));
        assertThat(work.toCut().inMillimetres()).isBetween(44.0, 52.0);
    }

    /** Carried tails: half circles {@code ½π(D + w)} beside each bead, within the lead on and off. */
    @Test
    void carriedTailsGoHalfRoundEachBead() {
        FormWork one = EveryForm.solve("bead-link-carried", 0.7, Map.of("beads", 1));
        FormWork two = EveryForm.solve("bead-link-carried", 0.7, Map.of("beads", 2));
        double round = Math.PI / 2 * (8 + 0.7);
        double gapRound = Math.hypot(2 * Math.PI * 0.7, 0.7);
        double stem = 8 + 3.4 * 0.7;
        double more = two.inPiece().inMillimetres() - one.inPiece().inMillimetres();
        assertThat(more).isCloseTo(2 * round + 2 * gapRound + stem, within(0.15 * more));
    }

    @Test
    void fromTheSpoolSavesTheTailOnOneSide() {
        FormRequest cut = EveryForm.request(0.8, Map.of());
        var spool = new FormRequest(
                0.8,
                cut.metal(),
                cut.temper(),
                cut.flow(),
                Map.of(),
                false,
                new Schools(Schools.Cutting.FROM_SPOOL, 1.0, 1));
        FormWork pre = FormSolver.solve(Forms.byId("bead-link"), cut);
        FormWork off = FormSolver.solve(Forms.byId("bead-link"), spool);
        assertThat(off.inPiece()).isEqualTo(pre.inPiece());
        assertThat(pre.toCut().inMillimetres() - off.toCut().inMillimetres())
                .isCloseTo(Loops.wrappedTail(0.8), within(1e-9));
    }

    @Test
    void everyToolAllowsForSpringback() {
        FormWork work = EveryForm.solve("fish-hook", 0.8, Map.of("over", 9));
        FormStep over = work.steps().stream()
                .filter(s -> s.part().equals("over the ear"))
                .findFirst()
                .orElseThrow();
        assertThat(over.insideMm()).isCloseTo(9, within(1e-9));
        assertThat(over.toolMm()).isBetween(8.5, 8.99);
        assertThat(over.degrees()).isCloseTo(180, within(1e-6));
        // the wire keeps its length: angle × radius is the same in the tool and let go
        assertThat(over.heldDegrees() * (over.toolMm() + 0.8)).isCloseTo(180 * 9.8, within(1e-6));
        var held = Forming.shapes(work, work.steps().indexOf(over) + 1, true)
                .get(0)
                .program();
        var free = Forming.shapes(work, work.steps().indexOf(over) + 1, false)
                .get(0)
                .program();
        assertThat(held.lengthMm()).isCloseTo(free.lengthMm(), within(1e-9));
        assertThat(held.end().position().distance(free.end().position())).isGreaterThan(0.1);
    }

    @Test
    void aBendTableGoesOutAndComesBackTheSame() {
        for (String id : List.of("s-hook", "fish-hook", "outline", "curved-bar", "teardrop-link", "ear-cuff")) {
            FormedWire wire = EveryForm.usual(id).wires().get(0);
            BendProgram back = BendTable.program(BendTable.of(wire), wire.diameterMm());
            assertThat(back.lengthMm()).isCloseTo(wire.program().lengthMm(), within(1e-9));
            double[] at = {0, 0.21, 0.5, 0.83, 1};
            for (int i = 0; i < at.length; i++) {
                for (int j = i + 1; j < at.length; j++) {
                    assertThat(apart(back, at[i], at[j])).isCloseTo(apart(wire.program(), at[i], at[j]), within(1e-6));
                }
            }
        }
        assertThatThrownBy(
                        () -> BendTable.of(EveryForm.usual("coil-tight").wires().get(0)))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("coil");
    }

    private static double apart(BendProgram program, double from, double to) {
        Vector3D p = program.at(from * program.lengthMm()).position();
        return p.distance(program.at(to * program.lengthMm()).position());
    }
}
