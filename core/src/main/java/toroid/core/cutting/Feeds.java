package toroid.core.cutting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;

/** A strip's cuts grouped into lengths that are carried off it at once, none longer than the cap: each length to the first it fits on. */
final class Feeds {
    private final double capMm;
    private final double kerfMm;
    private final List<Feed> feeds = new ArrayList<>();

    private Feeds(double capMm, double kerfMm) {
        this.capMm = capMm;
        this.kerfMm = kerfMm;
    }

    private static final class Feed {
        private double lengthMm;
        private final Map<String, Integer> counts = new LinkedHashMap<>();
    }

    static List<CuttingPlan.Feed> of(CuttingTask task, List<CuttingPlan.Count> cuts) {
        Map<String, CutLength> lengths =
                task.lengths().stream().collect(Collectors.toMap(CutLength::id, Function.identity(), (a, b) -> a));
        if (Double.isInfinite(task.feedMm())) {
            int count = cuts.stream().mapToInt(CuttingPlan.Count::count).sum();
            double sum = cuts.stream()
                    .mapToDouble(cut -> cut.count() * lengths.get(cut.id()).lengthMm())
                    .sum();
            return List.of(new CuttingPlan.Feed(sum + (count - 1) * task.kerfMm(), cuts));
        }
        var feeds = new Feeds(task.feedMm(), task.kerfMm());
        for (CuttingPlan.Count cut : cuts) {
            for (int i = 0; i < cut.count(); i++) {
                feeds.put(cut.id(), lengths.get(cut.id()).lengthMm());
            }
        }
        return feeds.feeds.stream()
                .map(feed -> new CuttingPlan.Feed(
                        feed.lengthMm,
                        feed.counts.entrySet().stream()
                                .map(one -> new CuttingPlan.Count(one.getKey(), one.getValue()))
                                .toList()))
                .toList();
    }

    private void put(String id, double lengthMm) {
        Feed to = feeds.stream()
                .filter(feed -> feed.lengthMm + kerfMm + lengthMm <= capMm)
                .findFirst()
                .orElseGet(() -> {
                    var fresh = new Feed();
                    feeds.add(fresh);
                    return fresh;
                });
        to.lengthMm += lengthMm + (to.counts.isEmpty() ? 0 : kerfMm);
        to.counts.merge(id, 1, Integer::sum);
    }
}
