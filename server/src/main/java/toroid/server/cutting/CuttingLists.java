package toroid.server.cutting;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import toroid.core.numeric.Refusal;
import toroid.server.stock.CutGiven;
import toroid.server.stock.CutStrip;
import toroid.server.stock.CutStrips;
import toroid.server.work.JobData;
import toroid.server.work.Jobs;
import toroid.server.work.RunCuts;
import toroid.server.work.WireLength;

/** The cut lists of several jobs as one, by wire, each against the spools of that wire. */
@Component
class CuttingLists {
    private final Jobs jobs;
    private final RunCuts runs;
    private final WireShelf strips;
    private final CutStrips cut;

    CuttingLists(Jobs jobs, RunCuts runs, WireShelf strips, CutStrips cut) {
        this.jobs = jobs;
        this.runs = runs;
        this.strips = strips;
        this.cut = cut;
    }

    private record Asked(CutLists.LengthToCut length, String metal, double diameterMm) {}

    /**
     * @param near whether wire of nearly the size stands for it
     * @throws toroid.server.store.NotKept for a job that is not kept
     */
    CutLists of(List<UUID> ids, boolean near) {
        var asked = new ArrayList<Asked>();
        var without = new ArrayList<UUID>();
        List<CutStrip> cuts = cut.all();
        for (UUID id : ids.stream().distinct().toList()) {
            JobData job = jobs.get(id).data();
            List<WireLength> lengths = lengths(job);
            if (lengths.isEmpty()) {
                without.add(id);
            }
            RunCuts.SoFar soFar = runs.of(id);
            for (int i = 0; i < lengths.size(); i++) {
                WireLength one = lengths.get(i);
                String lengthId = id + "/" + i;
                var length = new CutLists.LengthToCut(
                        lengthId,
                        id,
                        jobs.nameOf(job),
                        one.name(),
                        one.rings(),
                        one.lengthMm(),
                        one.count(),
                        Math.min(
                                one.count(),
                                Math.max(soFar.of(one.name(), one.lengthMm()), ahead(cuts, lengthId, soFar.since()))));
                asked.add(new Asked(length, one.metal(), one.diameterMm()));
            }
        }
        return new CutLists(byWire(asked, near, cuts), without);
    }

    /** How many of a length are cut since then. */
    private static int ahead(List<CutStrip> cuts, String lengthId, Instant since) {
        return cuts.stream()
                .filter(one -> since == null || one.cutAt().isAfter(since))
                .flatMap(one -> one.lengths().stream())
                .filter(one -> one.id().equals(lengthId))
                .mapToInt(CutGiven.LengthCut::count)
                .sum();
    }

    /** Strips that were cut with lengths of these. */
    private static List<CutStrip> with(List<Asked> own, List<CutStrip> cuts) {
        Set<String> ids = own.stream().map(one -> one.length().id()).collect(Collectors.toSet());
        return cuts.stream()
                .filter(cut -> cut.lengths().stream().anyMatch(one -> ids.contains(one.id())))
                .limit(MOST_SHOWN)
                .toList();
    }

    private static final int MOST_SHOWN = 40;

    private List<WireLength> lengths(JobData job) {
        try {
            return jobs.lengths(job);
        } catch (Refusal cannotBeMade) {
            return List.of();
        }
    }

    private List<CutLists.WireToCut> byWire(List<Asked> asked, boolean near, List<CutStrip> cuts) {
        WireShelf.Strips shelf = strips.now();
        var wires = new ArrayList<CutLists.WireToCut>();
        var rest = new ArrayList<>(asked);
        rest.sort(Comparator.comparingDouble(Asked::diameterMm).reversed());
        while (!rest.isEmpty()) {
            Asked first = rest.get(0);
            List<Asked> own = rest.stream()
                    .filter(one -> one.metal().equals(first.metal()))
                    .filter(one -> WireShelf.serves(one.diameterMm(), first.diameterMm(), near))
                    .toList();
            rest.removeAll(own);
            wires.add(new CutLists.WireToCut(
                    first.metal() + " " + first.diameterMm(),
                    first.metal(),
                    first.diameterMm(),
                    own.stream()
                            .mapToDouble(
                                    one -> one.length().count() * one.length().lengthMm())
                            .sum(),
                    own.stream().map(Asked::length).toList(),
                    shelf.of(first.metal(), first.diameterMm(), near),
                    shelf.nearly(first.metal(), first.diameterMm(), near),
                    with(own, cuts)));
        }
        return wires;
    }
}
