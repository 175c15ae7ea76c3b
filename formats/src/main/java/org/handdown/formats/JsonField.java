package org.handdown.formats;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import org.handdown.geometry.Point;
import org.handdown.geometry.Ring;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/**
 * A value in a JSON document that knows its own path, so that a refusal can say where: {@code panels[0].outline[3]}. Unknown fields
 * are passed over, since formats may grow; a field of the wrong kind never is.
 */
public record JsonField(String path, JsonNode node) {
    /** Beyond any length in mm or area in mm² that means something. */
    private static final double LARGEST = 1e12;

    private static final double FARTHEST_MM = 1e6;

    public static JsonField root(JsonNode node) {
        return new JsonField("", node);
    }

    public JsonField get(String name) {
        requireObject();
        return new JsonField(path.isEmpty() ? name : path + "." + name, node.path(name));
    }

    public boolean isPresent() {
        return !node.isMissingNode() && !node.isNull();
    }

    /** The same refusal, told with the path of this value. */
    public <T> T refusingHere(java.util.function.Supplier<T> make) {
        try {
            return make.get();
        } catch (RefusedValueException e) {
            // A field that was read here already names its whole path; one that a value refused only its own.
            throw path.isEmpty() || e.field().startsWith(path) ? e : e.within(path);
        }
    }

    public RefusedValueException refusal(String message) {
        return new RefusedValueException(path.isEmpty() ? "file" : path, message);
    }

    public JsonField required() {
        if (!isPresent()) {
            throw refusal("is missing.");
        }
        return this;
    }

    public String text() {
        if (!required().node.isTextual()) {
            throw refusal(Wording.fill("must be a text, but is %s.", shown()));
        }
        if (node.textValue().indexOf('\0') >= 0) {
            throw refusal("holds a character that cannot be stored (code 0); take it out.");
        }
        return node.textValue();
    }

    public String text(String otherwise) {
        return isPresent() ? text() : otherwise;
    }

    /** A text that names something: not empty. */
    public String name() {
        String name = text();
        if (name.isBlank()) {
            throw refusal("is empty; give it a name.");
        }
        return name;
    }

    public double number() {
        if (!required().node.isNumber() || !Double.isFinite(node.doubleValue())) {
            throw refusal(Wording.fill("must be a number, but is %s.", shown()));
        }
        if (Math.abs(node.doubleValue()) > LARGEST) {
            throw refusal(Wording.fill("is %s, larger than anything that is ever measured here.", shown()));
        }
        return node.doubleValue();
    }

    /** A number that counts or marks and may be as large as its kind. */
    public long mark(long otherwise) {
        if (isPresent() && !node.isNumber()) {
            throw refusal(Wording.fill("must be a number, but is %s.", shown()));
        }
        return isPresent() ? node.longValue() : otherwise;
    }

    public double number(double otherwise) {
        return isPresent() ? number() : otherwise;
    }

    public int whole() {
        if (!required().node.isNumber()
                || !node.canConvertToInt()
                || node.doubleValue() != Math.rint(node.doubleValue())) {
            throw refusal(Wording.fill("must be a whole number, but is %s.", shown()));
        }
        return node.intValue();
    }

    public int whole(int otherwise) {
        return isPresent() ? whole() : otherwise;
    }

    public boolean flag(boolean otherwise) {
        if (!isPresent()) {
            return otherwise;
        }
        if (!node.isBoolean()) {
            throw refusal(Wording.fill("must be true or false, but is %s.", shown()));
        }
        return node.booleanValue();
    }

    /** One of the constants, written in lower case. */
    public <E extends Enum<E>> E word(Class<E> kind) {
        String word = text();
        for (E constant : kind.getEnumConstants()) {
            if (constant.name().toLowerCase(Locale.ROOT).equals(word)) {
                return constant;
            }
        }
        List<String> known = new ArrayList<>();
        for (E constant : kind.getEnumConstants()) {
            known.add(constant.name().toLowerCase(Locale.ROOT));
        }
        throw refusal(Wording.fill("is “%s”; it must be one of %s.", word, String.join(", ", known)));
    }

    public <E extends Enum<E>> E word(Class<E> kind, E otherwise) {
        return isPresent() ? word(kind) : otherwise;
    }

    /** Names of the fields of an object; an absent object has none. */
    public List<String> names() {
        if (!isPresent()) {
            return List.of();
        }
        requireObject();
        List<String> names = new ArrayList<>();
        node.fieldNames().forEachRemaining(names::add);
        if (names.stream().anyMatch(n -> n.indexOf('\0') >= 0)) {
            throw refusal("has a name with a character that cannot be stored (code 0); take it out.");
        }
        return names;
    }

    /** Elements of a list; an absent list is empty. */
    public <T> List<T> list(Function<JsonField, T> read) {
        if (!isPresent()) {
            return List.of();
        }
        if (!node.isArray()) {
            throw refusal(Wording.fill("must be a list, but is %s.", shown()));
        }
        List<T> items = new ArrayList<>(node.size());
        for (int i = 0; i < node.size(); i++) {
            items.add(read.apply(new JsonField(path + "[" + i + "]", node.get(i))));
        }
        return items;
    }

    public Point point() {
        if (!required().node.isArray() || node.size() != 2) {
            throw refusal(Wording.fill("must be a point [x, y] in mm, but is %s.", shown()));
        }
        Point point = new Point(
                new JsonField(path + "[0]", node.get(0)).number(), new JsonField(path + "[1]", node.get(1)).number());
        if (Math.abs(point.x()) > FARTHEST_MM || Math.abs(point.y()) > FARTHEST_MM) {
            throw refusal("lies farther off than a kilometre; no cloth is that large. Check the unit: it is mm.");
        }
        return point;
    }

    public Ring ring() {
        required();
        List<Point> points = list(JsonField::point);
        if (points.size() < 3) {
            throw refusal(Wording.fill("has %d points; an outline needs at least three.", points.size()));
        }
        return new Ring(points);
    }

    private void requireObject() {
        if (!node.isObject()) {
            throw refusal(Wording.fill("must be an object { … }, but is %s.", shown()));
        }
    }

    private String shown() {
        String text = node.toString();
        return text.length() > 40 ? text.substring(0, 40) + "…" : text;
    }
}
