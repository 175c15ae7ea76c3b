package org.handdown.server.shopping;

import java.util.List;
import org.handdown.server.project.Say;
import org.handdown.shopping.AtHand;
import org.handdown.shopping.Item;
import org.handdown.shopping.Shopping;

/**
 * A list of what a project takes beside the cloth on its table.
 *
 * @param missing lines that are not at hand
 * @param unreserved whether something is at hand that the project was not promised yet
 */
record ShoppingView(List<ItemView> items, int missing, boolean unreserved) {
    /**
     * @param needs and {@code lacks}: in words; empty for a thing that is one and whole
     * @param there whether all of it is at hand
     */
    record ItemView(
            Item.Sort sort,
            String what,
            String use,
            String needs,
            String lacks,
            String size,
            boolean there,
            List<AtHandView> atHand) {}

    /** @param counts whether it serves as it is; else it must be seen first */
    record AtHandView(String name, String where, boolean counts) {}

    static ShoppingView of(Shopping shopping, boolean unreserved, Say say) {
        return new ShoppingView(
                shopping.items().stream().map(i -> item(i, say)).toList(),
                shopping.missing().size(),
                unreserved);
    }

    private static ItemView item(Item item, Say say) {
        return new ItemView(
                item.sort(),
                item.what(),
                item.use(),
                say.sentence(item.words(item.needs())),
                say.sentence(item.words(item.missing())),
                say.sentence(item.size()),
                item.isThere(),
                item.atHand().stream().map(ShoppingView::atHand).toList());
    }

    private static AtHandView atHand(AtHand at) {
        return new AtHandView(at.name(), at.where(), at.amount() > 0);
    }
}
