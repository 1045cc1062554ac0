package toroid.server.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import toroid.core.numeric.Refusal;
import toroid.server.work.JobData;
import toroid.server.work.Jobs;
import toroid.server.work.WireLength;

/** The cut lists of several jobs as one, by wire, each against the spools of that wire. */
@Component
class CuttingLists {
    private final Jobs jobs;
    private final WireShelf strips;

    CuttingLists(Jobs jobs, WireShelf strips) {
        this.jobs = jobs;
        this.strips = strips;
    }

    private record Asked(CutLists.LengthToCut length, String metal, double diameterMm) {}

    /**
     * @param near whether wire of nearly the size stands for it
     * @throws toroid.server.store.NotKept for a job that is not kept
     */
    CutLists of(List<UUID> ids, boolean near) {
        var asked = new ArrayList<Asked>();
        var without = new ArrayList<UUID>();
        for (UUID id : ids.stream().distinct().toList()) {
            JobData job = jobs.get(id).data();
            List<WireLength> lengths = lengths(job);
            if (lengths.isEmpty()) {
                without.add(id);
            }
            for (int i = 0; i < lengths.size(); i++) {
                WireLength one = lengths.get(i);
                var length = new CutLists.LengthToCut(
                        id + "/" + i, id, jobs.nameOf(job), one.name(), one.rings(), one.lengthMm(), one.count());
                asked.add(new Asked(length, one.metal(), one.diameterMm()));
            }
        }
        return new CutLists(byWire(asked, near), without);
    }

    private List<WireLength> lengths(JobData job) {
        try {
            return jobs.lengths(job);
        } catch (Refusal cannotBeMade) {
            return List.of();
        }
    }

    private List<CutLists.WireToCut> byWire(List<Asked> asked, boolean near) {
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
                    shelf.nearly(first.metal(), first.diameterMm(), near)));
        }
        return wires;
    }
}
