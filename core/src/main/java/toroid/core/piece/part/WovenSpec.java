package toroid.core.piece.part;

import toroid.core.form.HandWork;
import toroid.core.weave.WovenLength;
import toroid.core.weave.patch.PatchShape;

/** A part that is woven of one weave: a length or a sheet. Its rings and how they lie are the weave's own. */
public sealed interface WovenSpec extends PartSpec permits WeaveLength, WeaveSheet {
    /** Its weave and rings. */
    WeaveSizes of();

    /** What of the weave it is. */
    PatchShape shape();

    /** Solved once for a piece. @throws toroid.core.numeric.Refusal for a weave nobody knows, or rings it cannot be made of */
    default WovenLength woven(PartMaker with) {
        return with.woven(of(), shape());
    }

    @Override
    default boolean isSupple() {
        return true;
    }

    @Override
    default HandWork handWork(PartMaker with) {
        return WeaveSizes.handWork(of().takes(woven(with)));
    }

    @Override
    default String weave() {
        return of().weave();
    }

    @Override
    default int ringByRing(PartMaker with) {
        return woven(with).steps();
    }

    @Override
    default Body body(PartMaker with) {
        return of().body(woven(with));
    }
}
