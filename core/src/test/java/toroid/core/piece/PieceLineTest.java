package toroid.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import toroid.core.form.Form;
import toroid.core.form.Forms;
import toroid.core.form.OutlineRow;
import toroid.core.form.Parameter;
import toroid.core.numeric.Refusal;
import toroid.core.piece.part.FormPart;
import toroid.core.piece.part.PartSpec;
import toroid.core.piece.part.RingPart;
import toroid.core.ring.Ring;

class PieceLineTest {
    @Test
    void whatIsWrittenIsReadBackTheSame() {
        var chance = new Random(12);
        for (int i = 0; i < 2000; i++) {
            Piece.Shape shape = Piece.Shape.values()[chance.nextInt(3)];
            List<Piece.Element> row = row(chance, 0);
            if (parts(row) > Piece.MOST_PARTS / 2) {
                continue; // more than a piece has
            }
            var piece = new Piece(row, shape, chance.nextBoolean());
            String line = PieceLine.write(piece);
            assertThat(PieceLine.read(line)).as(line).isEqualTo(piece);
            assertThat(PieceLine.write(PieceLine.read(line))).isEqualTo(line);
        }
    }

    private static int parts(List<Piece.Element> row) {
        return row.stream()
                .mapToInt(element -> element instanceof Piece.Repeat repeat
                        ? repeat.count() * parts(repeat.elements())
                        : 1
                                + ((Piece.One) element)
                                        .hanging().stream()
                                                .mapToInt(PieceLineTest::parts)
                                                .sum())
                .sum();
    }

    static List<Piece.Element> row(Random chance, int depth) {
        var row = new ArrayList<Piece.Element>();
        int n = 1 + chance.nextInt(4);
        for (int i = 0; i < n; i++) {
            row.add(
                    chance.nextInt(3) == 0 && depth < 3
                            ? new Piece.Repeat(1 + chance.nextInt(5), row(chance, depth + 1))
                            : new Piece.One(part(chance), hanging(chance, depth)));
        }
        return row;
    }

    private static List<List<Piece.Element>> hanging(Random chance, int depth) {
        return depth < 2 && chance.nextInt(6) == 0
                ? List.of(row(chance, depth + 2), row(chance, depth + 2))
                : List.of();
    }

    /** One of each other kind, and what they are read back from. */
    private static final List<String> OTHERS = List.of(
            "ring 0.8..1.2/3..5",
            "ring 1/6 turns=3",
            "chain 3/0.6 links=40 soldered",
            "chain 4/0.8 inside=2.5",
            "weave byzantine 0.9/3.4 units=12",
            "weave captive 0.9/3.4,2.5",
            "ring 1.6/9 bead=6",
            "sheet european-4-in-1 1.2/6 rows=5 columns=40 grow=-2",
            "medallion byzantine 0.9/3.75 arms=4 rows=3 longer=2 hubs=2 larger=1.2 tie=1 bail",
            "medallion european-4-in-1 1/5 arms=6 rows='2 3 2' longer='3 2' held=2 larger=1.2 about=7 tie=2 tied=all",
            "ring 1/6 hammered=0.7 soldered",
            "strand 0.48 (12 * bead 6/1 - bead 10/1.4 width=8 - 12 * bead 6/1)",
            "strand 0.25 loop=2 strands=3 (bead 4/1)",
            "strand 0.25 strands=2 (bead 8/1.2 - each 3 * bead 4/1 - bead 8/1.2)",
            "cord 2 length=380",
            "stone 14/1.2",
            "stone 20/1 width=12 thick=5 edge=2 density=2.7",
            "finding clasp",
            "finding toggle-bar length=6 mass=1.5",
            "toggle:bar wire=1.2 ring=12",
            "curved-bar carries='a row' row='2 bead 6/6/1, spacer 4/1/0.8, coil 0.3/4'",
            "outline bends='12/0/90/3, 8.5/-90/-45/2, 10/0/0/0'",
            "bead-link also='anneal, solder' metals='wraps=fine-silver'");

