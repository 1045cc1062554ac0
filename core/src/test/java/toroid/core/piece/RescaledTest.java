package toroid.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import toroid.core.piece.part.RingPart;
import toroid.core.piece.part.Sizes;

class RescaledTest {
    private static final Sizes SHELF = new Sizes(List.of(0.6, 0.8, 1.0, 1.2, 1.6), List.of(3.0, 4.0, 5.0, 6.0, 8.0));

    /** Times 1.25: 1.0 becomes 1.25, the nearest wire 1.2; 4 becomes 5; a bead of 6 becomes 7.5; 1.37 has none within a fifth of 2.2. */
    @Test
    void takesTheNearestThereAre() {
        Piece piece = PieceLine.read("ring 1/4 - 3 * (bead-link wire=0.8 bead=6 - ring 1/4) - ring 1.76/9.9");
        Rescaled larger = Rescaled.of(piece, 1.25, SHELF);
        assertThat(PieceLine.write(larger.piece()))
                .isEqualTo("ring 1.2/5 - 3 * (bead-link wire=1 bead=7.5 - ring 1.2/5) - ring 2.2/12.38");
        assertThat(larger.changes())
                .containsExactly(
                        new Rescaled.Change("ring 1/4", "ring 1.2/5", 4),
                        new Rescaled.Change("bead-link wire=0.8 bead=6", "bead-link wire=1 bead=7.5", 3),
                        new Rescaled.Change("ring 1.76/9.9", "ring 2.2/12.38", 1));
    }

    static List<Starters.Starter> starters() {
        return Starters.all();
    }

    /** Of every starter, at any size: nothing but wires and rods there are, where one is near; the same number of parts; once more by 1 the same. */
    @ParameterizedTest
    @MethodSource("starters")
    void isMadeOfWhatThereIs(Starters.Starter starter) {
        var chance = new Random(starter.id().hashCode());
        Piece piece = PieceLine.read(starter.line());
        for (int i = 0; i < 4; i++) {
            double factor = 0.7 + 0.7 * chance.nextDouble();
            Rescaled scaled = Rescaled.of(piece, factor, SHELF);
            assertThat(scaled.piece().parts()).hasSameSizeAs(piece.parts());
            assertThat(Rescaled.of(scaled.piece(), 1, SHELF).changes()).isEmpty();
            for (int part = 0; part < piece.parts().size(); part++) {
                if (scaled.piece().parts().get(part).part() instanceof RingPart ring
                        && piece.parts().get(part).part() instanceof RingPart was) {
                    double d = ring.ring().wireDiameterMm();
                    double wanted = factor * was.ring().wireDiameterMm();
                    assertThat(d).isCloseTo(wanted, within(0.2 * wanted + 0.005));
                    if (d < 1.75) {
                        assertThat(SHELF.wiresMm())
                                .as("%s times %s", was.written(), factor)
                                .contains(d);
                    }
                }
            }
        }
    }

    @Test
    void withNothingOnTheShelfItIsAnySize() {
        Rescaled any = Rescaled.of(PieceLine.read("4 * ring 1/4"), 1.1, new Sizes(List.of(), List.of()));
        assertThat(PieceLine.write(any.piece())).isEqualTo("4 * ring 1.1/4.4");
    }
}
