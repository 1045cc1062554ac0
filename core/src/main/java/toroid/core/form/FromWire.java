package toroid.core.form;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import org.hipparchus.analysis.solvers.BrentSolver;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Effort;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * The other way round: what a length of wire in hand makes, or what makes a form as long as it must be over all. One parameter is left
 * free, all others stay; every one that is chosen and not measured, and that changes the length, is tried. A length or an angle is found so
 * that the form takes the length, to {@value #CLOSE_MM} mm; a count, or a length made in whole turns, is the most that fits, with what is
 * left. Of several values the one nearest to the one that stands is taken.
 *
 * @param haveMm the length in hand, of the form's own wire, or the length it must have over all
 * @param takesMm what one takes, or how long it is, as it stands
 * @param leftMm what is left of one length then, from 0; all of it where it makes none
 * @param copies how many as it stands go into one length, whole
 * @param lengths how many such lengths are in hand
 * @param copiesInAll how many all of them make
 * @param ways what it makes, one parameter free, the gentlest change first
 * @param none parameters that no value of makes it
 */
public record FromWire(
        double haveMm,
        double takesMm,
        double leftMm,
        int copies,
        int lengths,
        long copiesInAll,
        List<Makes> ways,
        List<Reach> none) {
    public static final int MOST_LENGTHS = 10_000;

    /** How near to the length in hand the length to cut comes, mm. */
    public static final double CLOSE_MM = 1e-6;

    /** What of a form is to come to the figure. */
    public enum Measure {
        /** Its own wire, to be cut from what is in hand. */
        WIRE,
        /** The finished form, over all, the longer way of its face. */
        OVER_ALL
    }

    private static final int SAMPLES = 20;
    private static final int HALVINGS = 50;
    private static final double SHORTEST_MM = 1;
    private static final double LONGEST_MM = 40_000;

    /**
     * A value that makes it.
     *
     * @param parameter which was left free
     * @param value in its unit
     * @param takesMm what it then takes
     * @param leftMm what is left of the length in hand, from 0
     */
    public record Makes(String parameter, double value, double takesMm, double leftMm) {}

    /** What the form takes with that parameter at any value it may have, mm; the length in hand is not among it. */
    public record Reach(String parameter, double leastMm, double mostMm) {}

    /**
     * Wire a ring was wound of, straightened, mm: {@code π (i + d)}; what the saw took is not in it. Exact.
     *
     * @param innerMm its inside diameter
     */
    public static double ofRingMm(double innerMm, double wireMm) {
        Checks.within("ringInnerMm", innerMm, 0.1, 500, Unit.MM, Remedy.MEASURE_THE_RINGS_INSIDE);
        return Math.PI * (innerMm + wireMm);
    }

    /**
     * @throws Refusal for a length that is none, or when the form as it stands cannot be made
     */
    public static FromWire of(Form form, FormRequest request, Measure measure, double haveMm, int lengths) {
        Checks.within("lengths", lengths, 1, MOST_LENGTHS, Unit.LENGTHS, Remedy.COUNT_THEM_AGAIN);
        String field = measure == Measure.WIRE ? "haveMm" : "overAllMm";
        Checks.within(field, haveMm, SHORTEST_MM, LONGEST_MM, Unit.MM, Remedy.MEASURE_IT_AGAIN);
        double asItStands = FormSolver.measured(form, request, measure);
        FormValues values = FormValues.of(form, request);
        var search = new Search(form, request, measure, haveMm);
        for (Parameter parameter : form.parameters()) {
            boolean free = switch (parameter.kind()) {
                case LENGTH, ANGLE, COUNT -> !parameter.measured();
                default -> false;
            };
            if (free && values.counts(parameter)) {
                search.free(parameter, values.number(parameter.id()));
            }
        }
        int copies = (int) Math.floor((haveMm + CLOSE_MM) / asItStands);
        search.ways.sort((a, b) -> Double.compare(a.change, b.change));
        return new FromWire(
                haveMm,
                asItStands,
                Math.max(0, haveMm - copies * asItStands),
                copies,
                lengths,
                (long) lengths * copies,
                search.ways.stream().map(Ranked::way).toList(),
                List.copyOf(search.none));
    }

    /** @param change against the value that stands, as a share of it */
    private record Ranked(Makes way, double change) {}

    /** One form, one length in hand. */
    private static final class Search {
        private final Form form;
        private final FormRequest request;
        private final Measure measure;
        private final double have;
        private final List<Ranked> ways = new ArrayList<>();
        private final List<Reach> none = new ArrayList<>();

        Search(Form form, FormRequest request, Measure measure, double have) {
            this.form = form;
            this.request = request;
            this.measure = measure;
            this.have = have;
        }

        /** NaN where the form cannot be made so. */
        private double takes(Parameter parameter, double value) {
            Effort.check();
            try {
                return FormSolver.measured(form, request.with(parameter.id(), value), measure);
            } catch (Refusal notSo) {
                return Double.NaN;
            }
        }

        void free(Parameter parameter, double now) {
            var tried = sampled(parameter, now);
            double least = tried.values().stream().mapToDouble(v -> v).min().orElse(0);
            double most = tried.values().stream().mapToDouble(v -> v).max().orElse(0);
            if (most - least < CLOSE_MM) {
                return;
            }
            double value =
                    parameter.kind() == Parameter.Kind.COUNT ? counted(parameter) : solved(parameter, tried, now);
            if (Double.isNaN(value)) {
                none.add(new Reach(parameter.id(), least, most));
                return;
            }
            double takes = takes(parameter, value);
            double change = Math.abs(value - now) / Math.max(1e-9, Math.abs(now));
            ways.add(new Ranked(new Makes(parameter.id(), value, takes, Math.max(0, have - takes)), change));
        }

        /** Lengths by value, over all it may be, closer together where it is small, the one that stands among them. */
        private TreeMap<Double, Double> sampled(Parameter parameter, double now) {
            double least = parameter.least().applyAsDouble(request.wireDiameterMm());
            double most = parameter.most().applyAsDouble(request.wireDiameterMm());
            boolean whole = parameter.kind() == Parameter.Kind.COUNT;
            var tried = new TreeMap<Double, Double>();
            for (int i = 0; i <= SAMPLES; i++) {
                double share = (double) i / SAMPLES;
                double value = i == SAMPLES ? most : least + (most - least) * share * share;
                keep(tried, parameter, whole ? Math.rint(value) : value);
            }
            keep(tried, parameter, now);
            return tried;
        }

        private void keep(TreeMap<Double, Double> tried, Parameter parameter, double value) {
            double takes = takes(parameter, value);
            if (!Double.isNaN(takes)) {
                tried.put(value, takes);
            }
        }

        /** The root nearest to what stands; NaN where there is none. */
        private double solved(Parameter parameter, TreeMap<Double, Double> tried, double now) {
            double best = Double.NaN;
            Double before = null;
            for (Double value : tried.keySet()) {
                if (before != null && (tried.get(before) - have) * (tried.get(value) - have) <= 0) {
                    double root = between(parameter, before, value);
                    boolean nearer = Double.isNaN(best) || Math.abs(root - now) < Math.abs(best - now);
                    best = !Double.isNaN(root) && nearer ? root : best;
                }
                before = value;
            }
            return best;
        }

        /** Where it takes just that, or, where the length jumps over what is in hand as whole turns do, the last that does not take more. */
        private double between(Parameter parameter, double low, double high) {
            double root = new BrentSolver(1e-12, 1e-12, CLOSE_MM / 10)
                    .solve(100, value -> hit(takes(parameter, value)), low, high);
            if (Math.abs(hit(takes(parameter, root))) <= CLOSE_MM) {
                return root;
            }
            boolean rises = hit(takes(parameter, low)) <= 0;
            double fits = rises ? low : high;
            double tooLong = rises ? high : low;
            for (int i = 0; i < HALVINGS; i++) {
                double middle = (fits + tooLong) / 2;
                if (hit(takes(parameter, middle)) <= 0) {
                    fits = middle;
                } else {
                    tooLong = middle;
                }
            }
            return fits;
        }

        private double hit(double takes) {
            return Double.isNaN(takes) ? Double.MAX_VALUE : takes - have;
        }

        /** The most that the length in hand makes; what a form takes grows with what is counted. NaN where even the least is too long. */
        private double counted(Parameter parameter) {
            double low = Math.ceil(parameter.least().applyAsDouble(request.wireDiameterMm()));
            double high = Math.floor(parameter.most().applyAsDouble(request.wireDiameterMm()));
            if (!(takes(parameter, low) <= have + CLOSE_MM)) {
                return Double.NaN;
            }
            while (low < high) {
                double middle = Math.ceil((low + high) / 2);
                if (takes(parameter, middle) <= have + CLOSE_MM) {
                    low = middle;
                } else {
                    high = middle - 1;
                }
            }
            return low;
        }
    }
}
