package toroid.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import toroid.server.backup.WritersGate;
import toroid.server.store.ServerCode;

/** Whoever keeps something comes back later while another workshop is put in the place of this one, as if the database were away. */
@Component
@Order(WritersFilter.AFTER_THE_DOOR)
class WritersFilter extends OncePerRequestFilter {
    static final int AFTER_THE_DOOR = 100;

    private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS", "TRACE");
    private static final String AGAIN_SECONDS = "5";

    private final WritersGate gate;

    WritersFilter(WritersGate gate) {
        this.gate = gate;
    }

    /** Backups have the gate to themselves. */
    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return READING.contains(request.getMethod()) || request.getRequestURI().startsWith("/api/backups");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!gate.enter()) {
            response.setHeader(HttpHeaders.RETRY_AFTER, AGAIN_SECONDS);
            Refused.write(response, HttpServletResponse.SC_SERVICE_UNAVAILABLE, ServerCode.DATABASE_AWAY);
            return;
        }
        try {
            chain.doFilter(request, response);
        } finally {
            gate.leave();
        }
    }
}
