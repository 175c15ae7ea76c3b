package org.handdown.formats.outline;

import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

/** What is shown and what is hidden, by attributes, by an element's own style and by the plain rules of a drawing's style sheets. */
final class SvgStyle {
    private static final Pattern RULE = Pattern.compile("([^{}]+)\\{([^{}]*)\\}");
    private static final Pattern PLAIN = Pattern.compile("[.#]?[\\w-]+");
    private static final Pattern GONE = Pattern.compile("display\\s*:\\s*none");
    private static final Pattern VISIBILITY = Pattern.compile("visibility\\s*:\\s*(\\w+)");

    private final Set<String> goneBy = new HashSet<>();
    private final Set<String> hiddenBy = new HashSet<>();
    private boolean hasMore;

    SvgStyle(Element drawing) {
        NodeList sheets = drawing.getElementsByTagNameNS("*", "style");
        for (int i = 0; i < sheets.getLength(); i++) {
            String css = sheets.item(i).getTextContent().replaceAll("(?s)/\\*.*?\\*/", "");
            for (Matcher rule = RULE.matcher(css); rule.find(); ) {
                boolean gone = GONE.matcher(rule.group(2)).find();
                boolean hidden = isHiding(rule.group(2));
                if (gone || hidden) {
                    for (String selector : rule.group(1).split(",")) {
                        String one = selector.strip();
                        hasMore |= !PLAIN.matcher(one).matches();
                        (gone ? goneBy : hiddenBy).add(one);
                    }
                }
            }
        }
    }

    /** Is there a rule that hides something and is more than a name, a class or an id? */
    boolean hasMore() {
        return hasMore;
    }

    private static boolean isHiding(String style) {
        Matcher m = VISIBILITY.matcher(style);
        return m.find() && isHiddenWord(m.group(1));
    }

    private static boolean isHiddenWord(String word) {
        String lower = word.toLowerCase(Locale.ROOT);
        return lower.equals("hidden") || lower.equals("collapse");
    }

    /** Neither it nor anything in it is drawn. */
    boolean isGone(Element element) {
        return GONE.matcher(element.getAttribute("style")).find()
                || element.getAttribute("display").strip().equals("none")
                || isBy(goneBy, element);
    }

    /** Whether it is visible by its own word; null where it is as what holds it. */
    @Nullable
    Boolean visible(Element element) {
        Matcher own = VISIBILITY.matcher(element.getAttribute("style"));
        if (own.find()) {
            return !isHiddenWord(own.group(1));
        }
        if (isBy(hiddenBy, element)) {
            return false;
        }
        String attribute = element.getAttribute("visibility").strip();
        return attribute.isEmpty() || attribute.equals("inherit") ? null : !isHiddenWord(attribute);
    }

    private static boolean isBy(Set<String> selectors, Element element) {
        if (selectors.isEmpty()) {
            return false;
        }
        if (selectors.contains(element.getLocalName()) || selectors.contains("#" + element.getAttribute("id"))) {
            return true;
        }
        for (String name : element.getAttribute("class").strip().split("\\s+")) {
            if (selectors.contains("." + name)) {
                return true;
            }
        }
        return false;
    }
}
