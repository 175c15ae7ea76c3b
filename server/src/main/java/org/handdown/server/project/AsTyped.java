package org.handdown.server.project;

import java.util.ArrayDeque;
import java.util.Deque;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.TypedWords;
import org.jspecify.annotations.Nullable;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;

/** The lengths that the request at work typed, in the words they came in: kept with the project that it changes. */
final class AsTyped {
    private static final String HEARD = AsTyped.class.getName();
    /** However much a request holds, no more of it is remembered. */
    private static final int MOST = 200;

    private record Heard(Deque<Said> said) {}

    private record Said(String text, LengthUnit bare) {}

    private AsTyped() {}

    /** Notes a text that is a length; outside a request nothing is noted. */
    static void note(String text, LengthUnit bare) {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        if (request == null) {
            return;
        }
        Heard heard = heard(request);
        if (heard == null) {
            heard = new Heard(new ArrayDeque<>());
            request.setAttribute(HEARD, heard, RequestAttributes.SCOPE_REQUEST);
        }
        heard.said.addLast(new Said(text, bare));
        if (heard.said.size() > MOST) {
            heard.said.removeFirst();
        }
    }

    static TypedWords words() {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        Heard heard = request == null ? null : heard(request);
        TypedWords words = TypedWords.NONE;
        for (Said s : heard == null ? new ArrayDeque<Said>() : heard.said) {
            words = words.typed(s.text, s.bare);
        }
        return words;
    }

    private static @Nullable Heard heard(RequestAttributes request) {
        return request.getAttribute(HEARD, RequestAttributes.SCOPE_REQUEST) instanceof Heard heard ? heard : null;
    }
}
