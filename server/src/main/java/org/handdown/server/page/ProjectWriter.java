package org.handdown.server.page;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.lang.reflect.RecordComponent;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.handdown.server.project.StoredProject;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.HttpOutputMessage;
import org.springframework.http.MediaType;
import org.springframework.http.converter.AbstractHttpMessageConverter;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/**
 * Writes what there is to see of a project, each part once as long as it stays the same. Every answer has a mark of its own in {@code
 * X-Known}; who asks with the mark of what it holds gets the parts that differ from that and the names of the others under {@code same},
 * whoever else gets all of it.
 */
@Component
class ProjectWriter extends AbstractHttpMessageConverter<StoredProject> {
    static final String KNOWN = "X-Known";
    /** Views that somebody may hold still; they share the parts in which they are alike. */
    private static final int SENT = 1000;

    private static final int USUAL_BYTES = 65_536;

    private static final List<RecordComponent> PARTS = List.of(ProjectView.class.getRecordComponents());

    static {
        SpringDocUtils.getConfig().replaceWithClass(StoredProject.class, ProjectView.class);
    }

    private final ObjectMapper json;
    private final Cache<String, ProjectView> sent =
            Caffeine.newBuilder().maximumSize(SENT).softValues().build();
    /** By identity: parts are values that nobody changes. */
    private final Cache<Object, byte[]> written =
            Caffeine.newBuilder().weakKeys().build();

    ProjectWriter(ObjectMapper json) {
        super(MediaType.APPLICATION_JSON);
        this.json = json;
    }

    @Override
    protected boolean supports(Class<?> type) {
        return type == StoredProject.class;
    }

    @Override
    public boolean canRead(Class<?> type, @Nullable MediaType media) {
        return false;
    }

    @Override
    protected StoredProject readInternal(Class<? extends StoredProject> type, HttpInputMessage input) {
        throw new UnsupportedOperationException("Projects are read from their open format.");
    }

    @Override
    protected void writeInternal(StoredProject stored, HttpOutputMessage output) throws IOException {
        ProjectView view = ProjectViews.of(stored);
        ProjectView held = held(view.id());
        String mark = UUID.randomUUID().toString();
        sent.put(mark, view);
        output.getHeaders().set(KNOWN, mark);
        // In one piece: each write goes through all that wraps a response.
        ByteArrayOutputStream whole = new ByteArrayOutputStream(USUAL_BYTES);
        write(view, held, whole);
        output.getHeaders().setContentLength(whole.size());
        whole.writeTo(output.getBody());
    }

    /** What the asker holds of this project; null where that is not known, or not any more. */
    private @Nullable ProjectView held(String id) {
        String mark = RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes request
                ? request.getRequest().getHeader(KNOWN)
                : null;
        ProjectView held = mark == null ? null : sent.getIfPresent(mark);
        return held != null && held.id().equals(id) ? held : null;
    }

    private void write(ProjectView view, @Nullable ProjectView held, OutputStream out) throws IOException {
        List<String> same = new ArrayList<>();
        char before = '{';
        for (RecordComponent part : PARTS) {
            byte[] bytes = bytes(value(part, view));
            boolean needed = part.getName().equals("id") || part.getName().equals("version");
            if (!needed && held != null && Arrays.equals(bytes, bytes(value(part, held)))) {
                same.add(part.getName());
                continue;
            }
            out.write(before);
            out.write(('"' + part.getName() + "\":").getBytes(StandardCharsets.UTF_8));
            out.write(bytes);
            before = ',';
        }
        if (held != null) {
            out.write(",\"same\":".getBytes(StandardCharsets.UTF_8));
            out.write(json.writeValueAsBytes(same));
        }
        out.write('}');
    }

    private static @Nullable Object value(RecordComponent part, ProjectView view) {
        try {
            return part.getAccessor().invoke(view);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException("Impossible state: a part of the view cannot be read.", e);
        }
    }

    private byte[] bytes(@Nullable Object part) {
        return part instanceof Record || part instanceof List<?> ? written.get(part, this::fresh) : fresh(part);
    }

    private byte[] fresh(@Nullable Object part) {
        try {
            return json.writeValueAsBytes(part);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
