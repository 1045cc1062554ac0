package toroid.core.form;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.Contact;
import toroid.core.bend.program.WireContact;
import toroid.core.bend.program.WireContact.Tube;
import toroid.core.bend.program.WirePoint;

/**
 * Where a form's wires and beads pass through themselves or one another: all of them. What a binding wire, laid by hand on what it binds,
 * lies in is told apart: there it is the drawing that is only near, by so much.
 *
 * @param found faults, the deepest first
 * @param deepest what the deepest is of; null where there is none
 * @param byHandMm how deep a wire that takes its course by hand is drawn inside itself or anything else; 0 where it lies as drawn
 */
record FormContacts(List<Contact> found, What deepest, double byHandMm) {
    /** What lies in what. */
    enum What {
        WIRE_IN_WIRE,
        WIRE_IN_BEAD,
        BEAD_IN_BEAD
    }

    private static final Set<Solid.Kind> IN_THE_WAY =
            Set.of(Solid.Kind.BEAD, Solid.Kind.CORD, Solid.Kind.SPACER, Solid.Kind.CAP);

    /** Beads placed side by side to a hundredth touch. */
    private static final double BEADS_TOUCH_MM = 0.01;

    static FormContacts of(List<FormedWire> wires, List<Solid> solids) {
        var search = new Search();
        List<Tube> tubes = wires.stream()
                .map(wire -> Tube.of(wire.program(), wire.diameterMm()))
                .toList();
        for (int i = 0; i < tubes.size(); i++) {
            boolean byHand = wires.get(i).follows();
            search.add(WireContact.within(tubes.get(i)), What.WIRE_IN_WIRE, byHand);
            for (int j = i + 1; j < tubes.size(); j++) {
                search.add(
                        WireContact.between(tubes.get(i), tubes.get(j)),
                        What.WIRE_IN_WIRE,
                        byHand || wires.get(j).follows());
            }
            for (Solid solid : solids) {
                if (byHand || IN_THE_WAY.contains(solid.kind())) {
                    search.add(withSolid(tubes.get(i), solid), What.WIRE_IN_BEAD, byHand);
                }
            }
        }
        beads(solids, search);
        return search.told();
    }

    /** What was met so far. */
    private static final class Search {
        private final List<Contact> found = new ArrayList<>();
        private What deepest;
        private double mostMm;
        private double byHandMm;

        void add(Contact contact, What what, boolean byHand) {
            if (contact != null && byHand) {
                byHandMm = Math.max(byHandMm, contact.depthMm());
            } else if (contact != null) {
                found.add(contact);
                if (contact.depthMm() > mostMm) {
                    mostMm = contact.depthMm();
                    deepest = what;
                }
            }
        }

        FormContacts told() {
            found.sort((a, b) -> Double.compare(b.depthMm(), a.depthMm()));
            return new FormContacts(List.copyOf(found), deepest, byHandMm);
        }
    }

    private static void beads(List<Solid> solids, Search search) {
        List<Solid> beads =
                solids.stream().filter(solid -> solid.kind() != Solid.Kind.CORD).toList();
        for (int i = 0; i < beads.size(); i++) {
            for (int j = i + 1; j < beads.size(); j++) {
                Solid a = beads.get(i);
                Solid b = beads.get(j);
                double depth = depth(a, b);
                if (depth > BEADS_TOUCH_MM) {
                    search.add(new Contact(0, 0, depth, a.centre()), What.BEAD_IN_BEAD, false);
                }
            }
        }
    }

    /** Along the line between their middles; a cap goes over its bead's shoulder, so it is not asked. */
    private static double depth(Solid a, Solid b) {
        if (a.kind() == Solid.Kind.CAP || b.kind() == Solid.Kind.CAP) {
            return 0;
        }
        Vector3D between = b.centre().subtract(a.centre());
        double apart = between.getNorm();
        Vector3D way = apart == 0 ? Vector3D.PLUS_I : between.scalarMultiply(1 / apart);
        return a.reachMm(way) + b.reachMm(way) - apart;
    }

    private static Contact withSolid(Tube tube, Solid solid) {
        Contact worst = null;
        for (WirePoint point : tube.points()) {
            double depth = tube.diameterMm() / 2 - solid.outsideMm(point.frame().position());
            if (depth > WireContact.TOUCH_SHARE * tube.diameterMm() && (worst == null || depth > worst.depthMm())) {
                worst = new Contact(
                        point.alongMm(), point.alongMm(), depth, point.frame().position());
            }
        }
        return worst;
    }
}
