package toroid.core.form;

import static toroid.core.quantity.Figure.Basis.MEASURED;
import static toroid.core.quantity.Figure.Basis.PRACTICE;

import java.util.Locale;
import java.util.Map;
import toroid.core.bend.Hammering;
import toroid.core.quantity.Figure;
import toroid.core.quantity.Note;
import toroid.core.quantity.NoteCode;

/**
 * What every form with hammered flats has alike: how they lengthen, how wide they come out, and by how much that may be off
 * ({@link Hammering}).
 */
public final class Flats {
    /** The parameter that says how much of the thinning goes into length. */
    public static final String LENGTHENS = "lengthens";

    private static final String WHY =
            "How much a blow lengthens and how much it widens is the hammer's and the hand's: measure the first flat's width.";

    private Flats() {}

    public static Parameter lengthens() {
        return Parameter.percent(
                LENGTHENS,
                "of the thinning, into length",
                Hammering.USUAL_PERCENT,
                0,
                Hammering.MOST_PERCENT,
                "A broad flat face widens, a cross peen lengthens: the first flat measured tells.");
    }

    public static Parameter thickness(String label) {
        return Parameter.length(
                "thick", label, d -> Math.round(4.0 * d) / 10.0, d -> 0.2, d -> d, "Thinner it cracks: anneal often.");
    }

    /** The chosen share, 0 to 0.6. */
    public static double share(FormMaker m) {
        return m.mm(LENGTHENS) / 100;
    }

    /**
     * Says how wide the flats come out, how long, and of how much wire; the wire in the piece is known within a band.
     *
     * @param longMm one flat
     * @param flats how many alike
     */
    public static void tell(FormMaker m, WireMaker wire, double longMm, Flat.Blow blow, int flats) {
        double d = wire.diameterMm();
        double thick = Math.min(blow.fromThickMm(), blow.toThickMm());
        Learnt learnt = m.learnt(LENGTHENS, Hammering.USUAL_SPREAD_PERCENT);
        double low = learnt.low(100 * blow.share()) / 100;
        double high = Math.min(Hammering.MOST_PERCENT, learnt.high(100 * blow.share())) / 100;
        double took = blow.tookMm(d, longMm);
        double wide = Hammering.widthMm(d, thick, blow.share());
        m.figure(new Figure(
                "flat-wide",
                wide,
                Hammering.widthMm(d, thick, high),
                Hammering.widthMm(d, thick, low),
                "mm",
                learnt.from() == 0 ? PRACTICE : MEASURED,
                "w = t + (A − πt²/4)/t,  A = (πd²/4)(t/d)^λ",
                String.format(
                        Locale.ROOT,
                        "d = %.2f, t = %.2f, λ = %.2f: A = %.3f mm², w = %.2f mm",
                        d,
                        thick,
                        blow.share(),
                        Hammering.sectionMm2(wide, thick),
                        wide),
                "By volume, flat faces and rounded edges; λ our own estimate for a flat face, approximate. " + WHY
                        + learnt.told("measured flat")));
        m.note(Note.info(
                NoteCode.FLAT_GROWS,
                Map.of("wideMm", wide, "thickMm", thick, "longMm", longMm, "tookMm", took, "holeMm", blow.holeMm())));
        double rest = wire.program().wireMm() - flats * took;
        wire.between(rest + flats * tookMm(blow, d, longMm, high), rest + flats * tookMm(blow, d, longMm, low), WHY);
    }

    private static double tookMm(Flat.Blow blow, double d, double longMm, double share) {
        return Hammering.tookMm(longMm, d, blow.fromThickMm(), blow.toThickMm(), share);
    }
}
