package org.handdown.server.web;

import org.handdown.measure.LengthText;
import org.handdown.measure.LengthUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;

/** The unit that whoever asked thinks in: a refusal is told in it, wherever it comes from. */
public final class AskedIn {
    private static final String UNIT = AskedIn.class.getName();

    private AskedIn() {}

    /** Notes the unit of the project that the request at work is about; outside a request nothing is noted. */
    public static void unit(LengthUnit unit) {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        if (request != null) {
            request.setAttribute(UNIT, unit, RequestAttributes.SCOPE_REQUEST);
        }
    }

    /** A refusal with its lengths in that unit; as it is where none is known, as for a file, whose lengths are in mm. */
    static String told(@Nullable String message) {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        String text = String.valueOf(message);
        return request != null && request.getAttribute(UNIT, RequestAttributes.SCOPE_REQUEST) instanceof LengthUnit unit
                ? LengthText.inSentence(text, unit)
                : LengthText.unmarked(text);
    }
}
