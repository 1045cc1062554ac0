package toroid.core.ring;

/**
 * One coil: wound, sprung, parted. Lengths in mm.
 *
 * @param rings whole rings it yields that are kept
 * @param turnsWound whole turns to count while winding
 * @param turnsSprung turns left after springback, not whole
 * @param spoiltTurns thrown away at the ends
 * @param leftoverTurns turns that make no whole ring
 * @param woundLengthMm on the mandrel: {@code (turns + 1) d}
 * @param sprungLengthMm off the mandrel: {@code (turns left + 1) d}
 * @param leadMm lead
 * @param tailMm tail
 * @param wireMm wire in all: turns wound as a helix on the mandrel, plus lead and tail
 */
public record Coil(
        int rings,
        int turnsWound,
        double turnsSprung,
        int spoiltTurns,
        double leftoverTurns,
        double woundLengthMm,
        double sprungLengthMm,
        double leadMm,
        double tailMm,
        double wireMm) {

    /**
     * The coil for so many rings. Springback loses turns: N turns wound leave {@code N·D₀/D}, so {@code ⌈N·D/D₀⌉} are wound.
     * Each flipped flush cut also uses up its trim from the coil.
     */
    static Coil forRings(CoilRequest job, int rings) {
        double turn = job.sprung().turnLengthMm();
        double perRing = job.turnsPerRing() + job.cut().coilLossPerRingMm() / turn;
        int spoilt = 2 * job.spoiltTurnsPerEnd();
        double needed = rings * perRing + spoilt;
        int wound = (int) Math.ceil(needed * job.opening() - 1e-9);
        double sprung = wound / job.opening();
        double d = job.wound().wireDiameterMm();
        double wire = wound * job.wound().turnLengthMm()
                + job.hand().leadMm()
                + job.hand().tailMm();
        return new Coil(
                rings,
                wound,
                sprung,
                spoilt,
                Math.max(0, sprung - needed),
                (wound + 1) * d,
                (sprung + 1) * d,
                job.hand().leadMm(),
                job.hand().tailMm(),
                wire);
    }

    boolean fits(CoilAllowances hand) {
        return woundLengthMm <= hand.usableMandrelMm() && wireMm <= hand.longestFeedMm();
    }
}
