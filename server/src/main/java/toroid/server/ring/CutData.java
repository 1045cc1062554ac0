package toroid.server.ring;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;
import java.util.Locale;
import toroid.core.numeric.Refusal;
import toroid.core.ring.RingCut;
import toroid.server.store.ServerCode;

/**
 * How rings are parted.
 *
 * @param method {@code none}, {@code saw} or {@code flush}
 * @param kerfMm saw: kerf, mm; 0.3 when left out
 * @param trimMm flush cutters: trimmed off the coil between rings, mm; three quarters of the wire when left out
 * @param flipped flush cutters: turned over before each ring; true when left out
 */
public record CutData(
        @NotNull @Schema(allowableValues = {"none", "saw", "flush"})
        String method,

        Double kerfMm,
        Double trimMm,
        Boolean flipped) {
    private static final double USUAL_KERF_MM = 0.3;

    public static CutData none() {
        return new CutData("none", null, null, null);
    }

    /** The cut in the core's terms for that wire. */
    public RingCut toCore(double wireDiameterMm) {
        String said = method == null
                ? "none"
                : method.strip().toLowerCase(Locale.ROOT).replace('_', '-');
        return switch (said) {
            case "none", "" -> new RingCut.None();
            case "saw", "disc" -> new RingCut.Saw(kerfMm == null ? USUAL_KERF_MM : kerfMm);
            case "flush", "cutters", "flush-cutters" ->
                new RingCut.Flush(
                        trimMm == null ? RingCut.Flush.usualFor(wireDiameterMm).trimMm() : trimMm,
                        flipped == null || flipped);
            default -> throw Refusal.of(ServerCode.UNKNOWN_CUT, "cut.method", method);
        };
    }

    /** As stored: method, loss, flipped. */
    public static CutData stored(String method, double lossMm, boolean flipped) {
        return switch (method) {
            case "saw" -> new CutData("saw", lossMm, null, null);
            case "flush" -> new CutData("flush", null, lossMm, flipped);
            default -> none();
        };
    }

    /** Kerf or trim as stored, mm. */
    public double lossMm(double wireDiameterMm) {
        RingCut cut = toCore(wireDiameterMm);
        return cut instanceof RingCut.Flush flush ? flush.trimMm() : cut.ringLossMm();
    }

    /** The method's one spelling. */
    public String storedMethod(double wireDiameterMm) {
        RingCut cut = toCore(wireDiameterMm);
        return cut instanceof RingCut.Saw ? "saw" : cut instanceof RingCut.Flush ? "flush" : "none";
    }

    public boolean storedFlipped() {
        return flipped == null || flipped;
    }
}
