package toroid.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayDeque;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/** Held to the body while it can still be changed. */
class TriedOnTest {
    /** The clasp's ring takes both at the last join: two rings of the chain and the hook are still apart. */
    @Test
    void isHeldBeforeTheLastJoin() {
        PieceWork work = PartsTest.solve("s-hook wire=1.2 - 9 * ring 1.2/5.5");
        TriedOn tried = TriedOn.of(work);
        assertThat(tried.before()).isEqualTo(work.joining().size() - 1);
        assertThat(tried.lengthMm() + tried.restMm()).isCloseTo(work.lengthMm(), within(1e-9));
        assertThat(tried.lengthMm()).isLessThan(work.lengthMm());
    }

    /** Whichever end it is at: what hangs together by then is without it. */
    @Test
    void theClaspComesOnAfterIt() {
        for (String line : List.of(
                "s-hook wire=1.2 - 9 * ring 1.2/5.5",
                "9 * ring 1.2/5.5 - s-hook wire=1.2",
                "finding clasp - ring 0.8/3 - chain 3/0.6 links=57 - ring 0.8/3")) {
            PieceWork work = PartsTest.solve(line);
            TriedOn tried = TriedOn.of(work);
            int clasp = ClaspEnd.of(work.placed(), work.parts(), work.hung(), false);
            assertThat(clasp).as(line).isIn(0, work.parts().size() - 1);
            assertThat(tried.canWait(work, List.of(clasp))).as(line).isTrue();
            assertThat(tried.restMm())
                    .as(line)
                    .isGreaterThanOrEqualTo(work.parts().get(clasp).spanMm() - 1e-9);
        }
    }

    /** A chain closed by its last ring hangs together whole. */
    @Test
    void aRoundOneIsWholeBeforeItIsClosed() {
        PieceWork work = PartsTest.solve("round 20 * ring 1/5");
        TriedOn tried = TriedOn.of(work);
        assertThat(tried).isNotNull();
        assertThat(tried.lengthMm() + tried.restMm()).isCloseTo(work.lengthMm(), within(1e-9));
    }

    @Test
    void oneJoinIsNoTime() {
        assertThat(TriedOn.of(PartsTest.solve("ring 1/5 - s-hook"))).isNull();
        assertThat(TriedOn.of(PartsTest.solve("ring 1/5"))).isNull();
    }

    private static final List<String> PARTS =
            List.of("ring 1/4", "ring 1/4", "ring 1/5 [ring 1/3]", "figure-eight", "bead-link", "chain 3/0.6 links=9");

    /** Walked along joint by joint: what is said to hang together does, and nothing longer would. */
    @Test
    void whatHangsTogetherIsAsLongAsIsSaid() {
        var chance = new Random(4);
        int told = 0;
        for (int piece = 0; piece < 300; piece++) {
            var line = new StringBuilder("s-hook");
            for (int i = 0; i < 6; i++) {
                line.append(" - ").append(PARTS.get(chance.nextInt(PARTS.size())));
            }
            PieceWork work = PartsTest.solve(line.append(" - ring 1/5").toString());
            TriedOn tried = work.canBeMade() ? TriedOn.of(work) : null;
            if (tried == null) {
                continue;
            }
            told++;
            double longest = 0;
            for (int from : work.row()) {
                double length = reached(work, tried.before(), from).stream()
                        .filter(work.row()::contains)
                        .mapToDouble(i -> work.parts().get(i).spanMm())
                        .sum();
                longest = Math.max(longest, length);
            }
            assertThat(tried.lengthMm()).as(line.toString()).isLessThanOrEqualTo(longest + 1e-9);
            assertThat(tried.restMm()).as(line.toString()).isGreaterThanOrEqualTo(-1e-9);
            assertThat(tried.lengthMm()).as(line.toString()).isGreaterThan(work.lengthMm() / 3);
        }
        assertThat(told).isGreaterThan(100);
    }

    private static Set<Integer> reached(PieceWork work, int joins, int from) {
        Set<Integer> reached = new TreeSet<>(Set.of(from));
        var open = new ArrayDeque<>(reached);
        while (!open.isEmpty()) {
            int part = open.pop();
            for (AssemblyStep step : work.joining().subList(0, joins)) {
                for (int at : step.joints()) {
                    Joint joint = work.joints().get(at);
                    int other = joint.a() == part ? joint.b() : joint.b() == part ? joint.a() : part;
                    if (reached.add(other)) {
                        open.push(other);
                    }
                }
            }
        }
        return reached;
    }
}
