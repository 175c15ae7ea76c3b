package org.handdown.server.web;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.handdown.measure.Wording;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;

/** Problem details from a filter, before anything that could write them is reached. */
final class ProblemText {
    private ProblemText() {}

    /** @param title and detail: words of this program, without quotes in them */
    static void write(HttpServletResponse response, HttpStatus status, String title, String detail) throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setCharacterEncoding("UTF-8");
        response.getWriter()
                .write(Wording.fill(
                        "{\"type\":\"about:blank\",\"title\":\"%s\",\"status\":%d,\"detail\":\"%s\"}",
                        title, status.value(), detail));
    }
}
