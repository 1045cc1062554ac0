package toroid.core.piece;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import toroid.core.piece.part.PartSpec;
import toroid.core.piece.part.Sizes;

/**
 * A piece in another size, its wires and rings the nearest there are: so nothing of it is of a wire nobody has or on a rod nobody has.
 *
 * @param changes what became of its parts, each kind once, in the order they are written
 */
public record Rescaled(Piece piece, List<Change> changes) {
    /** @param count how many of them the piece has */
    public record Change(String from, String to, int count) {}

    public Rescaled {
        changes = List.copyOf(changes);
    }

    /** @param factor every wire and length times that, before the nearest are taken; 0.1 to 10 */
    public static Rescaled of(Piece piece, double factor, Sizes sizes) {
        Piece scaled = piece.scaled(factor);
        Piece snapped = scaled.rewritten(
                (one, written) -> List.of(new Piece.One(one.part().snapped(sizes), one.hanging())));
        Map<Map.Entry<PartSpec, PartSpec>, Integer> changes = new LinkedHashMap<>();
        List<Piece.Placed> before = piece.parts();
        List<Piece.Placed> after = snapped.parts();
        for (int i = 0; i < before.size(); i++) {
            PartSpec one = before.get(i).part();
            PartSpec other = after.get(i).part();
            if (!one.equals(other)) {
                changes.merge(Map.entry(one, other), 1, Integer::sum);
            }
        }
        var told = new ArrayList<Change>();
        changes.forEach((both, count) ->
                told.add(new Change(both.getKey().written(), both.getValue().written(), count)));
        return new Rescaled(snapped, told);
    }
}
