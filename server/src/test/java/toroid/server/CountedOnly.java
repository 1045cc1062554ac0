package toroid.server;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletOutputStream;
import jakarta.servlet.WriteListener;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpServletResponseWrapper;
import java.io.IOException;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Answers whose bytes are counted and not kept, where a test asks so: one that is written to a test's answer goes there byte by byte. */
@Component
class CountedOnly extends OncePerRequestFilter {
    static final String ASKED = "X-Counted-Only";

    /** In the answer: how many. */
    static final String BYTES = "X-Bytes";

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return request.getHeader(ASKED) == null;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        var counted = new Counted();
        chain.doFilter(request, new HttpServletResponseWrapper(response) {
            @Override
            public ServletOutputStream getOutputStream() {
                return counted;
            }
        });
        response.setHeader(BYTES, String.valueOf(counted.bytes));
    }

    private static final class Counted extends ServletOutputStream {
        private long bytes;

        @Override
        public void write(int one) {
            bytes++;
        }

        @Override
        public void write(byte[] all, int from, int length) {
            bytes += length;
        }

        @Override
        public boolean isReady() {
            return true;
        }

        @Override
        public void setWriteListener(WriteListener listener) {
            throw new UnsupportedOperationException();
        }
    }
}
