package toroid.server.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import toroid.core.piece.Piece;
import toroid.core.piece.PieceLists;
import toroid.core.piece.PieceWork;
import toroid.core.piece.part.FormPart;
import toroid.core.piece.part.PartMaker;
import toroid.core.piece.part.PartSpec;
import toroid.core.piece.part.Value;

/** The core's answer about a piece laid out for whoever asked. */
final class PieceViews {
    private PieceViews() {}

    static List<PieceAnswer.WrittenView> written(Piece piece, PieceWork work) {
        var written = new ArrayList<PieceAnswer.WrittenView>();
        walk(piece.elements(), new Within(1, -1, -1, 0), work, written);
        return written;
    }

    /** Where a row is written. */
    private record Within(int repeat, int group, int hangsFrom, int depth) {}

    private static void walk(
            List<Piece.Element> row, Within within, PieceWork work, List<PieceAnswer.WrittenView> written) {
        for (Piece.Element element : row) {
            if (element instanceof Piece.Repeat inner) {
                var again = new Within(inner.count(), written.size(), within.hangsFrom(), within.depth());
                walk(inner.elements(), again, work, written);
            } else if (element instanceof Piece.One one) {
                int number = written.size();
                written.add(view(one.part(), number, within, work));
                var below = new Within(1, -1, number, within.depth() + 1);
                one.hanging().forEach(hung -> walk(hung, below, work, written));
            }
        }
    }

    private static PieceAnswer.WrittenView view(PartSpec part, int number, Within within, PieceWork work) {
        List<Integer> places = IntStream.range(0, work.parts().size())
                .filter(i -> work.placed().get(i).written() == number)
                .boxed()
                .toList();
        return new PieceAnswer.WrittenView(
                work.parts().get(places.get(0)).name(),
                part.written(),
                formOf(part),
                part.fields().stream()
                        .map(field -> new PieceAnswer.FieldView(field.id(), told(field.value())))
                        .toList(),
                places.size(),
                within.repeat(),
                within.group(),
                within.hangsFrom(),
                within.depth());
    }

    private static Object told(Object value) {
        return value instanceof Value range ? range.written() : value;
    }

    private static String formOf(PartSpec part) {
        return part instanceof FormPart form ? form.formId() : null;
    }

    static List<PieceAnswer.PartView> parts(PieceWork work, PartMaker maker) {
        return IntStream.range(0, work.parts().size())
                .mapToObj(i -> {
                    var part = work.parts().get(i);
                    Piece.Placed placed = work.placed().get(i);
                    return new PieceAnswer.PartView(
                            part.name(),
                            placed.written(),
                            formOf(part.spec()),
                            work.isTurned(i),
                            placed.parent(),
                            placed.depth(),
                            part.spanMm(),
                            part.massG(),
                            part.spec().isHanded(maker));
                })
                .toList();
    }

    /** @param ready whether they lie on the shelf */
    static List<PieceAnswer.RingsView> rings(PieceLists lists, Predicate<PieceLists.Rings> ready) {
        return lists.rings().stream()
                .map(one -> new PieceAnswer.RingsView(
                        one.ring().wireDiameterMm(),
                        one.ring().innerDiameterMm(),
                        one.turns(),
                        one.soldered(),
                        one.hammeredMm(),
                        one.beadMm(),
                        one.count(),
                        one.preClosed(),
                        ready.test(one) ? 0 : one.spare(),
                        ready.test(one)))
                .toList();
    }

    static List<PieceAnswer.CutView> cuts(PieceLists lists) {
        return lists.cuts().stream()
                .map(one -> new PieceAnswer.CutView(
                        one.form(),
                        one.cut().wire(),
                        one.cut().diameterMm(),
                        one.cut().metal(),
                        one.cut().lengthMm(),
                        one.count()))
                .toList();
    }
}
