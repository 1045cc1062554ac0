package toroid.server.instrument;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.concurrent.CopyOnWriteArrayList;

/**
 * A caliper or a scale to try things with, run by {@code ./toroid caliper} and {@code ./toroid scale}: it stands on a TCP line of this
 * machine and says numbers as such do. A scale says all the time what lies on it, with a question mark until it has come to rest; a caliper
 * says what is between its jaws at each press. Its noise is normal, and settable.
 */
public final class StandIn implements AutoCloseable {
    private static final long EVERY_MS = 200;

    /** How often a scale says that it has not come to rest after something was laid on it. */
    private static final int UNSTEADY = 3;

    private final InstrumentKind kind;
    private final double noise;
    private final ServerSocket door;
    private final List<Socket> listening = new CopyOnWriteArrayList<>();
    private final Random chance;
    private double truth;
    private int unsteady;

    /**
     * @param port 0 for any that is free
     * @param truth mm or g
     * @param noise its standard deviation, mm or g
     */
    StandIn(InstrumentKind kind, int port, double truth, double noise, long seed) throws IOException {
        this.kind = kind;
        this.truth = truth;
        this.noise = noise;
        this.chance = new Random(seed);
        door = new ServerSocket(port, 8, InetAddress.getLoopbackAddress());
        run(this::letIn, "door");
        if (kind == InstrumentKind.SCALE) {
            run(this::sayOnAndOn, "saying");
        }
    }

    private void run(Runnable work, String what) {
        var thread = new Thread(work, "stand-in " + what);
        thread.setDaemon(true);
        thread.start();
    }

    int port() {
        return door.getLocalPort();
    }

    /** What lies between its jaws, or on it, from now on. */
    synchronized void lay(double now) {
        truth = now;
        unsteady = UNSTEADY;
    }

    /** A caliper's button: what it says then. */
    String press() {
        String said = line();
        say(said);
        return said;
    }

    private synchronized String line() {
        String unit = kind == InstrumentKind.CALIPER ? "mm" : "g";
        boolean rests = kind == InstrumentKind.CALIPER || unsteady == 0;
        unsteady = Math.max(0, unsteady - 1);
        return String.format(Locale.ROOT, "%s%.2f %s", rests ? "" : "? ", truth + noise * chance.nextGaussian(), unit);
    }

    private void letIn() {
        while (!door.isClosed()) {
            try {
                listening.add(door.accept());
            } catch (IOException closed) {
                return;
            }
        }
    }

    private void sayOnAndOn() {
        while (!door.isClosed()) {
            say(line());
            try {
                Thread.sleep(EVERY_MS);
            } catch (InterruptedException stop) {
                return;
            }
        }
    }

    private void say(String said) {
        byte[] bytes = (said + "\r\n").getBytes(StandardCharsets.US_ASCII);
        for (Socket one : listening) {
            try {
                OutputStream out = one.getOutputStream();
                out.write(bytes);
                out.flush();
            } catch (IOException gone) {
                listening.remove(one);
            }
        }
    }

    @Override
    public void close() throws IOException {
        door.close();
        for (Socket one : listening) {
            one.close();
        }
    }

    /** {@code KIND PORT TRUTH NOISE}: a number typed is laid between its jaws or on it; an empty line presses a caliper's button. */
    public static void main(String[] arguments) throws IOException {
        InstrumentKind kind = InstrumentKind.valueOf(arguments[0].toUpperCase(Locale.ROOT));
        double truth = Double.parseDouble(arguments[2]);
        double noise = Double.parseDouble(arguments[3]);
        try (var standIn = new StandIn(kind, Integer.parseInt(arguments[1]), truth, noise, System.nanoTime());
                var typed = new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8))) {
            System.out.println("on 127.0.0.1:" + standIn.port() + ". Type a number to lay it there"
                    + (kind == InstrumentKind.CALIPER ? ", Enter to press its button." : "."));
            for (String line = typed.readLine(); line != null; line = typed.readLine()) {
                standIn.typed(line.trim().replace(',', '.'));
            }
        }
    }

    private void typed(String text) {
        try {
            if (!text.isEmpty()) {
                lay(Double.parseDouble(text));
            }
            if (kind == InstrumentKind.CALIPER) {
                System.out.println(press());
            }
        } catch (NumberFormatException none) {
            System.out.println("\"" + text + "\" is no number.");
        }
    }
}
