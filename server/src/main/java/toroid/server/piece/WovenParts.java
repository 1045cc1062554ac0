package toroid.server.piece;

import java.util.List;
import org.springframework.stereotype.Component;
import toroid.core.metal.Metal;
import toroid.core.piece.part.MedallionPart;
import toroid.core.piece.part.PartMaker;
import toroid.core.piece.part.PartSpec;
import toroid.core.piece.part.WeaveSizes;
import toroid.core.piece.part.WovenSpec;
import toroid.core.weave.WovenLength;
import toroid.core.weave.composition.Medallion;
import toroid.core.weave.patch.PatchShape;
import toroid.server.weave.CompositionWorkshop;
import toroid.server.weave.PatchWorkshop;
import toroid.server.weave.WovenInMaking;

/** What a piece has of weave: lengths, sheets and medallions, solved once. */
@Component
class WovenParts implements PartMaker.Weaves {
    private final PatchWorkshop patches;
    private final CompositionWorkshop compositions;

    WovenParts(PatchWorkshop patches, CompositionWorkshop compositions) {
        this.patches = patches;
        this.compositions = compositions;
    }

    @Override
    public WovenLength woven(String weave, double wireMm, List<Double> insidesMm, PatchShape shape, Metal metal) {
        return patches.woven(weave, wireMm, insidesMm, shape, metal);
    }

    /** A part as it is put together ring by ring; null for what is not woven. */
    WovenInMaking inMaking(PartSpec part) {
        if (part instanceof WovenSpec woven) {
            WeaveSizes of = woven.of();
            return patches.inMaking(of.weave(), of.wireMm(), of.insidesMm(), woven.shape());
        }
        return part instanceof MedallionPart medallion ? compositions.inMaking(medallion.asked()) : null;
    }

    @Override
    public Medallion medallion(Medallion.Asked asked) {
        return compositions.medallion(asked);
    }
}
