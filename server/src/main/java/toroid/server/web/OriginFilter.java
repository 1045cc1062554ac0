package toroid.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Set;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import toroid.server.store.ServerCode;

/**
 * Refuses what a page from elsewhere sends: browsers say in {@code Origin} where a page came from, and it must be the very name and
 * port the request is under. Programs that are no browsers send none.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class OriginFilter extends OncePerRequestFilter {
    private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS", "TRACE");

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String origin = request.getHeader("Origin");
        if (READING.contains(request.getMethod()) || origin == null || same(origin, request.getHeader("Host"))) {
            chain.doFilter(request, response);
            return;
        }
        Refused.write(response, HttpServletResponse.SC_FORBIDDEN, ServerCode.OTHER_ORIGIN);
    }

    private static boolean same(String origin, String host) {
        try {
            return host != null && host.equalsIgnoreCase(URI.create(origin).getAuthority());
        } catch (IllegalArgumentException unreadable) {
            return false;
        }
    }
}
