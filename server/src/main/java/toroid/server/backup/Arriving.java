package toroid.server.backup;

import java.io.FilterInputStream;
import java.io.IOException;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageNotReadableException;

/** A file as it arrives: that it breaks off, or is larger than may be, is the sender's, and no fault of the place it is laid. */
final class Arriving extends FilterInputStream {
    private final HttpInputMessage from;

    Arriving(HttpInputMessage from) throws IOException {
        super(from.getBody());
        this.from = from;
    }

    @Override
    public int read() throws IOException {
        try {
            return super.read();
        } catch (IOException broke) {
            throw new HttpMessageNotReadableException("it broke off", broke, from);
        }
    }

    @Override
    public int read(byte[] into, int at, int length) throws IOException {
        try {
            return super.read(into, at, length);
        } catch (IOException broke) {
            throw new HttpMessageNotReadableException("it broke off", broke, from);
        }
    }
}
