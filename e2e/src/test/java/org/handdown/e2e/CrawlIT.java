package org.handdown.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.Response;
import com.microsoft.playwright.options.SelectOption;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/**
 * From an empty household: a dozen projects of every sort, and every control of every station pressed that can be pressed. Nothing may
 * break, and every refusal must be there to be read.
 */
class CrawlIT {
    /** What ends the crawl, leaves the page, or hands out files. */
    private static final String LEFT_ALONE =
            "(?is).*(sign out|throw away|to the table|words|bring a project|take a photo|choose a file|hand down|print|sheet|lay the|lay again|lay surely|what would help|how far|how little|try it).*";

    /** A control that was pressed so often, on whichever projects, tells nothing new. */
    private static final int OFTEN = 2;

    private static final List<String> STATIONS =
            List.of("aim", "source", "take-apart", "panels", "pieces", "lay", "make", "log");

    private record Sort(String garment, String draft, String kind) {}

    private static final List<Sort> DOZEN = List.of(
            new Sort("CUT_OUT", "t-shirt", "T_SHIRT"),
            new Sort("CUT_OUT", "wrap-skirt", "CURTAIN"),
            new Sort("CUT_OUT", "beanie", "JUMPER"),
            new Sort("CUT_OUT", "jacket", "BLANKET"),
            new Sort("CUT_OUT", "dungarees", "JEANS"),
            new Sort("CUT_OUT", "circle-skirt", "CIRCLE_SKIRT"),
            new Sort("CUT_OUT", "", "SCARF"),
            new Sort("CUT_OUT", "ruffle", "GATHERED_SKIRT"),
            new Sort("LET_OUT", "", "TROUSERS"),
            new Sort("LET_OUT", "", "PLEATED_SKIRT"),
            new Sort("TAKE_IN", "", "COAT"),
            new Sort("TAKE_IN", "", "SHIRT"));

    private String database = "";
    private Instance server;
    private Page page;
    private final List<String> faults = new ArrayList<>();
    private final List<String> refusals = new ArrayList<>();
    private final Map<String, Integer> pressed = new HashMap<>();
    private String doing = "";

    /** Questions of the page that nobody answered yet, to be named where one never is. */
    private final List<String> unanswered = new ArrayList<>();

    /** A document is on its way that will take the place of this one. */
    private boolean leaving;

    @BeforeEach
    void becomeTheOwner() throws IOException, InterruptedException {
        String[] started = Stage.script("start").split(" ");
        database = started[0];
        server = new Instance("crawl", started[1]);
        page = Stage.get().visitor(1280, 800, false);
        page.setDefaultTimeout(15_000);
        page.onPageError(e -> faults.add(doing + ": " + e));
        page.onRequest(r -> asked(r, true));
        page.onRequestFinished(r -> asked(r, false));
        page.onRequestFailed(r -> asked(r, false));
        page.onFrameNavigated(f -> left());
        page.onResponse(this::answered);
        page.navigate(server.address);
        page.getByLabel("Name of the household").fill("An empty house");
        page.getByLabel("Your name").fill("Odd");
        page.getByLabel("Name to sign in with").fill("odd");
        page.getByLabel("Password").fill("four plain words here");
        page.locator("form button").last().click();
        new Table(page).heading("On the table").waitFor();
    }

    @AfterEach
    void leave() throws IOException, InterruptedException {
        page.context().close();
        server.close();
        Stage.script("stop", database);
    }

    /** A stream of progress stays open as long as its run lasts: it is no question that waits for an answer. */
    private void asked(Request request, boolean begins) {
        if (request.url().endsWith("/runs/events")) {
            return;
        }
        String question = request.method() + " " + request.url();
        if (begins) {
            leaving |= request.isNavigationRequest();
            unanswered.add(question);
        } else {
            unanswered.remove(question);
        }
    }

    /**
     * What a document asked in the moment it was left, such as what a run found that ended just then, the browser may
     * drop without a word.
     */
    private void left() {
        if (leaving) {
            unanswered.clear();
            leaving = false;
        }
    }

    private void answered(Response response) {
        if (response.status() >= 500) {
            faults.add("%s: %s answers %d".formatted(doing, response.url(), response.status()));
        } else if (response.status() == 422 && !response.request().method().equals("GET")) {
            refusals.add(doing);
        }
    }

    @Test
    void everyControlOfEveryStationCanBePressed() {
        for (Sort sort : DOZEN) {
            String project = begin(sort);
            for (String station : STATIONS) {
                crawl(sort, project + "/" + station);
            }
            assertThat(page.url()).contains("/projects/");
        }
        assertThat(faults).isEmpty();
        assertThat(pressed.size()).as("controls that were pressed").isGreaterThan(150);
    }

