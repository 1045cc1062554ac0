package toroid.core.piece;

import java.util.List;

/** What a piece goes round or hangs from. Girths are usual ones of grown people, from memory; whoever makes for somebody measures. */
public enum BodyPart {
    WRIST(165, 4 / 3.0, 1.25, List.of(new Ease("snug", 6), new Ease("comfortable", 12), new Ease("loose", 22))),
    NECK(
            360,
            7 / 6.0,
            1.6,
            List.of(
                    new Ease("close", 10),
                    new Ease("choker", 30),
                    new Ease("on the collar bones", 90),
                    new Ease("to the breast", 190))),
    ANKLE(230, 5 / 4.0, 1.4, List.of(new Ease("snug", 6), new Ease("comfortable", 12), new Ease("loose", 22))),
    /** Round the heel and the instep: what goes round ankle and foot, or is drawn over the heel. */
    ANKLE_AND_FOOT(330, 5 / 4.0, 1, List.of(new Ease("snug", 4), new Ease("comfortable", 10), new Ease("loose", 20))),
    WAIST(760, 4 / 3.0, 1.35, List.of(new Ease("comfortable", 20), new Ease("on the hips", 120))),
    /**
     * Its girth is the ring's size by ISO 8653: the inside girth in mm of the gauge ring that goes over the knuckle and stays (from memory of the
     * standard), so what is as wide goes over.
     */
    FINGER(54, 1, 1, List.of(new Ease("close", 0), new Ease("comfortable", 1), new Ease("a broad ring", 2.5))),
    /** It hangs: no girth to reach, but how deep it is to hang below the lobe, 0 for as deep as it comes. */
    EAR(0, 1, 1, List.of()),
    /** A cuff goes over it: how thick it is where the cuff sits. */
    EAR_EDGE(4, 1, 1, List.of());

    /** Whether it has a girth that a piece goes round. */
    public boolean isGoneRound() {
        return this != EAR && this != EAR_EDGE;
    }

    /**
     * How much longer than the girth, common practice.
     *
     * @param mm longer
     */
    public record Ease(String name, double mm) {}

    private final double usualGirthMm;
    private final double oval;
    private final double overRatio;
    private final List<Ease> eases;

    BodyPart(double usualGirthMm, double oval, double overRatio, List<Ease> eases) {
        this.usualGirthMm = usualGirthMm;
        this.oval = oval;
        this.overRatio = overRatio;
        this.eases = eases;
    }

    public double usualGirthMm() {
        return usualGirthMm;
    }

    /** Width over depth. Common practice. */
    public double oval() {
        return oval;
    }

    /** What a piece without a clasp slips over, hand, head, heel or hips, as a share of the girth; from memory, within a tenth. */
    public double overRatio() {
        return overRatio;
    }

    public List<Ease> eases() {
        return eases;
    }
}
