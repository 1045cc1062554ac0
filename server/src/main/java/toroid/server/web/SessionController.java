package toroid.server.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.security.authentication.AnonymousAuthenticationToken;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import toroid.core.numeric.Refusal;
import toroid.server.store.ServerCode;

/** Coming in with the workshop's password. */
@RestController
@RequestMapping("/api/session")
class SessionController {
    private final Door door;
    private final boolean demo;
    private final Tries tries;
    private final HttpSessionSecurityContextRepository contexts = new HttpSessionSecurityContextRepository();

    SessionController(Door door, Clock clock, @Value("${toroid.demo}") boolean demo) {
        this.door = door;
        this.tries = new Tries(clock);
        this.demo = demo;
    }

    /** @param in whether the workshop is open to this browser; @param demo whether it is the demo workshop */
    record SessionView(
            @NotNull boolean passwordNeeded,
            @NotNull boolean in,
            @NotNull boolean demo) {}

    record Knock(@NotNull String password) {}

    @GetMapping
    SessionView session() {
        var authentication = SecurityContextHolder.getContext().getAuthentication();
        boolean known = authentication != null
                && authentication.isAuthenticated()
                && !(authentication instanceof AnonymousAuthenticationToken);
        return new SessionView(door.asksForPassword(), !door.asksForPassword() || known, demo);
    }

    @PostMapping
    SessionView knock(@RequestBody @Valid Knock knock, HttpServletRequest request, HttpServletResponse response) {
        String from = request.getRemoteAddr();
        tries.demand(from);
        if (!door.opensFor(knock.password())) {
            tries.failed(from);
            throw Refusal.of(ServerCode.WRONG_PASSWORD, "password", null);
        }
        request.getSession(true);
        request.changeSessionId();
        var context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                "maker", null, List.of(new SimpleGrantedAuthority("ROLE_MAKER"))));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
        return session();
    }

    @DeleteMapping
    void leave(HttpServletRequest request) {
        var session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
    }
}
