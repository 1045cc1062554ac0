package toroid.server.ring;

import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import toroid.core.metal.Metals;
import toroid.core.metal.Temper;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.numeric.Usual;
import toroid.core.ring.CoilAllowances;
import toroid.core.ring.CoilRequest;
import toroid.core.ring.RingAim;
import toroid.core.ring.Spare;
import toroid.core.wire.Wire;
import toroid.server.store.JobContent;
import toroid.server.store.Words;
import toroid.server.wire.SpoolData;

/**
 * A ring job's content, and the question the sheet answers. Lengths mm.
 *
 * @param spoolId the spool it is wound from; its metal, temper and diameter then count, not those here
 * @param convention which size the maker holds fixed
 * @param aimValue that size, mm, or the aspect ratio
 * @param ringCount rings wanted, spare not included
 * @param sparePercent rings made on top, 0 to 100 %
 * @param turnsPerRing 1 plain, 2 double, 3 triple …
 * @param winding how the wire comes on
 * @param usableMandrelMm how long a coil the rod takes
 */
public record RingJobData(
        @NotNull String name,
        UUID spoolId,
        @NotNull String metal,
        @NotNull Temper temper,
        @NotNull double wireDiameterMm,
        @NotNull RingAim.Convention convention,
        @NotNull double aimValue,
        @NotNull int ringCount,
        @NotNull double sparePercent,
        @NotNull int turnsPerRing,
        @NotNull CutData cut,
        @NotNull Winding winding,
        @NotNull double leadMm,
        @NotNull double tailMm,
        @NotNull int spoiltTurnsPerEnd,
        @NotNull double usableMandrelMm,
        @NotNull String note)
        implements JobContent {
    /** How the wire is wound: rod turned by hand, by a drill or winder, or wire carried round a fixed rod. */
    public enum Winding {
        TURNED,
        POWERED,
        CARRIED
    }

    /** @throws toroid.core.numeric.Refusal when it cannot be worked with */
    @Override
    public void check() {
        Words.checkName(name);
        Words.checkNote(note);
        Metals.byId(metal).yieldStrength(temper);
        Wire.checkDiameter(wireDiameterMm);
        aim();
        Checks.within("ringCount", ringCount, 1, 50_000, Unit.RINGS, Remedy.SPLIT_THE_JOB);
        Checks.within("sparePercent", sparePercent, 0, Spare.MOST_PERCENT, Unit.PERCENT, Usual.about(5, Unit.PERCENT));
        Checks.within("turnsPerRing", turnsPerRing, 1, CoilRequest.MOST_TURNS, Unit.TURNS, Remedy.ONE_IS_A_PLAIN_RING);
        cut.toCore(wireDiameterMm);
        hand();
    }

    /** The same rings, each wound round so often. */
    public RingJobData wound(int turns) {
        return new RingJobData(
                name,
                spoolId,
                metal,
                temper,
                wireDiameterMm,
                convention,
                aimValue,
                ringCount,
                sparePercent,
                turns,
                cut,
                winding,
                leadMm,
                tailMm,
                spoiltTurnsPerEnd,
                usableMandrelMm,
                note);
    }

    RingAim aim() {
        return new RingAim(convention, aimValue);
    }

    CoilAllowances hand() {
        double feed = winding == Winding.CARRIED ? CoilAllowances.CARRIED_FEED_MM : Double.POSITIVE_INFINITY;
        return new CoilAllowances(leadMm, tailMm, spoiltTurnsPerEnd, usableMandrelMm, feed);
    }

    /** Rings to have in hand: wanted plus spare. */
    int ringsWithSpare() {
        return ringCount + Spare.of(ringCount, sparePercent);
    }

    /** The same job as wound from that spool. */
    RingJobData on(SpoolData spool) {
        return new RingJobData(
                name,
                spoolId,
                spool.metal(),
                spool.temper(),
                spool.wireDiameterMm(),
                convention,
                aimValue,
                ringCount,
                sparePercent,
                turnsPerRing,
                cut,
                winding,
                leadMm,
                tailMm,
                spoiltTurnsPerEnd,
                usableMandrelMm,
                note);
    }

    /** The wire as a spool's content, for what is known of it. */
    SpoolData wire() {
        return new SpoolData(name, metal, temper, wireDiameterMm, null, null, "");
    }
}