    static PartSpec part(Random chance) {
        if (chance.nextInt(4) == 0) {
            String line = OTHERS.get(chance.nextInt(OTHERS.size()));
            PartSpec part = ((Piece.One) PieceLine.read(line).elements().get(0)).part();
            assertThat(part.written()).isEqualTo(line);
            return part;
        }
        if (chance.nextBoolean()) {
            var ring = new Ring(hundredths(0.3 + chance.nextDouble()), hundredths(2 + 8 * chance.nextDouble()));
            return RingPart.of(ring, chance.nextBoolean());
        }
        List<Form> all = Forms.all();
        Form form = all.get(chance.nextInt(all.size()));
        Map<String, Object> values = new TreeMap<>();
        for (Parameter parameter : form.parameters()) {
            if (chance.nextInt(3) == 0) {
                if (parameter.kind() == Parameter.Kind.CHOICE) {
                    values.put(
                            parameter.id(),
                            parameter
                                    .choices()
                                    .get(chance.nextInt(parameter.choices().size())));
                } else if (parameter.kind() == Parameter.Kind.LENGTH) {
                    values.put(parameter.id(), hundredths(10 * chance.nextDouble()));
                }
            }
        }
        Double wire = chance.nextBoolean() ? null : hundredths(0.4 + chance.nextDouble());
        return new FormPart(form.info().id(), null, wire, values);
    }

    private static double hundredths(double mm) {
        return Math.rint(100 * mm) / 100;
    }

    @Test
    void readsAHandsLine() {
        Piece piece = PieceLine.read(
                "s-hook - ring 1/4 - 3*(bead-link bead=6 second='plain' - ring 1/3.5) - 2 * ring 1.2/6 soldered");
        assertThat(piece.shape()).isEqualTo(Piece.Shape.ROW);
        assertThat(piece.parts()).hasSize(10);
        assertThat(piece.parts().get(2).part())
                .isEqualTo(new FormPart("bead-link", null, null, Map.of("bead", 6.0, "second", "plain")));
        assertThat(piece.parts().get(9).part()).isEqualTo(RingPart.of(new Ring(1.2, 6), true));
        assertThat(PieceLine.read("mirror ring 1/4 - ring 1/6").parts()).hasSize(3);
    }

    @ParameterizedTest
    @CsvSource({"ring, ", "ring 1, 1", "ring 1/4 ring 1/4, ring", "3 ring 1/4, ring", "(ring 1/4, ", "ring 1/4 - , "})
    void stopsAtTheWordItCannotRead(String line, String word) {
        assertThatThrownBy(() -> PieceLine.read(line)).isInstanceOfSatisfying(Refusal.class, refusal -> {
            assertThat(refusal.code()).isEqualTo("unreadable-piece");
            assertThat(refusal.value()).isEqualTo(word);
        });
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "mirror",
                "9999 * (9999 * ring 1/4)",
                "((((((((((ring 1/4))))))))))",
                "bead-link bead='6",
                "ring 1/4 [",
                "ring 1/4 [ring 1/4",
                "chain 3/0.6 colour=2",
                "strand 0.5 (ring 1/4)",
                "weave byzantine 0.9",
                "medallion byzantine 0.9/3.4 arms=2",
                "medallion byzantine 0.9/3.4 rows='2-3'",
                "medallion byzantine 0.9/3.4 tied=all",
                "finding anchor",
                "X - Y"
            })
    void refusesWhatIsNoPiece(String line) {
        assertThatThrownBy(() -> PieceLine.read(line)).isInstanceOf(Refusal.class);
    }

    @Test
    void aLineOfNothingButQuotesIsRefusedAsAnyOther() {
        for (String line : List.of("'".repeat(3999), "''".repeat(1999), "a".repeat(3999), "(".repeat(3999))) {
            assertThatThrownBy(() -> PieceLine.read(line)).isInstanceOf(Refusal.class);
        }
    }

    @Test
    void anOutlineOfHundredsOfRowsIsNotWrittenInALine() {
        List<OutlineRow> few = List.of(new OutlineRow(12, 0, 90, 3), new OutlineRow(8.5, 90, -45, 2));
        var row = new Piece(
                List.of(new Piece.One(new FormPart("outline", null, null, Map.of("bends", few)))), Piece.Shape.ROW);
        assertThat(PieceLine.write(row)).isEqualTo("outline bends='12/0/90/3, 8.5/90/-45/2'");
        List<OutlineRow> many = Collections.nCopies(300, new OutlineRow(12, 0, 90, 3));
        var outline = new Piece(
                List.of(new Piece.One(new FormPart("outline", null, null, Map.of("bends", many)))), Piece.Shape.ROW);
        assertThatThrownBy(() -> PieceLine.write(outline))
                .isInstanceOfSatisfying(
                        Refusal.class, refusal -> assertThat(refusal.code()).isEqualTo("not-in-a-line"));
    }
}
