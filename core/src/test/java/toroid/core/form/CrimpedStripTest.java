package toroid.core.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import toroid.core.quantity.Note;

/** A crimped strip of one folded length, and with its beads on a wire of their own. */
class CrimpedStripTest {
    private static FormWork strip(Map<String, Object> values) {
        return EveryForm.solve("crimped-pair", 0.7, values);
    }

    /**
     * One length folded is the two lengths and the eye between them; by hand: ρ = (i + d)/2, r = d, cos φ = (a/2 + r)/(r + ρ), the eye takes
     * {@code ρ (π + 2φ) + 2 r φ}.
     */
    @ParameterizedTest
    @ValueSource(doubles = {1.2, 3, 8})
    void aFoldedStripHasAnEyeMore(double eye) {
        FormWork two = strip(Map.of());
        FormWork one = strip(Map.of("made", "one length, folded", "fold", eye));
        double d = 0.7;
        double rho = (eye + d) / 2;
        double phi = Math.acos((1.04 * d / 2 + d) / (d + rho));
        double byHand = rho * (Math.PI + 2 * phi) + 2 * d * phi;
        assertThat(EveryForm.inPieceMm(one, "folded"))
                .isCloseTo(
                        EveryForm.inPieceMm(two, "upper") + EveryForm.inPieceMm(two, "lower") + byHand, within(1e-9));
        assertThat(EveryForm.inPieceMm(one, "binding")).isCloseTo(EveryForm.inPieceMm(two, "binding"), within(1e-9));
        assertThat(one.contacts()).isEmpty();
    }

    /** The wheels take a straight wire: it is run through them before it is folded, and folded before it is bound. */
    @Test
    void itIsCrimpedThenFoldedThenBound() {
        List<FormStep.Kind> kinds = strip(Map.of("made", "one length, folded")).steps().stream()
                .map(FormStep::kind)
                .toList();
        assertThat(kinds.lastIndexOf(FormStep.Kind.CRIMP)).isLessThan(kinds.indexOf(FormStep.Kind.FORM));
        assertThat(kinds.lastIndexOf(FormStep.Kind.FORM)).isLessThan(kinds.indexOf(FormStep.Kind.BIND));
    }

    /** The largest bead said to lie between the waves lies there; one a little larger is stopped, and would lie in the wire. */
    @Property(tries = 60)
    void aBeadLiesBetweenTheWavesOrIsStopped(
            @ForAll @DoubleRange(min = 5, max = 14) double wave,
            @ForAll @DoubleRange(min = 1.2, max = 3) double height,
            @ForAll @IntRange(min = 2, max = 5) int waves,
            @ForAll boolean folded) {
        var values = new HashMap<String, Object>(Map.of(
                "wave",
                wave,
                "height",
                height,
                "waves",
                waves,
                "beads",
                "on a straight wire",
                "bead",
                10,
                "hole",
                0.8));
        values.put("made", folded ? "one length, folded" : "two lengths");
        FormWork tooLarge = strip(values);
        Note stopped = tooLarge.notes().stream()
                .filter(note -> note.code().equals("bead-in-wave"))
                .findFirst()
                .orElseThrow();
        assertThat(stopped.severity()).isEqualTo(Note.Severity.STOP);
        double most = (double) stopped.values().get("mostMm");
        double apart = 1.04 * 0.7 + 0.5;
        // no more than the opening is high, and no less than the wires leave open in a valley
        assertThat(most).isBetween(apart - 0.7, apart + 2 * height - 0.7 + 1e-9);
        values.put("bead", most - 1e-3);
        FormWork fits = strip(values);
        assertThat(fits.notes()).extracting(Note::code).doesNotContain("bead-in-wave");
        for (FormedWire wire : fits.wires()) {
            if (!wire.name().equals("binding") && !wire.name().equals("straight")) {
                wire.program()
                        .sampled(0.001, 0.05)
                        .forEach(point -> fits.solids().stream()
                                .filter(solid -> solid.kind() == Solid.Kind.BEAD)
                                .forEach(bead -> assertThat(bead.centre()
                                                .distance(point.frame().position()))
                                        .isGreaterThan(bead.diameterMm() / 2 + 0.35 - 1e-3)));
            }
        }
    }

    /** Straight wire between the two: as long as the strip, and each turn round it all is wider by its thickness twice, the way past a bead by up to 1 mm. */
    @ParameterizedTest
    @CsvSource({"0.3", "0.5", "0.7"})
    void theStraightWireIsBoundIn(double straight) {
        Map<String, Object> bridged =
                Map.of("bead", 1.5, "waves", 4, "beadTurns", 1, "valleyTurns", 2, "centreTurns", 3);
        var onAWire = new HashMap<>(bridged);
        onAWire.putAll(Map.of("beads", "on a straight wire", "straight", straight, "valleyTurns", 3, "centreTurns", 4));
        onAWire.remove("beadTurns");
        FormWork one = strip(onAWire);
        FormWork other = strip(bridged);
        double pitch = 1.02 * 0.3;
        assertThat(EveryForm.inPieceMm(one, "straight")).isCloseTo(4 * 6 + 2 * (10 * pitch + 0.7), within(1e-9));
        double turns = 2 * 10 + 2 * 3 + 4;
        double wider = EveryForm.inPieceMm(one, "binding") - EveryForm.inPieceMm(other, "binding");
        assertThat(wider).isBetween(turns * 2 * straight * 0.95, turns * 2 * straight * 1.1 + 4);
        assertThat(one.solids()).hasSize(4);
    }
}
