package org.handdown.server.project;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import org.handdown.project.Kept;
import org.handdown.project.Project;
import org.handdown.project.Workroom;
import org.jspecify.annotations.Nullable;

/** A project on its way to the page: what follows from it, and how its lengths are told. */
public record Shown(Project project, Workroom room, Say say) {
    public static Shown of(Project project, Workroom room) {
        return new Shown(project, room, Say.to(project));
    }

    /** Which lengths the fields of a view show, follows from what it is made from; how they were typed, does not. */
    private record Fields(List<Double> mm) {}

    /**
     * A view that is kept under what it is made from, the unit, and how the lengths in its fields were typed.
     *
     * @param make the view, telling lengths as it is told
     */
    public <T> T kept(Kept.Result result, List<? extends @Nullable Object> from, Function<Shown, T> make) {
        List<@Nullable Object> key = new ArrayList<>(from);
        key.add(result);
        key.add(say.unit());
        List<T> made = new ArrayList<>();
        Fields fields = room.kept().of(Kept.Result.FIELDS, key, () -> {
            Set<Double> heard = new TreeSet<>();
            made.add(make.apply(new Shown(project, room, say.telling(heard::add))));
            return new Fields(List.copyOf(heard));
        });
        key.add(say.typed(fields.mm));
        return room.kept().of(result, key, () -> made.isEmpty() ? make.apply(this) : made.get(0));
    }
}
