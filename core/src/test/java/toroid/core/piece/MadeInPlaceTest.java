package toroid.core.piece;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import toroid.core.form.Forms;
import toroid.core.form.Opening;
import toroid.core.form.Port;
import toroid.core.form.WhileMade;
import toroid.core.numeric.Refusal;
import toroid.core.piece.AssemblyStep.Act;
import toroid.core.piece.part.Bent;
import toroid.core.piece.part.PartMaker;

/** Every step of every part of a piece played in the order hands come to it: once, in its turn, and no neighbour shut out. */
class MadeInPlaceTest {
    private static final int PIECES = 400;

    static List<String> starters() {
        return Starters.all().stream().map(Starters.Starter::line).toList();
    }

    @ParameterizedTest
    @MethodSource("starters")
    void everyStarterIsMadeToItsLastStep(String line) {
        play(line, PartsTest.parts());
    }

    /** Rows of any forms, rings between some of them. */
    @Test
    void anyRowIsMadeToItsLastStep() {
        var chance = new Random(5);
        PartMaker parts = PartsTest.parts();
        List<String> forms = Forms.all().stream()
                .map(form -> form.info().id())
                .filter(id -> solved("ring 1/6 - " + id + " - ring 1/6", parts) != null)
                .toList();
        assertThat(forms).hasSizeGreaterThan(20);
        int made = 0;
        int round = 0;
        for (int i = 0; i < PIECES; i++) {
            String line = IntStream.range(0, 2 + chance.nextInt(4))
                    .mapToObj(k -> switch (chance.nextInt(8)) {
                        case 0, 1 -> "ring 1/6";
                        case 2 -> "strand 0.38 (5 * bead 6/1)";
                        default -> forms.get(chance.nextInt(forms.size()));
                    })
                    .reduce((one, next) -> one + " - " + next)
                    .orElseThrow();
            PieceWork work = solved(line, parts);
            if (work != null && work.canBeMade()) {
                made++;
                play(work, parts, line);
                round += (int) work.steps().stream()
                        .filter(step -> step.act() == Act.FORM_ROUND)
                        .count();
            }
        }
        assertThat(made).isGreaterThan(40);
        assertThat(round).isGreaterThan(40);
    }

    /** Null for what is no piece. */
    private static PieceWork solved(String line, PartMaker parts) {
        try {
            return PieceSolver.solve(PieceLine.read(line), parts);
        } catch (Refusal noPiece) {
            return null;
        }
    }

    private static void play(String line, PartMaker parts) {
        play(PieceSolver.solve(PieceLine.read(line), parts), parts, line);
    }

    private static void play(PieceWork work, PartMaker parts, String line) {
        MadeInPlace made = MadeInPlace.of(work, parts);
        Map<Integer, List<Integer>> done = new HashMap<>();
        for (MadeInPlace.Same same : made.parts()) {
            for (int place : same.places()) {
                Bent bent = made.bent(place);
                assertThat(bent == null).isEqualTo(same.bent() == null);
                done.put(
                        place,
                        new ArrayList<>(
                                bent == null ? List.of() : bent.numbers().subList(0, same.alone())));
            }
        }
        for (AssemblyStep step : work.steps()) {
            if (step.act() == Act.FORM_ROUND && made.bent(step.part()) != null) {
                List<Integer> soFar = done.get(step.part());
                for (int at : step.joints()) {
                    Joint joint = work.joints().get(at);
                    assertThat(soFar.size())
                            .as(
                                    "%s: its neighbour gets into the %s",
                                    line, joint.makersPort().part())
                            .isEqualTo(WhileMade.before(made.bent(step.part()).steps(), joint.makersPort()));
                    isThere(work, made, done, joint, line);
                }
                soFar.addAll(made.round(step));
            } else {
                assertThat(made.round(step)).isEmpty();
            }
        }
        done.forEach((place, steps) -> {
            Bent bent = made.bent(place);
            assertThat(steps).as(line).isEqualTo(bent == null ? List.of() : bent.numbers());
        });
    }

    /** What is led in holds: its own loop there is bent, and wrapped where it is one that is wrapped round nothing else. */
    private static void isThere(
            PieceWork work, MadeInPlace made, Map<Integer, List<Integer>> done, Joint joint, String line) {
        int other = joint.byB() ? joint.a() : joint.b();
        Port port = joint.byB() ? joint.portA() : joint.portB();
        Bent bent = made.bent(other);
        if (bent != null && port.opens() == Opening.WHILE_MADE) {
            assertThat(done.get(other).size())
                    .as("%s: the %s it is hung in is closed", line, port.part())
                    .isGreaterThan(WhileMade.before(bent.steps(), port));
        }
    }
}
