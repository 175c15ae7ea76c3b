package org.handdown.alter.stack;

import java.util.List;

/** What can be done to a garment that stays sewn. */
public enum AlterationKind {
    SHORTEN("shorten an end", "cut off or turned up at a level", new Shorten()),
    BAND_OUT("shorten inside, keep the end", "a band cut out and the rest sewn together, or a tuck", new BandOut()),
    MOVE_SEAM("take in or let out a seam", "by what was pinned at places along it", new MoveSeam()),
    NEW_NECK("cut a new neck", "deeper or wider, its own band put back, turned or bound", new NewNeck()),
    OPEN_FRONT("open a front", "slit from end to end, with edges, gap, bands and closing", new OpenFront()),
    CLOSE_UP("sew a closing shut", "buttons, a zip, a fly: it opens no more", new CloseUp()),
    ADD_BAND("sew a strip to an end", "a band, a tier, a ruffle or a rib makes it longer", new AddBand()),
    LET_DOWN("let a hem down", "the garment grows by what lies in it, or nearly all with a facing", new LetDown()),
    DRAW_IN("draw an end in", "elastic, a cord, rows of elastic thread, or gathers on a tape", new DrawIn()),
    DARTS("take in by darts", "at a waist, a hem or a neck, both sides alike", new Darts()),
    LEGS_TO_SKIRT("make a skirt of trousers", "inseams opened, the crotch lapped, wedges let in", new LegsToSkirt()),
    TURN_ROUND("turn it upside down", "the hem becomes the waist, the neck or waist the hem", new TurnRound()),
    INSERT("let a piece into a seam", "a side panel, godet or wedge", new Insert()),
    PATCH("sew a pocket or patch on", "at a place, alike on both sides; it may cover a flaw", new Patch()),
    DISTRESS("wear a place down", "two short slits first, then as far as it is wanted", new Distress()),
    TAKE_OFF("take a part off", "a sleeve, collar, pocket or band, whole", new TakeOff());

    private final String words;
    private final String meaning;
    private final Altering altering;

    AlterationKind(String words, String meaning, Altering altering) {
        this.words = words;
        this.meaning = meaning;
        this.altering = altering;
    }

    public String words() {
        return words;
    }

    public String meaning() {
        return meaning;
    }

    public List<Ask> asks() {
        return altering.asks();
    }

    /** What it asks as it is told so far. */
    public List<Ask> asks(Alteration told) {
        List<Ask> all = asks();
        return all.stream().filter(a -> a.isAsked(all, told.picks())).toList();
    }

    /** What can be answered on a garment. */
    public List<Ask.Option> options(Ask ask, GarmentNow garment) {
        return ask.options(garment).stream()
                .filter(o -> altering.offers(ask, garment, o))
                .toList();
    }

    /** Which of what can be picked is proposed first. */
    public Ask.Option proposed(Ask ask, GarmentNow garment, List<Ask.Option> options) {
        return options.stream()
                .filter(o -> altering.suits(ask, garment, o))
                .findFirst()
                .orElse(options.get(0));
    }

    Effect on(GarmentNow before, Alteration alteration) {
        return altering.on(before, new Told(before, alteration));
    }
}
