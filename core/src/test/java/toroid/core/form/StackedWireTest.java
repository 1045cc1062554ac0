package toroid.core.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import toroid.core.numeric.Refusal;
import toroid.core.quantity.Note;

/** A row on one wire: its length is what is threaded and its two ends, each by itself. */
class StackedWireTest {
    private static final StackItem SPACER = new StackItem(StackItem.Kind.SPACER, 2, 3, 1.5, 1);

    private static FormWork work(List<StackItem> row, Map<String, Object> more) {
        var values = new java.util.HashMap<String, Object>(more);
        values.put("row", row);
        return EveryForm.solve("stacked-wire", 0.8, values);
    }

    private static double inPiece(List<StackItem> row, Map<String, Object> more) {
        return work(row, more).wires().stream()
                .filter(wire -> wire.name().equals("link"))
                .findFirst()
                .orElseThrow()
                .inPiece()
                .inMillimetres();
    }

    /** One bead between two loops is the bead link, to the last digit. */
    @ParameterizedTest
    @ValueSource(strings = {"plain", "wrapped"})
    void oneBeadIsTheBeadLink(String end) {
        FormWork link = EveryForm.solve("bead-link", 0.8, Map.of("bead", 8, "first", end, "second", end, "loop", 2.0));
        double stacked = inPiece(
                List.of(StackItem.bead(8, 8, 1)),
                Map.of("first", end + " loop", "second", end + " loop", "firstLoop", 2.0, "secondLoop", 2.0));
        assertThat(stacked).isCloseTo(link.inPiece().inMillimetres(), within(1e-9));
    }

    /** Whatever form carries a row, the row adds its own length to what that form takes with nothing else changed. */
    @ParameterizedTest
    @ValueSource(strings = {"bead-link", "beaded-dangle", "ear-post"})
    void anyFormMayCarryTheRow(String id) {
        StackItem bead = StackItem.bead(5, 6.2, 1);
        FormWork one = carrying(id, List.of(bead));
        FormWork more = carrying(id, List.of(bead, SPACER));
        assertThat(main(more) - main(one)).isCloseTo(3, within(1e-9));
        assertThat(more.solids()).hasSize(one.solids().size() + 2);
        assertThat(more.contacts()).isEmpty();
        assertThat(more.steps())
                .filteredOn(step -> step.kind() == FormStep.Kind.THREAD)
                .singleElement()
                .satisfies(step -> assertThat(step.part()).isEqualTo("bead, 2 spacers"));
    }

    /** A link with a row is the row on one wire, whatever its ends; the same code answers both. */
    @ParameterizedTest
    @ValueSource(strings = {"spiral", "folded", "hook", "ear wire", "straight", "wrapped, tail coiled back"})
    void aLinkWithARowIsTheRow(String end) {
        List<StackItem> row = List.of(SPACER, StackItem.bead(6, 6, 1));
        FormWork link = EveryForm.solve(
                "bead-link", 0.8, Map.of("carries", "a row", "row", row, "first", end, "second", "plain", "loop", 2.0));
        FormWork stacked = work(row, Map.of("first", end, "second", "plain loop", "firstLoop", 2.0, "secondLoop", 2.0));
        assertThat(main(link)).isCloseTo(main(stacked), within(1e-9));
    }

    /** Beads on a bow take no wire of their own, and go on between the two loops. */
    @Test
    void aBarCarriesBeadsOnItsBow() {
        FormWork bare = EveryForm.solve("curved-bar", 1.2, Map.of());
        FormWork beaded = carrying("curved-bar", List.of(StackItem.bead(4, 4, 1.7), StackItem.bead(6, 6, 1.8)));
        assertThat(main(beaded)).isCloseTo(main(bare), within(1e-9));
        assertThat(beaded.solids()).hasSize(2);
        assertThat(beaded.contacts()).isEmpty();
        List<String> told = beaded.steps().stream()
                .filter(step -> step.part().contains("loop") || step.kind() == FormStep.Kind.THREAD)
                .map(FormStep::part)
                .toList();
        assertThat(told)
                .containsSubsequence("first loop", "2 beads", "second loop")
                .doesNotHaveDuplicates();
        assertThatThrownBy(() -> carrying("curved-bar", List.of(new StackItem(StackItem.Kind.BEAD, 9, 6, 6, 2))))
                .hasMessageContaining("row-longer-than-bow");
    }

    private static FormWork carrying(String id, List<StackItem> row) {
        double wire = Forms.byId(id).info().usualWireMm();
        return EveryForm.solve(id, wire, Map.of("carries", "a row", "row", row));
    }

    private static double main(FormWork work) {
        return work.wires().get(0).inPiece().inMillimetres();
    }

    /** Threading one thing more takes its own length of wire more, whatever the ends. */
    @Test
    void theRowAddsItsOwnLength() {
        List<StackItem> bead = List.of(StackItem.bead(8, 6.2, 1));
        for (String first : List.of("wrapped loop", "spiral", "folded", "ear wire")) {
            Map<String, Object> ends = Map.of("first", first, "second", "plain loop");
            double more = inPiece(List.of(bead.get(0), SPACER), ends) - inPiece(bead, ends);
            assertThat(more).as(first).isCloseTo(3, within(1e-9));
        }
    }

