package toroid.server.web;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpHeaders;
import org.springframework.security.authentication.AnonymousAuthenticationToken;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import toroid.core.numeric.Refusal;
import toroid.server.store.Beside;
import toroid.server.store.ServerCode;

/** Coming in with the workshop's password. */
@RestController
@RequestMapping("/api/session")
class SessionController {
    private static final Logger LOG = LoggerFactory.getLogger(SessionController.class);

    private final Door door;
    private final boolean demo;
    private final Tries tries;
    private final OpenSessions sessions;
    private final Beside beside;
    private final HttpSessionSecurityContextRepository contexts = new HttpSessionSecurityContextRepository();

    SessionController(
            Door door, Tries tries, OpenSessions sessions, Beside beside, @Value("${toroid.demo}") boolean demo) {
        this.door = door;
        this.tries = tries;
        this.sessions = sessions;
        this.beside = beside;
        this.demo = demo;
    }

    /**
     * Who is in, and where.
     *
     * @param in whether the workshop is open to this browser
     * @param demo whether it is the demo workshop
     * @param servers how many servers work on its database, this one and others; told to those who are in, 1 to all others
     */
    record SessionView(
            @NotNull boolean passwordNeeded,
            @NotNull boolean in,
            @NotNull boolean demo,
            @NotNull int servers) {}

    record Knock(@NotNull String password) {}

    @GetMapping
    SessionView session() {
        var authentication = SecurityContextHolder.getContext().getAuthentication();
        boolean known = authentication != null
                && authentication.isAuthenticated()
                && !(authentication instanceof AnonymousAuthenticationToken);
        boolean in = !door.asksForPassword() || known;
        return new SessionView(door.asksForPassword(), in, demo, in ? beside.servers() : 1);
    }

    @PostMapping
    SessionView knock(@RequestBody @Valid Knock knock, HttpServletRequest request, HttpServletResponse response) {
        String from = request.getRemoteAddr();
        UUID begun = tries.begin(from);
        if (!door.opensFor(knock.password())) {
            LOG.warn("a wrong password from {}", from);
            throw Refusal.of(ServerCode.WRONG_PASSWORD, "password", null);
        }
        tries.right(begun);
        LOG.info("let in from {}", from);
        request.getSession(true);
        request.changeSessionId();
        var context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                "maker", null, List.of(new SimpleGrantedAuthority("ROLE_MAKER"))));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
        sessions.came(request.getSession(), from, request.getHeader(HttpHeaders.USER_AGENT));
        return session();
    }

    /**
     * A browser that is in.
     *
     * @param used when it was last heard of
     * @param from its address
     * @param browser what it calls itself
     * @param own whether it is the one that asks
     */
    record OpenSessionView(
            @NotNull UUID id,
            @NotNull Instant since,
            @NotNull Instant used,
            @NotNull String from,
            @NotNull String browser,
            @NotNull boolean own) {}

    @Operation(summary = "Every browser that came in with the password and has not gone; none where none is asked for")
    @GetMapping("/open")
    List<OpenSessionView> open(HttpServletRequest request) {
        return sessions.all(request.getSession(false)).stream()
                .map(one ->
                        new OpenSessionView(one.id(), one.since(), one.used(), one.from(), one.browser(), one.own()))
                .toList();
    }

    @Operation(summary = "Shows that browser out")
    @DeleteMapping("/open/{id}")
    void end(@PathVariable UUID id) {
        sessions.end(id);
    }

    @Operation(summary = "Shows every browser out but the one that asks")
    @DeleteMapping("/open")
    void endOthers(HttpServletRequest request) {
        sessions.endOthers(request.getSession(false));
    }

    @Operation(
            summary =
                    "Where another device in the house opens this workshop; nowhere while it listens to this machine alone")
    @GetMapping("/addresses")
    List<String> addresses(HttpServletRequest request) {
        return door.addresses().stream()
                .map(address -> request.getScheme() + "://" + address + ":" + request.getServerPort())
                .toList();
    }

    @DeleteMapping
    void leave(HttpServletRequest request) {
        var session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
    }
}
