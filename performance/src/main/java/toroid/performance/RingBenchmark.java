package toroid.performance;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import toroid.core.bend.BarInBending;
import toroid.core.bend.Springback;
import toroid.core.calibration.SpringbackFit;
import toroid.core.calibration.SpringbackReading;
import toroid.core.line.BenchLine;
import toroid.core.line.RingLine;
import toroid.core.metal.FlowEstimate;
import toroid.core.metal.Metal;
import toroid.core.metal.Metals;
import toroid.core.metal.Temper;
import toroid.core.quantity.Figure;
import toroid.core.quantity.GaugeTable;
import toroid.core.ring.CoilAllowances;
import toroid.core.ring.CoilPlan;
import toroid.core.ring.CoilRequest;
import toroid.core.ring.RingAim;
import toroid.core.ring.RingCut;
import toroid.core.ring.RingFigures;
import toroid.core.ring.RingWork;
import toroid.core.ring.WireOnMandrel;

/** The core's work behind one change on the Rings place, step by step; the bending moment is the unit to compare with. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class RingBenchmark {
    private static final Metal BRASS = Metals.byId("yellow-brass");
    private static final FlowEstimate YIELD = FlowEstimate.ofHandbook(BRASS.flow(Temper.HALF_HARD));
    private static final RingCut SAW = new RingCut.Saw(0.3);

    private BarInBending bar;
    private RingWork work;
    private List<SpringbackReading> readings;

    @Setup
    public void lay() {
        bar = BarInBending.ofWire(1, BRASS.youngsModulus().inMegapascals(), YIELD.curve());
        work = aim(RingAim.Convention.MANDREL, 4.5);
        readings = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            double rod = 3 + i % 6;
            readings.add(new SpringbackReading(1, rod, Springback.innerDiameterMm(bar, rod) + 0.02 * Math.sin(i)));
        }
    }

    private static RingWork aim(RingAim.Convention convention, double value) {
        return RingWork.of(1, BRASS, YIELD, new RingAim(convention, value), SAW, 1);
    }

    @Benchmark
    public double springbackOfOneRing() {
        return Springback.innerDiameterMm(bar, 4.5);
    }

    @Benchmark
    public RingWork ringOnARod() {
        return aim(RingAim.Convention.MANDREL, 4.5);
    }

    @Benchmark
    public RingWork ringFromItsInside() {
        return aim(RingAim.Convention.INNER, 4.5);
    }

    @Benchmark
    public List<Figure> figuresWithTheirWhy() {
        return RingFigures.of(work);
    }

    @Benchmark
    public CoilPlan coilsFor500Rings() {
        var hand = new CoilAllowances(25, 40, 1, 180, Double.POSITIVE_INFINITY);
        return CoilPlan.forJob(new CoilRequest(work.wound(), work.sprung(), 500, 1, SAW, hand));
    }

    @Benchmark
    public int tableOf10WiresOn14Rods() {
        int rings = 0;
        for (int wire = 0; wire < 10; wire++) {
            for (int rod = 0; rod < 14; rod++) {
                rings += WireOnMandrel.of(0.6 + 0.1 * wire, BRASS, YIELD, 2 + 0.5 * rod, SAW, 1)
                                        .work()
                                == null
                        ? 0
                        : 1;
            }
        }
        return rings;
    }

    @Benchmark
    public SpringbackFit fitOver30Coils() {
        return SpringbackFit.of(readings, BRASS.youngsModulus().inMegapascals(), BRASS.flow(Temper.HALF_HARD));
    }

    @Benchmark
    public RingLine benchLine() {
        return BenchLine.read("300 rings 18ga id 3.5 brass saw 0.3", GaugeTable.AWG);
    }
}
