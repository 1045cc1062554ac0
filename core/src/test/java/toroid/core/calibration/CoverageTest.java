package toroid.core.calibration;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.api.Test;
import toroid.core.bend.SprungDiameter;
import toroid.core.metal.FlowEstimate;
import toroid.core.metal.FlowPrior;
import toroid.core.metal.Metal;
import toroid.core.metal.Metals;
import toroid.core.metal.Temper;

/**
 * Whether the 95 % band holds 95 % of the next coils. Invented spools, whose metal strays from the handbook as wire does, follow one of three
 * hardening laws (Hollomon, Swift, Voce: the estimate knows only the first) and are wound by hands of different steadiness; 1 to 30 coils on
 * rods of 3 and 4 mm; then the next coil on 4 (measured), 6 and 12 mm (not measured). 1 mm wire.
 */
class CoverageTest {
    private static final int SPOOLS = 90;
    private static final int[] COILS = {1, 3, 10, 30};
    private static final double[] NOISES = {0.02, 0.05, 0.08, 0.10};
    private static final double[] RODS = {4, 6, 12};
    private static final List<String> METALS =
            List.of("copper", "yellow-brass", "sterling-silver", "aluminium", "stainless-304");

    /** Springback of a metal that follows another law: the moment by summing over the section. */
    private static double sprung(Law law, double modulus, double rod) {
        double r = 0.5;
        double curvature = 2 / (rod + 1);
        int layers = 80;
        double moment = 0;
        for (int i = 0; i < layers; i++) {
            double y = (i + 0.5) / layers * r;
            moment += 4 * law.stress(curvature * y, modulus) * y * Math.sqrt(r * r - y * y) * r / layers;
        }
        double left = curvature - moment / (modulus * Math.PI * Math.pow(r, 4) / 4);
        return left <= 0 ? Double.NaN : 2 / left - 1;
    }

    private interface Law {
        double stress(double strain, double modulus);
    }

    /** All three pass through the same stress at 15 % strain and rise there by about the same exponent. */
    private static Law law(int kind, double s, double n) {
        double at = 0.15;
        return switch (kind) {
            case 0 -> (e, modulus) -> Math.min(modulus * e, s * Math.pow(e / at, n));
            case 1 -> {
                double before = 0.02;
                double m = n * (at + before) / at;
                yield (e, modulus) -> Math.min(modulus * e, s * Math.pow((before + e) / (before + at), m));
            }
            default -> {
                double c = 0.12;
                double rise = s * n / at * c * Math.exp(at / c);
                double top = s + rise * Math.exp(-at / c);
                yield (e, modulus) -> Math.min(modulus * e, Math.max(0.2 * s, top - rise * Math.exp(-e / c)));
            }
        };
    }

    /** One cell: how many of the next coils were held, in per cent. */
    private static double held(Metal metal, Temper temper, int coils, double noise, double rod, long seed) {
        var random = new Random(seed);
        FlowPrior prior = metal.flow(temper);
        double modulus = metal.youngsModulus().inMegapascals();
        int held = 0;
        int tried = 0;
        for (int spool = 0; spool < SPOOLS; spool++) {
            double s = prior.typical().strengthMpa() * Math.exp(prior.strengthSpread() * random.nextGaussian());
            double n = prior.typical().exponent() * Math.exp(prior.exponentSpread() * random.nextGaussian());
            Law law = law(spool % 3, s, n);
            var readings = new ArrayList<SpringbackReading>();
            for (int i = 0; i < coils; i++) {
                double m = i % 2 == 0 ? 4 : 3;
                double read = sprung(law, modulus, m) + noise * random.nextGaussian();
                readings.add(new SpringbackReading(1, m, Math.max(m - SpringbackReading.CALIPER_SLACK_MM, read)));
            }
            double next = sprung(law, modulus, rod) + noise * random.nextGaussian();
            FlowEstimate own = SpringbackFit.of(readings, modulus, prior).flow();
            SprungDiameter band = SprungDiameter.predict(1, modulus, own, rod);
            // a coil cannot shrink: below the rod is the caliper, and the band ends at the rod
            held += Math.max(rod, next) >= band.lowMm() && next <= band.highMm() ? 1 : 0;
            tried++;
        }
        return 100.0 * held / tried;
    }

    @Test
    void theBandHoldsNinetyToNinetyNineOfAHundredNextCoils() throws IOException {
        var table = new StringBuilder();
        double sum = 0;
        int cells = 0;
        var low = new ArrayList<String>();
        for (int coils : COILS) {
            for (double rod : RODS) {
                table.append(String.format(Locale.ROOT, "| %d | %.0f |", coils, rod));
                for (double noise : NOISES) {
                    double all = 0;
                    double least = 100;
                    for (String id : METALS) {
                        for (Temper temper : List.of(Temper.DEAD_SOFT, Temper.HARD)) {
                            double one = held(Metals.byId(id), temper, coils, noise, rod, id.hashCode() + 31L * coils);
                            all += one / (2 * METALS.size());
                            least = Math.min(least, one);
                            if (one < 85) {
                                low.add("%s %s, %d coils, noise %.2f, rod %.0f: %.0f"
                                        .formatted(id, temper, coils, noise, rod, one));
                            }
                        }
                    }
                    sum += all;
                    cells++;
                    table.append(String.format(Locale.ROOT, " %.0f (%.0f) |", all, least));
                    if (all < 90) {
                        low.add("%d coils, noise %.2f, rod %.0f: %.1f in all".formatted(coils, noise, rod, all));
                    }
                }
                table.append("\n");
            }
        }
        System.out.println("coverage\n" + table);
        assertThat(low).isEmpty();
        assertThat(sum / cells).isBetween(90.0, 99.0);
        Path doc = Path.of("..", "docs", "checks.md");
        assertThat(Files.readString(doc))
                .as("docs/checks.md, coverage; what it is now:\n%s", table)
                .contains(table);
    }
}
