package toroid.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import toroid.core.form.FormSolver;
import toroid.core.form.Forms;
import toroid.core.form.Schools;
import toroid.core.metal.Metals;
import toroid.core.metal.Temper;
import toroid.core.numeric.Refusal;
import toroid.core.piece.part.PartMaker;

class PieceSolverTest {
    private static PartMaker parts() {
        var copper = new PartMaker.Stuff(Metals.byId("copper"), Temper.HALF_HARD, Schools.USUAL);
        return new PartMaker(copper, FormSolver::solve, PartMaker.NO_WEAVES);
    }

    private static PieceWork solve(String line) {
        return PieceSolver.solve(PieceLine.read(line), parts());
    }

    /** A taut chain of single rings: its pitch is their inside, exactly, whatever the wire (by geometry; two insides meet in one point). */
    @ParameterizedTest
    @CsvSource({"1, 4, 30", "0.8, 3.5, 45", "1.6, 8, 7"})
    void aSingleChainsPitchIsItsRingsInside(double wire, double inside, int rings) {
        PieceWork chain = solve(rings + " * ring " + wire + "/" + inside);
        assertThat(chain.lengthMm()).isCloseTo(rings * inside, within(1e-9));
        assertThat(chain.massG()).isCloseTo(rings * chain.parts().get(0).massG(), within(1e-9));
    }

    /** Of a run of nine rings four open, every second one; a ring between two closed loops always opens. Counted by hand. */
    @Test
    void everySecondRingOfAChainMayBeClosedBeforehand() {
        assertThat(PieceLists.of(solve("9 * ring 1/5"), false, 5).rings())
                .containsExactly(new PieceLists.Rings(new toroid.core.ring.Ring(1, 5), 1, false, null, null, 9, 5, 0));
        assertThat(PieceLists.of(solve("4 * (bead-link first=plain second=plain - ring 0.8/3)"), false, 0)
                        .rings()
                        .get(0)
                        .preClosed())
                .isZero();
    }

    /** Common practice, 3.6: loop in loop shows the next edge-on; a ring between two loops keeps the face; two rings turn it again. */
    @Test
    void everyContactTurnsTheFaceAQuarter() {
        String link = "bead-link first=plain second=plain";
        assertThat(solve(link + " - " + link).facingDegrees().get(1)).isEqualTo(90);
        assertThat(solve(link + " - ring 0.8/3 - " + link).facingDegrees().get(2))
                .isZero();
        assertThat(solve(link + " - ring 0.8/3 - ring 0.8/3 - " + link)
                        .facingDegrees()
                        .get(3))
                .isEqualTo(90);
    }

    /** Loop in loop every second link hangs edge-on; with a ring between none does. */
    @Test
    void saysWhichPartsHangEdgeOn() {
        assertThat(solve("4 * bead-link first=plain second=plain").edgeOn()).containsExactly(1, 3);
        assertThat(solve("3 * (bead-link first=plain second=plain - ring 0.8/3)")
                        .edgeOn())
                .isEmpty();
    }

    /** A link whose loops are square to each other keeps the face loop in loop; hung the other way round it does the same. */
    @Test
    void aLinkWithItsLoopsSquareTurnsAsMuchAsAContact() {
        PieceWork row = solve("mirror hammered-bar - ring 1.2/4");
        var bar = row.parts().get(0);
        assertThat(bar.twistDegrees(bar.first(), bar.last())).isCloseTo(90, within(1e-6));
        assertThat(row.hung()).extracting(Hung::turned).containsExactly(false, false, true);
        // bar 90, contact 90, ring 0, contact 90: the second bar comes in edge-on to the first one's first end
        assertThat(row.facingDegrees().get(2)).isCloseTo(90, within(1e-6));
    }

    /** Two rings of AR 4 turn freely from 53.13° to 126.87° about square: R/d = 2.5, so |cos θ| ≤ 1 − 1/2.5 = 0.6. By hand. */
    @Test
    void twoRingsTurnFreelyAboutSquare() {
        Joint joint = solve("2 * ring 1/4").joints().get(0);
        assertThat(joint.freeDegrees()).isCloseTo(90 - Math.toDegrees(Math.acos(0.6)), within(1e-9));
    }

