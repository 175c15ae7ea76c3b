package org.handdown.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.sql.SQLException;
import java.sql.SQLNonTransientConnectionException;
import java.sql.SQLTransientConnectionException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.TransientDataAccessException;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.CannotGetJdbcConnectionException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionSystemException;
import org.springframework.web.filter.OncePerRequestFilter;

/** A database that is away for a while: 503 and when to ask again, also where the session itself could not be read. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class DatabaseAway extends OncePerRequestFilter {
    static final String TITLE = "The data cannot be reached";
    static final String DETAIL =
            "The database does not answer at the moment. Nothing was stored; everything goes on by itself once it is back.";
    static final int ASK_AGAIN_SECONDS = 5;
    private static final Logger LOG = LoggerFactory.getLogger(DatabaseAway.class);
    private static final int DEEPEST = 12;

    /** Is the database the reason, or is it ours? */
    static boolean is(Throwable error) {
        @Nullable Throwable cause = error;
        for (int depth = 0; cause != null && depth < DEEPEST; depth++) {
            if (cause instanceof CannotCreateTransactionException
                    || cause instanceof CannotGetJdbcConnectionException
                    || cause instanceof DataAccessResourceFailureException
                    || cause instanceof TransientDataAccessException
                    || cause instanceof SQLTransientConnectionException
                    || cause instanceof SQLNonTransientConnectionException
                    || cause instanceof SQLException sql && isCutOff(sql.getSQLState())) {
                return true;
            }
            // A rollback over a connection that is gone hides why it was rolled back.
            if (cause instanceof TransactionSystemException hidden && hidden.getApplicationException() != null) {
                if (is(hidden.getApplicationException())) {
                    return true;
                }
            }
            cause = cause.getCause();
        }
        return false;
    }

    /** SQLSTATE of a connection that broke (class 08), or that the server ended or refuses while it starts or stops (57P01 to 57P03). */
    private static boolean isCutOff(@Nullable String state) {
        return state != null && (state.startsWith("08") || state.startsWith("57P"));
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (ServletException | IOException | RuntimeException e) {
            if (!is(e) || response.isCommitted()) {
                throw e;
            }
            LOG.warn("The database does not answer: {}", e.getMessage());
            response.reset();
            response.setHeader("Retry-After", String.valueOf(ASK_AGAIN_SECONDS));
            ProblemText.write(response, HttpStatus.SERVICE_UNAVAILABLE, TITLE, DETAIL);
        }
    }
}
