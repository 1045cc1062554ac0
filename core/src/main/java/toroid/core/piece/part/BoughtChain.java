package toroid.core.piece.part;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.form.Opening;
import toroid.core.form.Port;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * A length of bought chain of one link: {@code chain pitch/wire links=40 [inside=2] [soldered]}. Its links hang in each other, so each adds its
 * inside length, the pitch.
 *
 * @param pitchMm inside of a link along the chain
 * @param links how many
 * @param insideMm inside of a link across
 * @param soldered whether its links are closed for good; open ones are twisted open like rings
 */
public record BoughtChain(double pitchMm, double wireMm, int links, double insideMm, boolean soldered)
        implements PartSpec {
    /** Across against along where nothing is said: a plain oval cable link. From memory, within a fifth. */
    private static final double USUAL_ACROSS = 0.7;

    private static final int MOST = 5000;

    public BoughtChain {
        Checks.within("pitch", pitchMm, 0.5, 100, Unit.MM, Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
        Checks.within("wire", wireMm, 0.1, Math.min(10, pitchMm), Unit.MM, Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
        Checks.within("inside", insideMm, 0.2, pitchMm, Unit.MM, Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
        Checks.within("links", links, 1, MOST, Unit.LINKS, Remedy.COUNT_THEM_AGAIN);
    }

    static BoughtChain read(LineWords words) {
        Value[] sizes = words.pair();
        var values = words.values();
        double pitch = sizes[0].from();
        double inside = words.taken(values, "inside", usual(pitch));
        int links = (int) Math.round(words.taken(values, "links", 1));
        words.allTaken(values);
        return new BoughtChain(pitch, sizes[1].from(), links, inside, words.takes("soldered"));
    }

    private static double usual(double pitch) {
        return Math.rint(USUAL_ACROSS * pitch * 100) / 100;
    }

    @Override
    public String written() {
        return "chain " + LineWords.plain(pitchMm) + "/" + LineWords.plain(wireMm)
                + LineWords.unless("inside", insideMm, usual(pitchMm)) + LineWords.unless("links", links, 1)
                + (soldered ? " soldered" : "");
    }

    /** Bought chain comes as it is: only its length goes with the piece. */
    @Override
    public BoughtChain scaled(double factor) {
        return new BoughtChain(pitchMm, wireMm, (int) Math.max(1, Math.round(links * factor)), insideMm, soldered);
    }

    @Override
    public boolean isMade() {
        return false;
    }

    @Override
    public boolean isSupple() {
        return true;
    }

    @Override
    public List<Field> fields() {
        return List.of(
                new Field("pitch", pitchMm),
                new Field("wire", wireMm),
                new Field("inside", insideMm),
                new Field("links", (double) links),
                new Field("soldered", soldered));
    }

    @Override
    public BoughtChain with(String field, Object value) {
        return switch (field) {
            case "pitch" -> ofPitch(LineWords.number(field, value));
            case "wire" -> new BoughtChain(pitchMm, LineWords.number(field, value), links, insideMm, soldered);
            case "inside" -> new BoughtChain(pitchMm, wireMm, links, LineWords.number(field, value), soldered);
            case "links" -> new BoughtChain(pitchMm, wireMm, LineWords.whole(field, value), insideMm, soldered);
            case "soldered" -> new BoughtChain(pitchMm, wireMm, links, insideMm, LineWords.yes(field, value));
            default -> throw LineWords.refused(field, value);
        };
    }

    @Override
    public BoughtChain longer(int by) {
        return new BoughtChain(pitchMm, wireMm, links + by, insideMm, soldered);
    }

    /** Across goes with it where it was as usual. */
    private BoughtChain ofPitch(double pitch) {
        double across = insideMm == usual(pitchMm) ? usual(pitch) : insideMm;
        return new BoughtChain(pitch, wireMm, links, across, soldered);
    }

    /** Every second link edge-on. */
    @Override
    public Body body(PartMaker with) {
        var tubes = new ArrayList<Body.Tube>();
        for (int link = 0; link < Math.min(links, MOST_DRAWN); link++) {
            var centre = new Vector3D((link + 0.5) * pitchMm, 0, 0);
            Vector3D axis = link % 2 == 0 ? Vector3D.PLUS_K : Vector3D.PLUS_J;
            tubes.add(
                    Body.oval(centre, axis, Vector3D.PLUS_I, (pitchMm + wireMm) / 2, (insideMm + wireMm) / 2, wireMm));
        }
        if (links > MOST_DRAWN) {
            tubes.add(
                    Body.rod(new Vector3D(MOST_DRAWN * pitchMm, 0, 0), new Vector3D(links * pitchMm, 0, 0), insideMm));
        }
        return new Body(tubes, List.of());
    }

    /** With fewer links its middle one is an end. */
    private static final int LEAST_ABOUT = 3;

    /** The link nearest the middle that faces the front. */
    private Port middle(Opening opens) {
        int link = links / 2 - links / 2 % 2;
        var centre = new Vector3D((link + 0.5) * pitchMm, 0, 0);
        return new Port("middle link", "middle link", centre, Vector3D.PLUS_K, insideMm, wireMm, 0, opens);
    }

    /** More links than these are a line to the eye. */
    private static final int MOST_DRAWN = 300;

    /**
     * Its mass is that of its links as stadia of round wire, {@code π/4 d² (π (b + d) + 2 (p − b))} with b across and p along inside; exact for
     * such links in the piece's own metal, approximate for others.
     */
    @Override
    public PartWork work(PartMaker with) {
        Opening opens = soldered ? Opening.NEVER : Opening.SIDEWAYS;
        double length = links * pitchMm;
        Port first = Ends.at("first link", 0, -1, insideMm, wireMm, opens);
        Port last = Ends.at("last link", length, 1, insideMm, wireMm, opens);
        double link = Math.PI * (insideMm + wireMm) + 2 * (pitchMm - insideMm);
        double mass = links * Math.PI / 4 * wireMm * wireMm * link / 1000 * with.density();
        var bought =
                new PartWork.Bought(PartWork.Bought.Kind.CHAIN, "chain", List.of(pitchMm, insideMm, wireMm), length);
        // a link's hole is shared by its neighbours as a ring's is
        double gives = (links - 1) * Math.max(0, pitchMm - 2 * wireMm) / 3;
        PartWork plain = PartWork.plain(
                        this,
                        "chain",
                        first,
                        last,
                        length,
                        mass,
                        insideMm + 2 * wireMm,
                        PartWork.Takes.bought(List.of(bought)))
                .giving(gives);
        return links < LEAST_ABOUT ? plain : plain.carrying(List.of(middle(opens)));
    }
}