    /** A row and its mirror image are as long, and its half twice less its middle. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "figure-eight - ring 1/4 - bead-link - ring 1/3",
                "3 * (eye-pin stem=8 - ring 1/4)",
                "ring 1/4 - bead-link"
            })
    void theOtherHalfIsAsLong(String half) {
        if (half.contains("eye-pin")) {
            assertThatThrownBy(() -> solve(half)).isInstanceOf(Refusal.class);
            return;
        }
        PieceWork one = solve(half);
        PieceWork whole = solve("mirror " + half);
        double middle = one.parts().get(one.parts().size() - 1).spanMm();
        assertThat(whole.lengthMm()).isCloseTo(2 * one.lengthMm() - middle, within(1e-9));
        assertThat(whole.parts()).hasSize(2 * one.parts().size() - 1);
    }

    @Test
    void twoThatAreClosedForGoodCannotHangInEachOther() {
        PieceWork row = solve("ring 1/5 - ring 1/5 soldered - finding pendant");
        assertThat(row.canBeMade()).isFalse();
        assertThat(row.joints()).extracting(Joint::way).containsExactly(Joint.Way.OPENED, Joint.Way.IMPOSSIBLE);
        assertThat(solve("ring 1/5 soldered - ring 1/5 - ring 1/5 soldered").canBeMade())
                .isTrue();
    }

    /** Chain of 0.3 wire in a ring closed by hand slips out where the gap is a hand's usual; out of a soldered ring it does not. */
    @Test
    void whatIsThinIsTold() {
        String row = "ring 0.8/4%1$s - chain 2/0.3 links=20 - ring 0.8/4%1$s";
        assertThat(solve(String.format(row, "")).faults())
                .anyMatch(fault -> fault.kind() == PieceFault.Kind.GAP && !fault.stops());
        assertThat(solve(String.format(row, " soldered")).faults())
                .noneMatch(fault -> fault.kind() == PieceFault.Kind.GAP);
        assertThat(solve("ring 0.8/4 - chain 3/0.6 links=20 - ring 0.8/4").faults())
                .isEmpty();
    }

    /** Two wires of 1.2 pass side by side in 2.4 and not in 2.3: w₁ + w₂ ≤ ID. */
    @Test
    void whatHangsInARingMustGoThroughIt() {
        assertThat(solve("ring 1.2/6 - ring 0.8/2.3 - ring 1.2/6").faults())
                .extracting(PieceFault::kind)
                .containsExactly(PieceFault.Kind.DOES_NOT_GO_IN);
        assertThat(solve("ring 1.2/6 - ring 0.8/2.4 - ring 1.2/6").faults())
                .extracting(PieceFault::kind)
                .containsExactly(PieceFault.Kind.TIGHT);
        assertThat(solve("ring 1.2/6 - ring 0.8/2.7 - ring 1.2/6").faults()).isEmpty();
    }

    /** Every form that hangs from something hangs in a ring, alone and between rings where it goes on; with a length, a mass and its cuts. */
    @Test
    void everyFormThatHasAPortHangsInARing() {
        int hung = 0;
        for (var form : Forms.all()) {
            String id = form.info().id();
            try {
                PieceWork row = solve("ring 1/8 - " + id);
                hung++;
                assertThat(row.lengthMm()).as(id).isGreaterThan(8.5);
                assertThat(row.massG()).as(id).isGreaterThan(row.parts().get(0).massG());
                assertThat(PieceLists.of(row, false, 5).cuts()).as(id).isNotEmpty();
                assertThat(row.joints().get(0).way()).as(id).isNotEqualTo(Joint.Way.IMPOSSIBLE);
                if (row.parts().get(1).goesOn()) {
                    PieceWork between = solve("ring 1/8 - " + id + " - ring 1/8");
                    assertThat(between.lengthMm()).as(id).isCloseTo(row.lengthMm() + 8, within(1e-9));
                }
            } catch (Refusal refused) {
                // two halves drawn side by side would be measured across the gap between them
                assertThat(refused.code())
                        .as(id)
                        .isEqualTo(form.comesApart() ? "part-is-several" : "part-hangs-from-nothing");
            }
        }
        assertThat(hung).isGreaterThan(30);
    }

    @Test
    void aPartWithOnePortOnlyEndsARow() {
        assertThat(solve("ring 1/5 - beaded-dangle").canBeMade()).isTrue();
        assertThat(solve("beaded-dangle - ring 1/5 - beaded-dangle").canBeMade())
                .isTrue();
        assertThatThrownBy(() -> solve("ring 1/5 - beaded-dangle - ring 1/5"))
                .isInstanceOfSatisfying(
                        Refusal.class, refusal -> assertThat(refusal.code()).isEqualTo("part-ends-a-row"));
    }

