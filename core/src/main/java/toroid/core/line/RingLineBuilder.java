package toroid.core.line;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import toroid.core.metal.Metal;
import toroid.core.metal.MetalNames;
import toroid.core.metal.Temper;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.quantity.LengthReading;
import toroid.core.ring.RingCut;

/** Gathers what a bench line says; refuses the same thing said twice. */
final class RingLineBuilder {
    /** A saw whose kerf is not said: a middling jeweller's blade (common practice: 0.2 to 0.5 mm). */
    private static final double USUAL_KERF_MM = 0.3;

    private final Map<String, LengthReading> sizes = new HashMap<>();
    private final List<RingLine.Understood> understood = new ArrayList<>();
    private String lastSaid = "";
    private Integer count;
    private Double aspectRatio;
    private Metal metal;
    private Temper temper;
    private boolean flush;
    private Double kerf;
    private boolean saw;
    private int turns = 1;
    private Double fromLength;
    private Double fromMass;

    void say(String said, String role, String as) {
        understood.add(new RingLine.Understood(said, role, as));
    }

    void lastSaid(String words) {
        lastSaid = words;
    }

    void size(String role, LengthReading reading) {
        if (sizes.putIfAbsent(role, reading) != null) {
            throw Refusal.of(
                            role.equals("wire") ? RefusalCode.LINE_TWO_WIRES : RefusalCode.LINE_TWICE, "line", lastSaid)
                    .with("role", role);
        }
        say(lastSaid, role, reading.understoodAs());
    }

    boolean has(String role) {
        return sizes.containsKey(role);
    }

    double mm(String role) {
        return sizes.get(role).length().inMillimetres();
    }

    /** Whether anything but the wire says how large the ring is. */
    boolean isSized() {
        return has("mandrel") || has("inner") || has("outer") || aspectRatio != null;
    }

    private static void once(boolean said, String role, String word) {
        if (said) {
            throw LineWords.twice(word, role);
        }
    }

    void count(int value, String word) {
        once(count != null, "count", word);
        count = value;
    }

    void aspectRatio(double value) {
        once(aspectRatio != null, "aspect ratio", "ar");
        aspectRatio = value;
    }

    void flush() {
        once(flush || saw, "cut", "flush");
        flush = true;
    }

    void saw(Double kerfMm) {
        once(flush || saw, "cut", "saw");
        saw = true;
        kerf = kerfMm == null ? USUAL_KERF_MM : kerfMm;
    }

    void turns(int value) {
        once(turns > 1, "turns", value == 2 ? "double" : "triple");
        turns = value;
    }

    void fromLength(double millimetres) {
        once(fromLength != null || fromMass != null, "from", "from");
        fromLength = millimetres;
    }

    void fromMass(double grams) {
        once(fromLength != null || fromMass != null, "from", "from");
        fromMass = grams;
    }

    boolean metalOrTemper(String words) {
        var namedTemper = MetalNames.temper(words);
        var namedMetal = MetalNames.metal(words);
        namedTemper.ifPresent(found -> {
            once(temper != null, "temper", words);
            temper = found;
            say(words, "temper", found.inWords());
        });
        namedMetal.ifPresent(found -> {
            once(metal != null, "metal", words);
            metal = found;
            say(words, "metal", found.name());
        });
        return namedTemper.isPresent() || namedMetal.isPresent();
    }

    /** A ring hardly wider than its wire is nobody's; two sizes that look changed about are asked for. */
    private void checkRatio() {
        if (!has("wire")) {
            return;
        }
        double wire = mm("wire");
        for (String role : new String[] {"mandrel", "inner", "outer"}) {
            if (has(role)) {
                double inner = role.equals("outer") ? mm(role) - 2 * wire : mm(role);
                if (inner < LEAST_RATIO * wire) {
                    boolean changedAbout = inner > 0 && wire > mm(role);
                    throw LineWords.asks(
                                    changedAbout
                                            ? RefusalCode.LINE_HARDLY_A_HOLE_CHANGED_ABOUT
                                            : RefusalCode.LINE_HARDLY_A_HOLE,
                                    lastSaid)
                            .with("wire", said("wire"))
                            .with("ring", said(role))
                            .with("role", role);
                }
            }
        }
        if (aspectRatio != null && aspectRatio < LEAST_RATIO) {
            throw LineWords.asks(RefusalCode.LINE_RATIO_HARDLY_A_HOLE, "ar").with("ratio", aspectRatio);
        }
    }

    private String said(String role) {
        return sizes.get(role).understoodAs();
    }

    /** Below this a line is asked about, not answered. */
    private static final double LEAST_RATIO = 1.5;

    RingLine build() {
        checkRatio();
        LengthReading wire = sizes.get("wire");
        RingCut cut = saw
                ? new RingCut.Saw(kerf)
                : flush && wire != null
                        ? RingCut.Flush.usualFor(wire.length().inMillimetres())
                        : flush ? new RingCut.Flush(0.75, true) : null;
        return new RingLine(
                count,
                wire,
                sizes.get("mandrel"),
                sizes.get("inner"),
                sizes.get("outer"),
                aspectRatio,
                metal,
                temper,
                cut,
                turns,
                fromLength,
                fromMass,
                List.copyOf(understood));
    }
}
