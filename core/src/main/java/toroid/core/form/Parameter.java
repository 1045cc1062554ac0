package toroid.core.form;

import java.util.List;
import java.util.function.DoubleUnaryOperator;

/**
 * One thing about a form that a maker chooses. Default and limits follow the wire's diameter, so that a form scales.
 *
 * @param id stable name
 * @param name as shown
 * @param unit {@code mm}, {@code °} or empty
 * @param usual default from the wire's diameter in mm
 * @param least lower limit from the wire's diameter
 * @param most upper limit from the wire's diameter
 * @param reason what it is or how to choose it, why the limits stand: a few words, never empty; lengths in it stand in braces as
 *     {@code {8..10}} or {@code {0.3}}, mm, and are shown in the maker's unit
 * @param measured whether it is measured on what is there, a bead, a ring, a cord, and not chosen
 * @param onlyWhen choices as {@code id=word}, one of which must be taken for it to count; empty when it always does
 */
public record Parameter(
        String id,
        String name,
        Kind kind,
        String unit,
        DoubleUnaryOperator usual,
        DoubleUnaryOperator least,
        DoubleUnaryOperator most,
        List<String> choices,
        String reason,
        boolean measured,
        List<String> onlyWhen) {
    /** What kind of value it takes. A choice's number is its place in {@code choices}. */
    public enum Kind {
        LENGTH,
        ANGLE,
        COUNT,
        CHOICE,
        /** Rows of an outline: how far to feed, how far to turn the plane, how far to bend, on what radius. */
        ROWS,
        /** What is threaded on the wire, in order: beads, spacers, caps, coils ({@link StackItem}). */
        STACK
    }

    public Parameter {
        choices = List.copyOf(choices);
        onlyWhen = List.copyOf(onlyWhen);
    }

    /** The same, counting only when one of these choices, {@code id=word}, is taken. */
    public Parameter when(String... choicesTaken) {
        return new Parameter(
                id, name, kind, unit, usual, least, most, choices, reason, measured, List.of(choicesTaken));
    }

    /** The same, told in these words. */
    public Parameter because(String words) {
        return new Parameter(id, name, kind, unit, usual, least, most, choices, words, measured, onlyWhen);
    }

    /** The same, measured and not chosen. */
    public Parameter asMeasured() {
        return new Parameter(id, name, kind, unit, usual, least, most, choices, reason, true, onlyWhen);
    }

    /** A length in mm. */
    public static Parameter length(
            String id,
            String name,
            DoubleUnaryOperator usual,
            DoubleUnaryOperator least,
            DoubleUnaryOperator most,
            String reason) {
        return new Parameter(id, name, Kind.LENGTH, "mm", usual, least, most, List.of(), reason, false, List.of());
    }

    /** A length in mm that does not follow the wire. */
    public static Parameter fixed(String id, String name, double usual, double least, double most, String reason) {
        return length(id, name, d -> usual, d -> least, d -> most, reason);
    }

    public static Parameter angle(String id, String name, double usual, double least, double most, String reason) {
        return new Parameter(
                id, name, Kind.ANGLE, "°", d -> usual, d -> least, d -> most, List.of(), reason, false, List.of());
    }

    public static Parameter count(String id, String name, int usual, int least, int most, String reason) {
        return new Parameter(
                id, name, Kind.COUNT, "", d -> usual, d -> least, d -> most, List.of(), reason, false, List.of());
    }

    /** A share in per cent: the hand's own, learnt and not chosen. */
    public static Parameter percent(String id, String name, double usual, double least, double most, String reason) {
        return new Parameter(
                id, name, Kind.COUNT, "%", d -> usual, d -> least, d -> most, List.of(), reason, true, List.of());
    }

    /** One of several; the first is the default. What decides between them is said with {@link #because}. */
    public static Parameter choice(String id, String name, String... choices) {
        int last = choices.length - 1;
        return new Parameter(
                id, name, Kind.CHOICE, "", d -> 0, d -> 0, d -> last, List.of(choices), "", false, List.of());
    }

    /** The rows of an outline. */
    public static Parameter rows(String id, String name) {
        return new Parameter(
                id,
                name,
                Kind.ROWS,
                "",
                d -> 0,
                d -> 0,
                d -> 0,
                List.of(),
                "In order along the wire: feed, turn the plane, bend on a radius.",
                false,
                List.of());
    }

    /** What is threaded on the wire, in order. */
    public static Parameter stack(String id, String name, String reason) {
        return new Parameter(id, name, Kind.STACK, "", d -> 0, d -> 0, d -> 0, List.of(), reason, false, List.of());
    }

    /** A loop's inside diameter: smaller than the wire itself it cannot be turned on any jaw. */
    public static Parameter loop(String id, String name, double usualInWires) {
        return length(
                id,
                name,
                d -> Math.round(usualInWires * d * 10) / 10.0,
                d -> 1.2 * d,
                d -> 40 * d,
                "As finished. Under its wire no jaw turns it.");
    }

    /** How thick what goes through a loop is: a ring's wire, a cord. */
    public static Parameter through() {
        return length(
                        "through",
                        "what goes through, thick",
                        d -> Math.round(10 * d) / 10.0,
                        d -> 0,
                        d -> 40,
                        "Measure the ring's wire or the cord.")
                .asMeasured();
    }

    /** A bead's diameter. */
    public static Parameter bead(double usual) {
        return fixed("bead", "bead", usual, 1, 60, "Measure the bead.").asMeasured();
    }

    /** A bead's hole, as measured. */
    public static Parameter hole() {
        return length(
                        "hole",
                        "its hole",
                        d -> Math.max(1, Math.ceil(d * 12) / 10),
                        d -> 0.2,
                        d -> 20,
                        "Try it with the thickest wire that goes in.")
                .asMeasured();
    }
}
