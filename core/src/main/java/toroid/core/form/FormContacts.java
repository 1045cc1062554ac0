package toroid.core.form;

import java.util.ArrayList;
import java.util.List;
import toroid.core.bend.program.Contact;
import toroid.core.bend.program.WireContact;
import toroid.core.bend.program.WireContact.Tube;
import toroid.core.bend.program.WirePoint;

/** Where a form's wires pass through themselves, one another, a bead or a cord. */
final class FormContacts {
    private FormContacts() {}

    static List<Contact> of(List<FormedWire> wires, List<Solid> solids) {
        var found = new ArrayList<Contact>();
        var tubes = wires.stream()
                .filter(wire -> !wire.follows())
                .map(wire -> Tube.of(wire.program(), wire.diameterMm()))
                .toList();
        for (int i = 0; i < tubes.size(); i++) {
            add(found, WireContact.within(tubes.get(i)));
            for (int j = i + 1; j < tubes.size(); j++) {
                add(found, WireContact.between(tubes.get(i), tubes.get(j)));
            }
            for (Solid solid : solids) {
                if (solid.kind() == Solid.Kind.BEAD || solid.kind() == Solid.Kind.CORD) {
                    add(found, withSolid(tubes.get(i), solid));
                }
            }
        }
        found.sort((a, b) -> Double.compare(b.depthMm(), a.depthMm()));
        return found;
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

    private static void add(List<Contact> found, Contact contact) {
        if (contact != null) {
            found.add(contact);
        }
    }
}
