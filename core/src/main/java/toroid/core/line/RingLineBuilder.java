package toroid.core.line;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import toroid.core.metal.Metal;
import toroid.core.metal.MetalNames;
import toroid.core.metal.Temper;
import toroid.core.numeric.Refusal;
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
                    "line-twice",
                    "line",
                    lastSaid,
                    role.equals("wire") ? "Two sizes could both be the wire." : "The " + role + " is said twice.",
                    "Say which is which with on, id or od.");
        }
        say(lastSaid, role, reading.understoodAs());
    }

    void count(int value) {
        count = value;
    }

    void aspectRatio(double value) {
        aspectRatio = value;
    }

    void flush() {
        flush = true;
    }

    void saw(Double kerfMm) {
        saw = true;
        kerf = kerfMm == null ? USUAL_KERF_MM : kerfMm;
    }

    void turns(int value) {
        turns = value;
    }

    void fromLength(double millimetres) {
        fromLength = millimetres;
    }

    void fromMass(double grams) {
        fromMass = grams;
    }

    boolean metalOrTemper(String words) {
        var namedTemper = MetalNames.temper(words);
        var namedMetal = MetalNames.metal(words);
        namedTemper.ifPresent(found -> {
            temper = found;
            say(words, "temper", found.inWords());
        });
        namedMetal.ifPresent(found -> {
            metal = found;
            say(words, "metal", found.name());
        });
        return namedTemper.isPresent() || namedMetal.isPresent();
    }

    RingLine build() {
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
