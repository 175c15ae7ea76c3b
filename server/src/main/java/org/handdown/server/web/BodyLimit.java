package org.handdown.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses a body that is larger than any project, or that does not say how large it is, before a byte of it is read. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class BodyLimit extends OncePerRequestFilter {
    private static final long LARGEST = 8L * 1024 * 1024;
    /** A photo of 25 MB and the form round it. */
    private static final long LARGEST_PHOTO = 26L * 1024 * 1024;

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean isPhoto = request.getRequestURI().endsWith("/photos");
        if (request.getContentLengthLong() > (isPhoto ? LARGEST_PHOTO : LARGEST)) {
            refuse(
                    response,
                    HttpStatus.PAYLOAD_TOO_LARGE,
                    "Too large",
                    isPhoto
                            ? "A photo may be 25 MB at most; take it with less quality."
                            : "A project file or drawing may be 8 MB at most.");
        } else if (String.valueOf(request.getContentType()).contains("*")) {
            refuse(
                    response,
                    HttpStatus.UNSUPPORTED_MEDIA_TYPE,
                    "Cannot be read",
                    "The request does not say what kind of content it carries; send application/json.");
        } else if (request.getHeader("Transfer-Encoding") != null) {
            refuse(response, HttpStatus.LENGTH_REQUIRED, "Length missing", "Send the body with a Content-Length.");
        } else {
            chain.doFilter(request, response);
        }
    }

    private static void refuse(HttpServletResponse response, HttpStatus status, String title, String detail)
            throws IOException {
        // Without this the connection would wait for the rest of a body that nobody reads.
        response.setHeader("Connection", "close");
        ProblemText.write(response, status, title, detail);
    }
}
