package toroid.core.piece.part;

import java.util.Map;
import java.util.function.Function;

/** Every kind of part by the word it begins with; what begins otherwise is a form of the catalogue. */
public final class PartKinds {
    private static final Map<String, Function<LineWords, PartSpec>> READERS = Map.of(
            "ring", RingPart::read,
            "chain", BoughtChain::read,
            "stone", Stone::read,
            "weave", WeaveLength::read,
            "sheet", WeaveSheet::read,
            "medallion", MedallionPart::read,
            "strand", BeadStrand::read,
            "cord", Cord::read,
            "finding", Finding::read);

    private PartKinds() {}

    /** @throws toroid.core.numeric.Refusal with the word it stops at */
    public static PartSpec read(LineWords words) {
        Function<LineWords, PartSpec> reader = READERS.get(words.peek());
        if (reader == null) {
            return FormPart.read(words);
        }
        words.next();
        return reader.apply(words);
    }
}
