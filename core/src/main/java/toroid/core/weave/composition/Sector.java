package toroid.core.weave.composition;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.weave.circle.Circle;
import toroid.core.weave.circle.Linking;

/**
 * Which rings of a star link: an arm, the ring that ties it to the next, the larger rings through its held row. Every sector alike.
 *
 * @param arms how many sectors
 * @param arm the longest
 * @param held places in the arm of the rings on the larger rings
 * @param towards places of those that the tie to the next arm goes through; empty without ties
 * @param back places of those that the tie from the arm before goes through
 */
record Sector(int arms, Arm arm, List<Integer> held, List<Integer> towards, List<Integer> back) {
    static Sector of(int arms, Arm arm, int held, Ties ties) {
        List<Integer> row = List.of();
        if (ties != null) {
            Checks.within("tieRow", ties.row(), 0, arm.shortRows() - 1.0, Unit.ROWS, Remedy.TIE_AT_A_ROW_EVERY_ARM_HAS);
            row = arm.rows().get(ties.row());
        }
        boolean all = ties == null || ties.all();
        return new Sector(
                arms,
                arm,
                arm.rows().get(held),
                all ? row : row.subList(row.size() - 1, row.size()),
                all ? row : row.subList(0, 1));
    }

    boolean isTied() {
        return !towards.isEmpty();
    }

    /** The tie's place in a sector. */
    int tie() {
        return arm.rings().size();
    }

    /** Every two rings that shall link, once: a, b, sectors from one to the other. */
    Set<String> told() {
        var told = new TreeSet<String>();
        arm.links().forEach(link -> told.add(name(link[0], link[1], 0)));
        towards.forEach(ring -> told.add(name(ring, tie(), 0)));
        back.forEach(ring -> told.add(name(ring, tie(), -1)));
        return told;
    }

    /** Whether the rings lie linked as told, and the larger rings run through the held ones and no others. */
    boolean holds(Star star) {
        Set<String> told = told();
        if (star.rings().size() == tie()) {
            told.removeIf(link -> link.contains("-" + tie() + " ")); // laid without its tie so far
        }
        return isThrough(star) && told.equals(found(star));
    }

    /** Whether the larger rings run through the held rings and no others. */
    boolean isThrough(Star star) {
        for (int hub = 0; hub < star.hubs().count(); hub++) {
            for (int n = 0; n < star.rings().size(); n++) {
                boolean through =
                        Linking.number(star.rings().get(n), star.hubs().circle(hub)) != 0;
                if (through != held.contains(n)) {
                    return false;
                }
            }
        }
        return true;
    }

    private static Set<String> found(Star star) {
        var found = new TreeSet<String>();
        for (int[] pair : star.pairs()) {
            Circle a = star.rings().get(pair[0]);
            if (Linking.number(a, star.image(pair[1], pair[2])) != 0) {
                found.add(name(pair[0], pair[1], pair[2]));
            }
        }
        return found;
    }

    private static String name(int a, int b, int sector) {
        return a + "-" + b + " " + sector;
    }

    /** Rings of a sector with the tie in it. */
    static List<Circle> with(List<Circle> arm, Circle tie) {
        var all = new ArrayList<>(arm);
        all.add(tie);
        return all;
    }
}
