package toroid.server.web;

import java.net.URI;
import java.util.Map;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.core.AuthenticationException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import toroid.core.numeric.Code;
import toroid.core.numeric.Effort;
import toroid.core.numeric.Refusal;
import toroid.server.effort.Busy;
import toroid.server.effort.StillWorking;
import toroid.server.store.ChangedElsewhere;
import toroid.server.store.NotKept;
import toroid.server.store.RefusalView;
import toroid.server.store.ServerCode;

/**
 * Every refusal as problem+json (RFC 9457) with {@code code}, {@code field}, {@code value}, {@code minimum}, {@code maximum},
 * {@code unit}, {@code remedy}, {@code values} where they apply: the words are made where it is shown. Nothing is stored when one is answered.
 */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class Problems {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    @ExceptionHandler
    ResponseEntity<ProblemDetail> told(Refusal refusal) {
        HttpStatus status = statusOf(refusal);
        ResponseEntity.BodyBuilder answer = ResponseEntity.status(status);
        if (status == HttpStatus.TOO_MANY_REQUESTS) {
            answer.header(HttpHeaders.RETRY_AFTER, "" + Tries.WINDOW.toSeconds());
        }
        return answer.body(refused(refusal, status));
    }

    /** At the door as the web has it: who is not let in, and who knocks too often. */
    private static HttpStatus statusOf(Refusal refusal) {
        if (refusal.code().equals(ServerCode.WRONG_PASSWORD.id())) {
            return HttpStatus.UNAUTHORIZED;
        }
        return refusal.code().equals(ServerCode.TOO_MANY_TRIES.id())
                ? HttpStatus.TOO_MANY_REQUESTS
                : HttpStatus.BAD_REQUEST;
    }

    private ProblemDetail refused(Refusal refusal) {
        return refused(refusal, HttpStatus.BAD_REQUEST);
    }

    private ProblemDetail refused(Refusal refusal, HttpStatus status) {
        ProblemDetail problem = problem(status, RefusalView.of(refusal), refusal.getMessage());
        if (refusal.minimum().isPresent() || refusal.maximum().isPresent()) {
            problem.setProperty("limit", limit(refusal));
        }
        return problem;
    }

    @ExceptionHandler
    ProblemDetail unreadable(HttpMessageNotReadableException unreadable) {
        return UnreadableBody.of(unreadable, this::refused);
    }

    @ExceptionHandler
    ProblemDetail invalid(MethodArgumentNotValidException invalid) {
        var error = invalid.getBindingResult().getFieldErrors().stream().findFirst();
        return refused(
                Refusal.of(ServerCode.MISSING, error.map(e -> e.getField()).orElse("request"), null));
    }

    @ExceptionHandler
    ProblemDetail mistyped(MethodArgumentTypeMismatchException mistyped) {
        return refused(Refusal.of(ServerCode.UNREADABLE_VALUE, mistyped.getName(), null));
    }

    @ExceptionHandler
    ProblemDetail notKept(NotKept missing) {
        return problem(HttpStatus.NOT_FOUND, RefusalView.of(ServerCode.NOT_KEPT), missing.getMessage());
    }

    @ExceptionHandler
    ProblemDetail changedElsewhere(ChangedElsewhere changed) {
        ProblemDetail problem = problem(HttpStatus.CONFLICT, ServerCode.CHANGED_ELSEWHERE);
        problem.setProperty("current", changed.current());
        return problem;
    }

    /** Two wrote the same, or waited for each other and one of them had to let go. */
    @ExceptionHandler
    ProblemDetail racing(ConcurrencyFailureException race) {
        return problem(HttpStatus.CONFLICT, ServerCode.CHANGED_MEANWHILE);
    }

    /** Two wrote the same in the same moment, and the other was first. */
    @ExceptionHandler
    ProblemDetail taken(DataIntegrityViolationException race) {
        LOG.debug("refused by the database", race);
        return problem(HttpStatus.CONFLICT, ServerCode.CHANGED_MEANWHILE);
    }

    /** Not a refusal: the answer comes later. */
    @ExceptionHandler
    ResponseEntity<StillWorking.Told> later(StillWorking working) {
        return ResponseEntity.accepted()
                .location(URI.create("/api/efforts/" + working.told().effort()))
                .body(working.told());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> busy(Busy busy) {
        return ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE)
                .header(HttpHeaders.RETRY_AFTER, "2")
                .body(problem(HttpStatus.SERVICE_UNAVAILABLE, ServerCode.BUSY));
    }

    @ExceptionHandler
    ProblemDetail calledOff(Effort.Stopped stopped) {
        return problem(HttpStatus.GONE, ServerCode.CALLED_OFF);
    }

    /** Whoever listened has gone: there is nobody to tell. */
    @ExceptionHandler
    void gone(AsyncRequestNotUsableException gone) {
        LOG.debug("a listener went away", gone);
    }

    /** What nobody foresaw is told by a code too, and logged. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> fault(Exception fault) throws Exception {
        if (fault instanceof ErrorResponse known) {
            return ResponseEntity.status(known.getStatusCode())
                    .headers(known.getHeaders())
                    .body(ofSpring(known));
        }
        if (fault instanceof AccessDeniedException || fault instanceof AuthenticationException) {
            throw fault;
        }
        if (DatabaseAway.is(fault)) {
            ServerCode why = DatabaseAway.isFull(fault) ? ServerCode.DISK_FULL : ServerCode.DATABASE_AWAY;
            LOG.warn("{}: {}", why.id(), fault.getMessage());
            return ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE)
                    .header(HttpHeaders.RETRY_AFTER, "5")
                    .body(problem(HttpStatus.SERVICE_UNAVAILABLE, why));
        }
        LOG.error("a fault of the server", fault);
        return ResponseEntity.internalServerError().body(problem(HttpStatus.INTERNAL_SERVER_ERROR, ServerCode.FAULT));
    }

    /** What the framework refuses by itself: no such address, method or type. */
    private static ProblemDetail ofSpring(ErrorResponse known) {
        ProblemDetail problem = known.getBody();
        problem.setProperty("code", ServerCode.REQUEST_NOT_TAKEN.id());
        problem.setProperty("values", Map.of("status", known.getStatusCode().value()));
        return problem;
    }

    private static Object limit(Refusal refusal) {
        double value;
        try {
            value = Double.parseDouble(refusal.value());
        } catch (NumberFormatException | NullPointerException notANumber) {
            value = Double.NaN;
        }
        boolean below =
                refusal.minimum().isPresent() && !(value > refusal.minimum().getAsDouble());
        return below || refusal.maximum().isEmpty()
                ? refusal.minimum().orElseThrow()
                : refusal.maximum().getAsDouble();
    }

    static ProblemDetail problem(HttpStatus status, Code code) {
        return problem(status, RefusalView.of(code), code.id().replace('-', ' '));
    }

    /** @param detail for those who read the API by eye: the app makes its own words from the code */
    static ProblemDetail problem(HttpStatus status, RefusalView refusal, String detail) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setType(URI.create("urn:toroid:problem:" + refusal.code()));
        set(problem, "code", refusal.code());
        set(problem, "field", refusal.field());
        set(problem, "value", refusal.value());
        set(problem, "minimum", refusal.minimum());
        set(problem, "maximum", refusal.maximum());
        set(problem, "unit", refusal.unit());
        set(problem, "remedy", refusal.remedy());
        set(problem, "values", refusal.values());
        return problem;
    }

    private static void set(ProblemDetail problem, String name, Object value) {
        if (value != null) {
            problem.setProperty(name, value);
        }
    }
}
