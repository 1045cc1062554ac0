package toroid.core.piece.part;

import java.util.List;
import toroid.core.form.HandWork;

/** A part of a piece, as it is asked for. One class for each kind; {@link PartKinds} knows them by their first word. */
public sealed interface PartSpec
        permits BeadStrand, BoughtChain, Cord, Finding, FormPart, MedallionPart, RingPart, Stone, WovenSpec {
    /** As a line writes it; what is written is read back the same. */
    String written();

    /** @throws toroid.core.numeric.Refusal when it cannot be made so, or hangs from nothing */
    PartWork work(PartMaker with);

    /** Whether hands make it for the piece; what is wound by the dozen or bought ready is not. */
    default boolean isMade() {
        return true;
    }

    /**
     * Whether its mirror image is another thing, so that the second of a pair is wound the other way round. What is bent flat is turned over
     * and is not; which wire lies above at a crossing is not looked at.
     */
    default boolean isHanded(PartMaker with) {
        return false;
    }

    /** Whether it bends to what it lies on, however long it is. */
    default boolean isSupple() {
        return false;
    }

    /**
     * What is sold, woven or strung by the length: the same, so many of its links, units, rings or beads longer.
     *
     * @return null for what has no such count
     */
    default PartSpec longer(int by) {
        return null;
    }

    /** Whether it goes through an ear's lobe and stands square to it. */
    default boolean isEarWire(PartMaker with) {
        return false;
    }

    /**
     * What hands do to make it, within {@link toroid.core.form.HandTime#WITHIN} times: what is wound by the dozen is counted with the
     * rings, what is bought takes none.
     */
    default HandWork handWork(PartMaker with) {
        return new HandWork(HandWork.JOIN, 0);
    }

    /** The form it is bent as, step by step; null for what is strung, woven or bought. */
    default Bent bent(PartMaker with) {
        return null;
    }

    /** Woven: rings laid down or put in one after another; 0 for what is not woven. */
    default int ringByRing(PartMaker with) {
        return 0;
    }

    /** Woven: the weave's id; null for what is not woven. */
    default String weave() {
        return null;
    }

    /** Strung: its beads run by run, in the order they go on; none for what is not strung. */
    default List<Strung> strung() {
        return List.of();
    }

    /** A cuff's inside, its gap and its wire, mm. */
    record CuffSize(double insideMm, double gapMm, double wireMm) {}

    /** Null for what is no cuff. */
    default CuffSize cuff(PartMaker with) {
        return null;
    }

    /** What stands at the other end of a mirrored row that begins with it; null for nothing. */
    default PartSpec opposite() {
        return this;
    }

    /** What of it can be set by itself; of a form what is as usual is left out. */
    List<Field> fields();

    /**
     * The same part with one thing of it set.
     *
     * @param value as {@link Field#value()} tells it, or as a line writes it; null for as usual
     * @throws toroid.core.numeric.Refusal for a field it does not have, or a value it cannot have
     */
    PartSpec with(String field, Object value);

    /** What it looks like, where its ports are. */
    Body body(PartMaker with);

    /**
     * The same part within a graded run, whose values {@code 4..8} go from the first to the second.
     *
     * @param share 0 at the run's first, 1 at its last
     */
    default PartSpec graded(double share) {
        return this;
    }

    /** The same part of the nearest sizes there are. */
    default PartSpec snapped(Sizes there) {
        return this;
    }

    /** The same part for a piece in another size: its wire and all its lengths times that; beads and stones as well. */
    PartSpec scaled(double factor);
}
