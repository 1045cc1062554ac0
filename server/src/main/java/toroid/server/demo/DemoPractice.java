package toroid.server.demo;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Random;
import java.util.UUID;
import org.springframework.stereotype.Component;
import toroid.core.calibration.exercise.Joint;
import toroid.server.calibration.Quantity;
import toroid.server.calibration.ReadingContext;
import toroid.server.calibration.ReadingContext.Practised;
import toroid.server.calibration.ReadingData;
import toroid.server.calibration.Readings;
import toroid.server.store.Edit;

/** What the invented workshop practised over the season: loops that get steadier, rings that still show a gap, a pair not quite alike. */
@Component
class DemoPractice {
    private static final double WIRE_MM = 0.81;
    private static final double LOOP_MM = 2.5;

    private final Readings readings;
    private final Clock clock;
    private final Random chance = new Random(31);

    DemoPractice(Readings readings, Clock clock) {
        this.readings = readings;
        this.clock = clock;
    }

    void load() {
        loops();
        rings();
        pairs();
    }

    private Instant daysAgo(double days) {
        return clock.instant().minus(Duration.ofMinutes((long) (24 * 60 * days)));
    }

    /** The hand gets steadier, and in the last session one slips. */
    private void loops() {
        double[] spread = {0.13, 0.11, 0.10, 0.075, 0.06, 0.045};
        for (int session = 0; session < spread.length; session++) {
            UUID id = DemoStock.id("loops practised " + session);
            Instant at = daysAgo(78 - 14.5 * session);
            for (int i = 0; i < 10; i++) {
                double slip = session == spread.length - 1 && i == 6 ? 0.42 : 0;
                double inside = LOOP_MM + 0.12 - 0.022 * session + slip + spread[session] * chance.nextGaussian();
                Practised loop = new Practised("ten-loops", "inside", null);
                keep(id, new Go(loop, Quantity.LOOP_INSIDE, round(inside), LOOP_MM, WIRE_MM, null), at, i);
            }
        }
    }

    private void rings() {
        double[] faults = {0.5, 0.4, 0.4, 0.3};
        for (int session = 0; session < faults.length; session++) {
            UUID id = DemoStock.id("rings practised " + session);
            Instant at = daysAgo(60 - 17 * session);
            for (int i = 0; i < 20; i++) {
                Joint joint = chance.nextDouble() > faults[session]
                        ? Joint.FLUSH
                        : chance.nextDouble() < 0.65 ? Joint.GAP : Joint.STEP;
                Practised ring = new Practised("twenty-rings", "joint", null);
                keep(id, new Go(ring, Quantity.JOINT, joint.ordinal(), null, null, null), at, i);
            }
        }
    }

    private void pairs() {
        double[][] second = {{0.9, 0.5, 0.1}, {0.3, 0.6, -0.1}};
        for (int session = 0; session < second.length; session++) {
            UUID id = DemoStock.id("pair practised " + session);
            Instant at = daysAgo(40 - 25 * session);
            for (int copy = 0; copy < 2; copy++) {
                double[] apart = copy == 0 ? new double[3] : second[session];
                pair(id, "height", Quantity.LENGTH, 21.4 + apart[0], copy, at, 3 * copy);
                pair(id, "bow", Quantity.LENGTH, 10.7 + apart[1], copy, at, 3 * copy + 1);
                pair(id, "loop", Quantity.LOOP_INSIDE, 2.2 + apart[2], copy, at, 3 * copy + 2);
            }
        }
    }

    private void pair(UUID session, String at, Quantity quantity, double mm, int copy, Instant began, int go) {
        Practised place = new Practised("ear-wire-pair", at, null);
        keep(session, new Go(place, quantity, round(mm), null, WIRE_MM, copy), began, go);
    }

    /** What was read in one go of a session. */
    private record Go(
            Practised practised, Quantity quantity, double value, Double wanted, Double wireMm, Integer copy) {}

    private void keep(UUID session, Go go, Instant began, int number) {
        ReadingContext of = ReadingContext.practice(go.practised(), go.wireMm(), null);
        var data = new ReadingData(
                null,
                null,
                null,
                session,
                go.quantity(),
                go.value(),
                go.wanted(),
                of,
                began.plusSeconds(80L * number),
                "",
                go.copy(),
                null);
        readings.put(DemoStock.id("practised " + session + " " + number), new Edit<>(null, data));
    }

    private static double round(double mm) {
        return Math.round(mm * 100) / 100.0;
    }
}
