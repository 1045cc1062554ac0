package toroid.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import toroid.core.form.Opening;
import toroid.core.form.Port;
import toroid.core.numeric.Refusal;
import toroid.core.piece.part.Body;
import toroid.core.piece.part.PartWork;
import toroid.core.ring.Ring;

/** A solved cross as one part of a piece. */
class MedallionPartTest {
    private static final String CROSS =
            "medallion byzantine 0.9/3.75 arms=4 rows=3 longer=2 hubs=2 larger=1.2 tie=1 bail";

    private static PartWork part(String line) {
        return PartsTest.solve(line).parts().get(0);
    }

    /** Four arms of three pairs, two pairs more on one, four ties, a bail; two larger rings: counted by hand. */
    @Test
    void itTakesItsRings() {
        List<PartWork.Rings> rings = part(CROSS).takes().rings();
        assertThat(rings.get(0).ring()).isEqualTo(new Ring(0.9, 3.75));
        assertThat(rings.get(0).count()).isEqualTo(4 * 6 + 4 + 4 + 1);
        assertThat(rings.get(1).count()).isEqualTo(2);
        assertThat(rings.get(1).ring().wireDiameterMm()).isEqualTo(1.2);
        assertThat(rings).allMatch(size -> size.preClosed() <= size.count());
        double grams = rings.stream()
                .mapToDouble(size -> size.count() * size.ring().massGrams(8.96))
                .sum();
        assertThat(part(CROSS).massG()).isCloseTo(grams, within(0.01 * grams));
    }

    /** It hangs by its bail with the longer arm below, and either side carries as much. */
    @Test
    void itHangsByItsBailLongerArmDown() {
        PartWork cross = part(CROSS);
        assertThat(cross.pull().dotProduct(Vector3D.MINUS_J)).isGreaterThan(0.98);
        assertThat(cross.first().opens()).isEqualTo(Opening.SIDEWAYS);
        assertThat(cross.last().centre().getY())
                .isEqualTo(cross.middles().stream()
                        .map(Port::centre)
                        .mapToDouble(Vector3D::getY)
                        .reduce(cross.last().centre().getY(), Math::min));
        assertThat(cross.middles()).hasSize(2);
        double left = cross.middles().get(0).centre().getX();
        assertThat(cross.middles().get(1).centre().getX()).isCloseTo(-left, within(0.6));
        assertThat(cross.spanMm()).isBetween(10.0, 40.0);
    }

    /** Where its ports are told, there its rings are drawn: no wire passes through another, all hang together. */
    @Test
    void itsRingsAreDrawnWhereTheyAre() {
        Body body = PartsTest.solve(CROSS).parts().get(0).spec().body(PartsTest.parts());
        assertThat(body.tubes()).hasSize(35);
        for (int i = 0; i < body.tubes().size(); i++) {
            for (int j = 0; j < i; j++) {
                Body.Tube one = body.tubes().get(i);
                Body.Tube other = body.tubes().get(j);
                double apart = one.points().stream()
                        .flatMapToDouble(p -> other.points().stream().mapToDouble(p::distance))
                        .min()
                        .orElseThrow();
                // points stand up to half a millimetre apart along a wire
                assertThat(Math.hypot(apart, 0.001))
                        .as("rings %d and %d", i, j)
                        .isGreaterThan((one.diameterMm() + other.diameterMm()) / 2 - 0.02);
            }
        }
    }

    @ParameterizedTest
    @CsvSource({
        "about, 3", // smaller than its wire lets in
        "inside, 2.4", // small rings too tight for the ties
        "arms, 2",
        "tied, some",
        "rows, 2-3-2"
    })
    void whatDoesNotGoTogetherIsRefused(String field, String value) {
        assertThatThrownBy(() -> PartsTest.solve(
                        CROSS.contains(field + "=")
                                ? CROSS.replaceAll(field + "=\\S+", field + "=" + value)
                                : field.equals("inside")
                                        ? CROSS.replace("/3.75", "/" + value)
                                        : CROSS.replace(" bail", " " + field + "=" + value + " bail")))
                .isInstanceOf(Refusal.class);
    }

    /** Twice the size is twice as long and eight times as heavy; it is the same solution. */
    @Test
    void itScales() {
        PartWork once = part(CROSS);
        PartWork twice = part(PieceLine.write(PieceLine.read(CROSS).scaled(2)));
        assertThat(twice.spanMm()).isCloseTo(2 * once.spanMm(), within(1e-3));
        assertThat(twice.massG()).isCloseTo(8 * once.massG(), within(1e-3));
    }

    @Test
    void eachFieldOfItCanBeSet() {
        var spec = ((Piece.One) PieceLine.read(CROSS).elements().get(0)).part();
        assertThat(spec.with("rows", 4.0).written()).contains("rows=4 longer=2");
        assertThat(spec.with("rows", "2 3 2").written())
                .contains("rows='2 3 2'")
                .doesNotContain("longer");
        assertThat(spec.with("rows", "2 3 2").with("longer", "3 2").written()).contains("longer='3 2'");
        assertThat(spec.with("tie", 0.0).written()).doesNotContain("tie=");
        assertThat(spec.with("tied", true).written()).contains("tie=1 tied=all");
        assertThat(spec.with("bail", false).written()).doesNotContain("bail");
        assertThat(spec.with("about", 7.0).with("about", 0.0).written()).isEqualTo(spec.written());
        assertThatThrownBy(() -> spec.with("size", 3.0)).isInstanceOf(Refusal.class);
    }
}
