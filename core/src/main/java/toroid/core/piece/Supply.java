package toroid.core.piece;

import java.util.List;
import java.util.stream.IntStream;
import toroid.core.form.FormStep;
import toroid.core.piece.part.PartWork;
import toroid.core.stock.Draw;

/** The shelf a plan takes from: which lots give what an operation needs. */
public interface Supply {
    /** For what is not in stock. */
    Supply NONE = new Supply() {
        @Override
        public List<Draw> wire(PartWork.Cut cut, int count) {
            return List.of();
        }

        @Override
        public List<Draw> bought(PartWork.Bought ware, int count) {
            return List.of();
        }

        @Override
        public List<Draw> rings(String metal, PieceLists.Rings size, int count) {
            return List.of();
        }

        @Override
        public List<Draw> solder(Grade grade, int joints) {
            return List.of();
        }
    };

    /** Solder in falling order: what is soldered first does not flow when the next joint is. */
    enum Grade {
        HARD,
        /** Medium, or easy where there is none. */
        EASIER;

        /** Of the first heat, or a later one. */
        static Grade inHeat(int heat) {
            return heat == 0 ? HARD : EASIER;
        }
    }

    /**
     * What one joint of a ring takes of solder, g: a chip 2 mm long of strip 1.5 mm wide and 0.25 mm thick (common practice), at 9.5 g/cm³
     * (silver solder, from memory); half or twice that either way, by the maker's hand.
     */
    double CHIP_G = FormStep.CHIP_MM * 1.5 * 0.25 * 9.5 / 1000;

    /**
     * Solder for a form made so often, heat by heat in falling order.
     *
     * @param joints soldered in each heat
     * @return what each heat takes, for all of them
     */
    default List<List<Draw>> heats(List<Integer> joints, int count) {
        return IntStream.range(0, joints.size())
                .mapToObj(heat -> solder(Grade.inHeat(heat), joints.get(heat) * count))
                .toList();
    }

    /** So many of that length of wire, each in one piece; nothing where there is no such wire. */
    List<Draw> wire(PartWork.Cut cut, int count);

    /** That, so many times; what is sold by length is each time one piece. Nothing where there is none. */
    List<Draw> bought(PartWork.Bought ware, int count);

    /**
     * So many jump rings of a size, made before or bought. All of them or none: what the shelf has too few of is wound.
     *
     * @param metal id of it
     * @param size of which they are, whatever count it tells; hammered and soldered they are only in this piece
     */
    List<Draw> rings(String metal, PieceLists.Rings size, int count);

    /** Solder for so many joints, a chip each; nothing where there is none of that grade. */
    List<Draw> solder(Grade grade, int joints);
}