    /** The two ends do not know of each other: what one takes does not change with the other. */
    @Test
    void eachEndIsChosenByItself() {
        List<StackItem> row = List.of(StackItem.bead(8, 8, 1));
        List<String> ends = List.of("wrapped loop", "plain loop", "wrapped, tail coiled back", "spiral", "hook");
        double base = inPiece(row, Map.of("first", "plain loop", "second", "plain loop"));
        for (String a : ends) {
            double first = inPiece(row, Map.of("first", a, "second", "plain loop")) - base;
            for (String b : ends) {
                double second = inPiece(row, Map.of("first", "plain loop", "second", b)) - base;
                assertThat(inPiece(row, Map.of("first", a, "second", b)))
                        .as(a + ", " + b)
                        .isCloseTo(base + first + second, within(1e-9));
            }
        }
    }

    /** A coil of n turns of f on the wire d: {@code n √((π(d + f))² + f²)}; wound before it is threaded. */
    @Test
    void aCoilOfTheRowIsItsOwnWire() {
        var coil = new StackItem(StackItem.Kind.COIL, 1, 0.4, 6, 0);
        FormWork work = work(List.of(coil, StackItem.bead(8, 8, 1)), Map.of());
        FormedWire wire = work.wires().stream()
                .filter(w -> w.name().startsWith("coil"))
                .findFirst()
                .orElseThrow();
        double turns = (6 - 0.4) / 0.4;
        assertThat(wire.program().lengthMm()).isCloseTo(turns * Math.hypot(Math.PI * 1.2, 0.4), within(1e-9));
        assertThat(work.contacts()).isEmpty();
        List<FormStep.Kind> kinds = work.steps().stream().map(FormStep::kind).toList();
        assertThat(kinds.indexOf(FormStep.Kind.COIL)).isLessThan(kinds.indexOf(FormStep.Kind.THREAD));
    }

    @Test
    void holesAndHeadsAreChecked() {
        FormWork tight = work(List.of(StackItem.bead(8, 8, 0.7)), Map.of());
        assertThat(tight.notes()).anySatisfy(note -> {
            assertThat(note.code()).isEqualTo("bead-hole-small");
            assertThat(note.severity()).isEqualTo(Note.Severity.STOP);
        });
        FormWork wide = work(List.of(StackItem.bead(8, 8, 3)), Map.of("first", "folded"));
        assertThat(wide.notes()).extracting(Note::code).contains("head-goes-through");
        FormWork spaced = work(List.of(SPACER, StackItem.bead(8, 8, 3)), Map.of("first", "folded"));
        assertThat(spaced.notes()).extracting(Note::code).doesNotContain("head-goes-through");
    }

    @Test
    void badRowsAreRefusedInWords() {
        assertThatThrownBy(() -> work(List.of(), Map.of())).hasMessageContaining("stack-kinds: row {most=40}");
        List<StackItem> many = Collections.nCopies(41, SPACER);
        assertThatThrownBy(() -> work(many, Map.of())).hasMessageContaining("stack-kinds: row {most=40}");
        for (Object bad : List.of(
                "a bead",
                Map.of("kind", "STONE", "acrossMm", 4, "longMm", 4, "holeMm", 1),
                Map.of("kind", "BEAD", "longMm", 4, "holeMm", 1),
                Map.of("kind", "BEAD", "acrossMm", "wide", "longMm", 4, "holeMm", 1),
                Map.of("kind", "BEAD", "acrossMm", 4, "longMm", Double.NaN, "holeMm", 1),
                Map.of("kind", "BEAD", "count", 1e9, "acrossMm", 4, "longMm", 4, "holeMm", 1))) {
            assertThatThrownBy(() -> EveryForm.solve("stacked-wire", 0.8, Map.of("row", List.of(bad))))
                    .as("%s", bad)
                    .isInstanceOf(Refusal.class);
        }
    }

    /** However much is threaded, it is answered or refused before it is worked out. */
    @Test
    void aRowHasAnEnd() {
        List<StackItem> coils =
                Collections.nCopies(StackItem.MOST_ITEMS, new StackItem(StackItem.Kind.COIL, 60, 0.1, 100, 0));
        assertThatThrownBy(() -> work(coils, Map.of())).hasMessageContaining("too-many-coils");
        List<StackItem> fine = List.of(new StackItem(StackItem.Kind.COIL, 24, 0.1, 100, 0));
        assertThatThrownBy(() -> work(fine, Map.of())).hasMessageContaining("make-it-in-parts");
        List<StackItem> beads = Collections.nCopies(10, new StackItem(StackItem.Kind.BEAD, 60, 3, 3, 1));
        assertThat(work(beads, Map.of()).solids()).hasSize(600);
    }

    /** Beads longer than wide, discs: no corner of an outline lies outside what it is of, and its ends are as far apart as it is long. */
    @Test
    void outlinesAreAsLongAsTheThing() {
        for (Solid solid :
                work(List.of(StackItem.bead(6, 13, 1), SPACER), Map.of()).solids()) {
            double longest = 0;
            for (var a : solid.outline()) {
                for (var b : solid.outline()) {
                    longest = Math.max(longest, Math.abs(a.getX() - b.getX()));
                }
            }
            assertThat(longest).isCloseTo(solid.lengthMm(), within(1e-6));
        }
    }
}
