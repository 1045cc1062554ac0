package toroid.core.form;

/** The hook of a clasp: loop, shank, hook, tip curled out. Parameters: loop, base, wraps, shank, hook, leg, tip. */
public final class Hooks {
    private Hooks() {}

    /** Bends it with the middle of its shank at height y. */
    public static void make(FormMaker maker, double y) {
        double half = maker.mm("shank") / 2;
        WireMaker base = maker.wire("hook", Loops.stem(0, y, 1, 1)).leave("shank, from the middle", half);
        if (maker.is("base", "wrapped")) {
            Loops.wrapped(base, maker.mm("loop"), maker.count("wraps"), "loop");
        } else {
            Loops.plain(base, maker.mm("loop"), "loop");
        }
        WireMaker hook = maker.wire("hook", Loops.stem(0, y, -1, 1)).leave("shank, from the middle", half);
        hook.port("hook", maker.mm("hook"), 1, Opening.MOUTH);
        hook.step(FormStep.Kind.FORM, "hook").bend(maker.mm("hook"), 180).straight(maker.mm("leg"));
        hook.step(FormStep.Kind.BEND, "tip, curled out").bend(maker.mm("tip"), -150);
        hook.tail(2).end(EndState.FILED);
        maker.secondEndLast(base, hook);
    }
}
