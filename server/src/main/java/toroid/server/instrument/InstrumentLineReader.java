package toroid.server.instrument;

import java.io.IOException;
import java.io.InputStream;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import toroid.core.quantity.InstrumentLine;

/**
 * Listens to one instrument on a TCP line for as long as the server runs: connects, reads line by line, connects again where the line
 * breaks. Nothing is ever sent to it. What is no reading is passed over; a line that does not end is given up.
 */
final class InstrumentLineReader implements Runnable, AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(InstrumentLineReader.class);

    private static final int CONNECT_MS = 3000;

    /** Before it is tried again. */
    private static final long PAUSE_MS = 1000;

    private final InstrumentKind kind;
    private final InetSocketAddress address;
    private final Consumer<InstrumentReading> told;
    private final Thread thread;
    private volatile boolean connected;
    private volatile boolean ended;
    private volatile Socket line;

    InstrumentLineReader(InstrumentKind kind, InetSocketAddress address, Consumer<InstrumentReading> told) {
        this.kind = kind;
        this.address = address;
        this.told = told;
        this.thread = new Thread(this, "instrument " + kind);
        thread.setDaemon(true);
    }

    void begin() {
        thread.start();
    }

    boolean isConnected() {
        return connected;
    }

    @Override
    public void run() {
        boolean said = false;
        while (!ended) {
            try (var socket = new Socket()) {
                line = socket;
                socket.connect(new InetSocketAddress(address.getHostString(), address.getPort()), CONNECT_MS);
                connected = true;
                said = false;
                LOG.info("the {} at {} is there", kind, address);
                read(socket.getInputStream());
            } catch (IOException away) {
                if (!said && !ended) {
                    LOG.info("the {} at {} does not answer; it is tried again", kind, address);
                }
                said = true;
            } finally {
                connected = false;
            }
            pause();
        }
    }

    private void read(InputStream in) throws IOException {
        var soFar = new StringBuilder();
        for (int next = in.read(); next >= 0 && !ended; next = in.read()) {
            if (next == '\n' || next == '\r') {
                say(soFar.toString());
                soFar.setLength(0);
            } else if (soFar.length() > InstrumentLine.LONGEST) {
                throw new IOException("a line that does not end");
            } else {
                soFar.append((char) next);
            }
        }
    }

    private void say(String text) {
        InstrumentLine.read(text, kind.unit())
                .ifPresent(one -> told.accept(new InstrumentReading(kind, one.value(), one.steady())));
    }

    private void pause() {
        try {
            Thread.sleep(ended ? 0 : PAUSE_MS);
        } catch (InterruptedException stop) {
            ended = true;
        }
    }

    @Override
    public void close() {
        ended = true;
        thread.interrupt();
        Socket open = line;
        if (open != null) {
            try {
                open.close();
            } catch (IOException alreadyGone) {
                LOG.debug("the line was closed", alreadyGone);
            }
        }
    }
}