    /** A belt round a cylinder has its own middle half its thickness off it: 2π (C/2π + t/2) = C + π t. */
    @Test
    void isLongerThanTheWristByItsThickness() {
        PieceWork chain = solve("40 * ring 1/4");
        var wrist = new BodyFit(165, 12);
        double radius = 165 / (2 * Math.PI) + chain.thickMm() / 2;
        assertThat(wrist.targetMm(chain)).isCloseTo(2 * Math.PI * radius + 12, within(1e-9));
        assertThat(wrist.remainderMm(chain)).isCloseTo(160 - wrist.targetMm(chain), within(1e-9));
    }

    /** Every cure is the piece it says, that long, nearer than what there was, and the nearest comes first. */
    @Test
    void curesAreWorkedOutWhole() {
        String line = "s-hook - ring 1/4 - 8 * (bead-link bead=6 - ring 1/4)";
        Piece piece = PieceLine.read(line);
        var wrist = new BodyFit(170, 12);
        double off = Math.abs(wrist.remainderMm(solve(line)));
        List<Cure> cures = Cures.of(piece, solve(line), wrist, parts(), List.of(3.5, 4.5, 5.0));
        assertThat(cures).isNotEmpty();
        double before = 0;
        for (Cure cure : cures) {
            PieceWork changed = solve(cure.line());
            assertThat(changed.lengthMm()).isCloseTo(cure.lengthMm(), within(1e-9));
            assertThat(wrist.remainderMm(changed)).isCloseTo(cure.offMm(), within(1e-9));
            assertThat(Math.abs(cure.offMm())).isBetween(before, off);
            before = Math.abs(cure.offMm());
        }
        assertThat(cures).extracting(Cure::change).contains(Cure.Change.OTHER_RING);
    }

    /** What is sold or woven by the length is made longer by as many links as are wanting; a hook gets an extender or another hook does. */
    @Test
    void curesCountLinksAndUnits() {
        var neck = new BodyFit(360, 60);
        String line = "hook-curled wire=1.2 - ring 0.8/4 - chain 3/0.6 links=115 - ring 0.8/4";
        Piece piece = PieceLine.read(line);
        List<Cure> cures = Cures.of(piece, solve(line), neck, parts(), List.of());
        assertThat(cures).extracting(Cure::change).contains(Cure.Change.COUNT, Cure.Change.EXTENDER);
        Cure first = cures.get(0);
        assertThat(Math.abs(first.offMm())).isLessThanOrEqualTo(3);
        Cure extender = cures.stream()
                .filter(cure -> cure.change() == Cure.Change.EXTENDER)
                .findFirst()
                .orElseThrow();
        PieceWork longer = solve(extender.line());
        assertThat(longer.canBeMade()).isTrue();
        // the hook goes into any link of it
        assertThat(longer.parts().get(longer.parts().size() - 1).last().insideMm())
                .isGreaterThan(longer.hung().get(0).in().wireMm());
        String beads = "hook-curled wire=1.2 - 8 * (bead-link bead=8 - ring 0.8/3)";
        assertThat(Cures.of(PieceLine.read(beads), solve(beads), new BodyFit(215, 12), parts(), List.of()))
                .extracting(Cure::change)
                .contains(Cure.Change.OTHER_SIZE, Cure.Change.EXTENDER, Cure.Change.REPEATS);
        String cord = "finding clasp - ring 0.8/3.5 - cord 2 length=300 - ring 0.8/3.5";
        Cure cut = Cures.of(PieceLine.read(cord), solve(cord), neck, parts(), List.of())
                .get(0);
        assertThat(cut.change()).isEqualTo(Cure.Change.LENGTH);
        assertThat(cut.offMm()).isCloseTo(0, within(0.5));
        // nothing that closes it is given away for a length
        String toggle = "toggle:ring - 40 * ring 1/5 - toggle:bar";
        assertThat(Cures.of(PieceLine.read(toggle), solve(toggle), new BodyFit(165, 12), parts(), List.of(4.5)))
                .isNotEmpty()
                .allMatch(cure -> cure.line().endsWith("toggle:bar"));
        String clasp = beads.replace("hook-curled wire=1.2", "finding clasp");
        assertThat(Cures.of(PieceLine.read(clasp), solve(clasp), new BodyFit(215, 12), parts(), List.of()))
                .extracting(Cure::what)
                .contains("hook, curled tip");
    }
}
