package toroid.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import toroid.server.store.ServerCode;

/** Refuses requests under a name that is not this machine's: a page elsewhere cannot rebind its name to us. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class HostFilter extends OncePerRequestFilter {
    private final Door door;

    HostFilter(Door door) {
        this.door = door;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (door.knowsHost(request.getHeader("Host"))) {
            chain.doFilter(request, response);
            return;
        }
        Refused.write(response, HttpServletResponse.SC_FORBIDDEN, ServerCode.UNKNOWN_HOST);
    }
}