    /** Begun over HTTP as the page would, from nothing but a height and what an average source measures. */
    private String begin(Sort sort) {
        doing = "beginning " + sort;
        String script = """
                async ({garment, draft, kind}) => {
                  const token = decodeURIComponent(document.cookie.split('; ').find(c => c.startsWith('XSRF-TOKEN=')).slice(11))
                  const ask = async (method, path, body) => {
                    const r = await fetch(path, {method, body: body === undefined ? '' : JSON.stringify(body),
                      headers: {'Content-Type': 'application/json', 'X-XSRF-TOKEN': token}})
                    if (!r.ok) throw new Error(method + ' ' + path + ' answers ' + r.status + ': ' + await r.text())
                    return r.json()
                  }
                  const kinds = await (await fetch('/api/source-kinds?unit=CM')).json()
                  const at = '/api/projects/' + (await ask('POST', '/api/projects', {name: garment + ' ' + draft + ' ' + kind})).id
                  await ask('PUT', at + '/aim?version=1', {garment, draft, what: draft || 'what I like', wearer: 'Odd', unit: 'CM',
                    measures: {HEIGHT: '168 cm'}})
                  const measures = Object.fromEntries(kinds.find(k => k.kind === kind).measures.map(m => [m.id, m.text]))
                  let view = await ask('PUT', at + '/source?version=2', {kind, name: 'Found', what: '', condition: '', care: '', cost: '',
                    measures, faults: [], cloth: {name: 'its cloth', fibre: '', colour: '#7a6a55', thickness: '1 mm', weave: 'TWILL',
                    heat: 'ONE_DOT', edge: 'FRAYS', oneWay: false, reversible: false, slippery: false, pinMarks: false,
                    neverFlatten: false, prettyInside: false}})
                  if (garment === 'CUT_OUT') {
                    const joins = Object.fromEntries(view.takeApart.joins.map(j => [j.id, 'UNPICK']))
                    await ask('PUT', at + '/joins?version=3', {joins})
                    await ask('POST', at + '/panels/redo?version=4')
                  }
                  return at.replace('/api', '')
                }
                """;
        return (String)
                page.evaluate(script, Map.of("garment", sort.garment(), "draft", sort.draft(), "kind", sort.kind()));
    }

    private void crawl(Sort sort, String path) {
        doing = sort + " at " + path.replaceAll(".*/", "");
        visit(path);
        int tabs = Math.max(
                1, page.getByRole(com.microsoft.playwright.options.AriaRole.TAB).count());
        for (int tab = 0; tab < tabs; tab++) {
            openTab(path, tab);
            nothingBlank();
            // Names first: pressing one may take others away.
            List<String> names = names();
            for (String name : names) {
                String key = path.replaceAll(".*/", "") + " · " + name;
                if (pressed.merge(key, 1, Integer::sum) <= OFTEN) {
                    press(path, tab, name);
                }
            }
        }
    }

    private void visit(String path) {
        page.navigate(server.address + path);
        settled();
        page.locator("nav[aria-label=Stations]").waitFor();
    }

    private void openTab(String path, int tab) {
        Locator all = page.getByRole(com.microsoft.playwright.options.AriaRole.TAB);
        if (tab < all.count() && !"true".equals(all.nth(tab).getAttribute("aria-selected"))) {
            all.nth(tab).click();
            settled();
        }
    }

    /** Names of all that can be pressed now, in order; each is marked with its place, so that it is found again. */
    @SuppressWarnings("unchecked")
    private List<String> controls() {
        return (List<String>) page.evaluate("""
                () => [...document.querySelectorAll('section button, section select, section input[type=checkbox], header button')]
                  .filter(c => !c.disabled && c.checkVisibility())
                  .map((c, place) => {
                    c.dataset.crawl = place
                    return (c.getAttribute('aria-label')
                      || (c.tagName === 'BUTTON' ? c.innerText : c.labels?.[0]?.innerText.split('\\n')[0]) || '').trim()
                  })
                """);
    }

    private List<String> names() {
        return controls().stream()
                .filter(name -> !name.isBlank() && !name.matches(LEFT_ALONE))
                .distinct()
                .toList();
    }

    private void press(String path, int tab, String name) {
        if (!page.url().endsWith(path)) {
            visit(path);
        }
        openTab(path, tab);
        doing = path.replaceAll(".*/", "") + " · " + name;
        refusals.clear();
        int place = controls().indexOf(name);
        if (place < 0) {
            // Another press before took it away.
            return;
        }
        try {
            act(page.locator("[data-crawl=\"" + place + "\"]").first());
        } catch (PlaywrightException gone) {
            return;
        }
        settled();
        if (!refusals.isEmpty()
                && page.locator("[role=alert]:visible, [aria-invalid=true]:visible")
                                .count()
                        == 0) {
            faults.add(doing + ": was refused, and nothing on the page says so");
        }
        nothingBlank();
    }

    /** A drawing to scale draws something: rulers round nothing tell nobody anything. */
    private void nothingBlank() {
        Object blank = page.evaluate("""
                () => [...document.querySelectorAll('svg[role=group]')]
                  .filter(s => s.checkVisibility() && !s.querySelector('g[transform] :is(path, rect, circle, ellipse, polygon, text)'))
                  .map(s => s.getAttribute('aria-label')).join(', ')
                """);
        if (!"".equals(blank)) {
            faults.add(doing + ": the drawing is blank: " + blank);
        }
    }

    private static void act(Locator control) {
        if (control.evaluate("c => c.tagName").equals("SELECT")) {
            int options = (int) control.evaluate("c => c.options.length");
            control.selectOption(
                    new SelectOption().setIndex(options - 1), new Locator.SelectOptionOptions().setTimeout(2_000));
        } else {
            control.click(new Locator.ClickOptions().setTimeout(2_000));
        }
    }

    /** Until every question that the page has asked is answered. A run that is begun goes on by itself. */
    private void settled() {
        answered();
        page.evaluate("() => new Promise(done => requestAnimationFrame(() => setTimeout(done, 0)))");
        answered();
    }

    /** One that never comes is named. */
    private void answered() {
        try {
            page.waitForCondition(unanswered::isEmpty);
        } catch (PlaywrightException late) {
            throw new AssertionError(doing + ": never answered: " + unanswered, late);
        }
    }
}
