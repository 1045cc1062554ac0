package toroid.core.piece;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import toroid.core.form.FormStep;
import toroid.core.form.HandTime;
import toroid.core.form.HandWork;
import toroid.core.form.Port;
import toroid.core.form.WhileMade;
import toroid.core.piece.part.Bent;
import toroid.core.piece.part.PartMaker;
import toroid.core.piece.part.PartSpec;
import toroid.core.piece.part.PartWork;

/**
 * How far the parts of a piece are made by themselves, and which of their steps are done where the piece is put together: an end that is
 * closed round its neighbour is left as it is before the step that would shut it out ({@link WhileMade}), and so is all that comes after.
 */
public final class MadeInPlace {
    private final PieceWork work;
    private final PartMaker maker;
    private final Map<Integer, Bent> bent = new HashMap<>();
    private final Map<Integer, Set<Port>> closings = new HashMap<>();
    private List<Same> parts = List.of();
    private final Map<Integer, Same> alike = new HashMap<>();

    private MadeInPlace(PieceWork work, PartMaker maker) {
        this.work = work;
        this.maker = maker;
    }

    /** @param maker that the piece was solved with */
    public static MadeInPlace of(PieceWork work, PartMaker maker) {
        var made = new MadeInPlace(work, maker);
        for (int i = 0; i < work.parts().size(); i++) {
            Bent one = work.parts().get(i).spec().bent(maker);
            if (one != null) {
                made.bent.put(i, one);
            }
        }
        for (Joint joint : work.joints()) {
            if (joint.way() == Joint.Way.CLOSED_ROUND) {
                made.closings
                        .computeIfAbsent(joint.maker(), any -> new HashSet<>())
                        .add(joint.makersPort());
            }
        }
        made.parts = made.gathered();
        made.parts.forEach(same -> same.places().forEach(place -> made.alike.put(place, same)));
        return made;
    }

    /** How many of its own steps a part goes through before what hangs at that port has to be in it. */
    static int before(PartWork part, Port port, PartMaker maker) {
        Bent bent = part.spec().bent(maker);
        return bent == null ? 0 : WhileMade.before(bent.steps(), port);
    }

    /**
     * Parts that are the same and made equally far by themselves.
     *
     * @param places in the piece
     * @param bent the form they are bent as; null for what is strung or woven
     * @param alone how many of its steps are done before the piece is put together
     */
    public record Same(List<Integer> places, Bent bent, int alone) {
        public Same {
            places = List.copyOf(places);
        }

        /** Of them one. */
        public int first() {
            return places.get(0);
        }
    }

    /** What hands make for the piece, in the order of the first of each. */
    public List<Same> parts() {
        return parts;
    }

    /** Those that are made together with the part of that place; null for what hands do not make. */
    public Same alike(int part) {
        return alike.get(part);
    }

    private List<Same> gathered() {
        record Key(PartSpec spec, int alone) {}
        Map<Key, List<Integer>> same = new LinkedHashMap<>();
        for (int i = 0; i < work.parts().size(); i++) {
            PartSpec spec = work.parts().get(i).spec();
            if (spec.isMade()) {
                same.computeIfAbsent(new Key(spec, alone(i)), any -> new ArrayList<>())
                        .add(i);
            }
        }
        return same.entrySet().stream()
                .map(one -> new Same(
                        one.getValue(),
                        bent.get(one.getValue().get(0)),
                        one.getKey().alone()))
                .toList();
    }

    /** How many of a part's steps are done before the piece is put together; 0 for what has none. */
    private int alone(int part) {
        Bent of = bent.get(part);
        if (of == null) {
            return 0;
        }
        int all = of.numbers().size();
        return closings(part).mapToInt(port -> befores(part, port)).min().orElse(all);
    }

    private Stream<Port> closings(int part) {
        return closings.getOrDefault(part, Set.of()).stream();
    }

    private int befores(int part, Port port) {
        return WhileMade.before(bent.get(part).steps(), port);
    }

    /**
     * What of a part is done as a joint of it is made: from where it would shut its neighbour out to where it would the next.
     *
     * @return which of the form's steps, from 0, in order; none where nothing is bent: a strand is crimped, a cord wound as it is joined
     */
    public List<Integer> round(AssemblyStep step) {
        if (step.act() != AssemblyStep.Act.FORM_ROUND || !bent.containsKey(step.part())) {
            return List.of();
        }
        int part = step.part();
        List<Integer> numbers = bent.get(part).numbers();
        int from = befores(part, work.joints().get(step.joints().get(0)).makersPort());
        int to = closings(part)
                .mapToInt(port -> befores(part, port))
                .filter(before -> before > from)
                .min()
                .orElse(numbers.size());
        return numbers.subList(from, to);
    }

    /** The form the part of that place is bent as; null for what is strung, woven or bought. */
    public Bent bent(int part) {
        return bent.get(part);
    }

    /** Of what is strung, how many loops at the ends of all of these are crimped before the piece is put together; the others are so round a neighbour. */
    public int endsAlone(Same same) {
        return same.places().stream()
                .mapToInt(place -> 2 - closings.getOrDefault(place, Set.of()).size())
                .sum();
    }

    /** Of what is woven, rings laid down or put in for one of these; 0 for what is not. */
    public int ringByRing(Same same) {
        return work.parts().get(same.first()).spec().ringByRing(maker);
    }

    /** The work of making one of these by itself. */
    public HandWork alone(Same same) {
        return same.bent() == null
                ? work.parts().get(same.first()).spec().handWork(maker)
                : HandWork.seconds(
                        HandWork.form(same.bent().formId()),
                        HandTime.seconds(same.bent().steps().subList(0, same.alone())));
    }

    /** Forming that is done as that join is made, s. */
    double roundSeconds(AssemblyStep step) {
        return HandTime.seconds(steps(step.part(), round(step)));
    }

    private List<FormStep> steps(int part, List<Integer> numbers) {
        return numbers.stream().map(i -> bent.get(part).work().steps().get(i)).toList();
    }
}
