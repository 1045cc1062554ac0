package toroid.server.web;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;

/** A refusal written by a filter, before any controller is asked: problem+json like all others. */
final class Refused {
    private Refused() {}

    /** @param detail plain words without quotation marks or backslashes */
    static void write(HttpServletResponse response, int status, String code, String detail) throws IOException {
        response.setStatus(status);
        response.setContentType("application/problem+json");
        response.setCharacterEncoding("UTF-8");
        response.getWriter()
                .write("{\"type\":\"urn:toroid:problem:%1$s\",\"code\":\"%1$s\",\"status\":%2$d,\"detail\":\"%3$s\"}"
                        .formatted(code, status, detail));
    }
}
