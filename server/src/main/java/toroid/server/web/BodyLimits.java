package toroid.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import toroid.server.store.ServerCode;

/** How large a body may be, by address; refused before it is read, or where it runs over when its length was not told. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class BodyLimits extends OncePerRequestFilter {
    static final int USUAL_BYTES = 1 << 20;

    /** Beginnings of addresses that need less, bytes; the first that fits counts. */
    static final Map<String, Integer> BYTES = limits();

    private static Map<String, Integer> limits() {
        var limits = new LinkedHashMap<String, Integer>();
        limits.put("/api/backups/brought", 1 << 30);
        limits.put("/api/photos", 16 << 20);
        limits.put("/api/session", 2 << 10);
        limits.put("/api/line", 8 << 10);
        limits.put("/api/quantity", 8 << 10);
        limits.put("/api/springback", 64 << 10);
        limits.put("/api/rings", 16 << 10);
        limits.put("/api/spools", 32 << 10);
        limits.put("/api/mandrels", 32 << 10);
        limits.put("/api/cutters", 32 << 10);
        limits.put("/api/preferences", 32 << 10);
        limits.put("/api/readings", 32 << 10);
        limits.put("/api/jobs/ring", 32 << 10);
        return limits;
    }

    static int bytesFor(String address) {
        return BYTES.entrySet().stream()
                .filter(limit -> address.startsWith(limit.getKey()))
                .map(Map.Entry::getValue)
                .findFirst()
                .orElse(USUAL_BYTES);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        int most = bytesFor(request.getRequestURI());
        if (request.getContentLengthLong() > most) {
            Refused.write(
                    response,
                    HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE,
                    ServerCode.BODY_TOO_LARGE,
                    "\"mostKb\":" + (most >> 10));
            return;
        }
        chain.doFilter(request.getContentLengthLong() >= 0 ? request : new Counted(request, most), response);
    }

    /** The body ran over what its address takes. */
    static final class BodyTooLarge extends IOException {
        private static final long serialVersionUID = 1L;

        private final int mostKb;

        BodyTooLarge(int most) {
            super("more than " + (most >> 10) + " kB");
            mostKb = most >> 10;
        }

        int mostKb() {
            return mostKb;
        }
    }

    private static final class Counted extends HttpServletRequestWrapper {
        private final int most;

        Counted(HttpServletRequest request, int most) {
            super(request);
            this.most = most;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            return new CountedStream(super.getInputStream(), most);
        }
    }

    private static final class CountedStream extends ServletInputStream {
        private final ServletInputStream body;
        private final int most;
        private int left;

        CountedStream(ServletInputStream body, int most) {
            this.body = body;
            this.most = most;
            left = most;
        }

        @Override
        public int read() throws IOException {
            int read = body.read();
            count(read < 0 ? 0 : 1);
            return read;
        }

        @Override
        public int read(byte[] into, int from, int length) throws IOException {
            int read = body.read(into, from, length);
            count(Math.max(0, read));
            return read;
        }

        private void count(int bytes) throws BodyTooLarge {
            left -= bytes;
            if (left < 0) {
                throw new BodyTooLarge(most);
            }
        }

        @Override
        public boolean isFinished() {
            return body.isFinished();
        }

        @Override
        public boolean isReady() {
            return body.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            body.setReadListener(listener);
        }
    }
}
