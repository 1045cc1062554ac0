package toroid.server.work;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import toroid.core.metal.MetalNames;
import toroid.core.numeric.Refusal;
import toroid.core.weave.CutList;
import toroid.server.preference.Choices;
import toroid.server.ring.RingJobData;
import toroid.server.store.ServerCode;
import toroid.server.weave.ColourCount;

/** A cut list as ring jobs: rings of the maker's own metal from the maker's spool, those of another from wire of their own. */
final class RingCuts {
    private RingCuts() {}

    /**
     * What the rings are for.
     *
     * @param metal what the spool is of; what is coloured and no metal's name is of it too
     * @param spare on top, %; null for the maker's usual
     */
    record Source(String name, UUID spool, String metal, Double spare) {}

    /**
     * @param sizeNames by size; none where there is one size
     * @param ready what need not be cut
     * @throws Refusal where all of it lies ready
     */
    static List<RingJobData> of(
            Source source,
            List<CutList.Size> sizes,
            List<String> sizeNames,
            List<ColourCount> colours,
            ReadyRings ready,
            Choices choices) {
        CutList list =
                CutList.of(sizes, colours.stream().map(ColourCount::ringCount).toList());
        boolean several =
                list.rings().stream().map(CutList.Rings::colour).distinct().count() > 1;
        var jobs = new ArrayList<RingJobData>();
        for (CutList.Rings rings : list.rings()) {
            String colour = colours.get(rings.colour()).colour();
            if (ready.has(colour, rings)) {
                continue;
            }
            boolean painted = colour.startsWith("#");
            boolean own = (painted || colour.equals(source.metal()))
                    && rings.wireMm() == sizes.get(0).wireMm();
            String name = Stream.of(
                            source.name(),
                            sizeNames.isEmpty() ? "" : sizeNames.get(rings.size()),
                            several ? colour : "")
                    .filter(word -> !word.isEmpty())
                    .collect(Collectors.joining(", "));
            jobs.add(choices.rings(
                    name,
                    own ? source.spool() : null,
                    MetalNames.metalOrRefuse(painted ? source.metal() : colour),
                    rings,
                    source.spare()));
        }
        if (jobs.isEmpty()) {
            throw Refusal.of(ServerCode.RINGS_LIE_READY, "name", source.name());
        }
        return jobs;
    }
}
