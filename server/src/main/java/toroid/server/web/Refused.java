package toroid.server.web;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import toroid.core.numeric.Code;

/** A refusal written by a filter, before any controller is asked: problem+json like all others. */
final class Refused {
    private Refused() {}

    static void write(HttpServletResponse response, int status, Code code) throws IOException {
        write(response, status, code, "");
    }

    /** @param values the inside of a JSON object, for the sentence */
    static void write(HttpServletResponse response, int status, Code code, String values) throws IOException {
        response.setStatus(status);
        response.setContentType("application/problem+json");
        response.setCharacterEncoding("UTF-8");
        response.getWriter()
                .write(("{\"type\":\"urn:toroid:problem:%1$s\",\"code\":\"%1$s\",\"status\":%2$d,\"detail\":\"%3$s\","
                                + "\"values\":{%4$s}}")
                        .formatted(code.id(), status, code.id().replace('-', ' '), values));
    }
}
