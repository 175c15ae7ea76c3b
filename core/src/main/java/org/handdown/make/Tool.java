package org.handdown.make;

import org.handdown.measure.Wording;

/** What a sewing table may have, and what its owner can do; each with what serves instead (common practice, no source). */
public enum Tool {
    OVERLOCKER(
            Kind.MACHINE,
            "overlocker",
            "No overlocker: zigzag the edges, 3 to 4 wide and 1.5 long; on cloth that frays fast bind them or sew French seams."),
    ZIGZAG(
            Kind.MACHINE,
            "zigzag stitch",
            "Only straight stitch: bind, fell or overcast the edges by hand; seams that stretch are sewn while pulling gently, or on a fold that need not stretch."),
    FREE_ARM(
            Kind.MACHINE,
            "free arm",
            "No free arm: turn the tube inside out and sew it from inside, turning it on the flat bed, needle down."),
    BUTTONHOLES(
            Kind.MACHINE,
            "buttonhole stitch",
            "No buttonhole stitch: two narrow rows of zigzag with bars, or by hand; loops and the old holes need none."),
    WALKING_FOOT(
            Kind.MACHINE,
            "walking foot",
            Wording.of(
                    "No walking foot: baste by hand, hold the layers taut before and behind the foot, pin every 3 cm.")),
    ROTARY_CUTTER(
            Kind.TOOL,
            "rotary cutter and mat",
            "No rotary cutter: long shears, the lower blade on the table, cloth held down by weights; slippery cloth between sheets of paper."),
    WEIGHTS(
            Kind.TOOL,
            "pattern weights",
            "No weights: tins or stones wrapped in cloth; pins only inside the allowances."),
    CLIPS(Kind.TOOL, "sewing clips", "No clips: pins inside the allowance, on thick cloth clothes pegs."),
    IRON(
            Kind.TOOL,
            "steam iron",
            "No iron: finger-press, or roll the fold hard with a wooden spoon; baste the fold and pull the thread out last. Thick crossings stay thicker."),
    BODKIN(Kind.TOOL, "bodkin", "No bodkin: a safety pin, closed end first; make the channel wide enough for it."),
    FORM(
            Kind.TOOL,
            "dress form",
            "No dress form: try it on before a mirror, wrong side out, and have somebody pin the back."),
    HELPER(
            Kind.TOOL,
            "somebody to help pin",
            "Nobody to pin: mark with chalk before a mirror, take it off, pin flat, try again; a photograph shows the back."),
    ZIPS(
            Kind.SKILL,
            "sets in zips",
            "Zips not yet: keep the old zip where it sits, or close with buttons, ties or loops."),
    SLEEVES(
            Kind.SKILL,
            "sets sleeves into armholes",
            "Set-in sleeves not yet: keep the source's own armhole and sleeve, or sew the sleeve on flat before the side seams."),
    WELTS(
            Kind.SKILL,
            "sews welt pockets",
            "Welts not yet: a patch pocket, or a pocket in the side seam; or sew three samples first.");

    /** Machine, tool or skill. */
    public enum Kind {
        MACHINE("the machine has"),
        TOOL("in the sewing box"),
        SKILL("learnt already");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    private final Kind kind;
    private final String words;
    private final String instead;

    Tool(Kind kind, String words, String instead) {
        this.kind = kind;
        this.words = words;
        this.instead = instead;
    }

    public Kind kind() {
        return kind;
    }

    public String words() {
        return words;
    }

    /** What to do without it. */
    public String instead() {
        return instead;
    }
}
