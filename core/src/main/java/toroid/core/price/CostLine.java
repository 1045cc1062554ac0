package toroid.core.price;

/**
 * One thing that costs something.
 *
 * @param kind what it is
 * @param at which of the wires, of the sizes of ring, of the bought things; 0 for all else
 * @param amount of material, in its measure's unit, what comes back taken off; of consumables, copies; of hands, minutes
 * @param cost in the workshop's money; null where no price is known
 */
public record CostLine(Kind kind, int at, double amount, Double cost) {
    /** What costs. */
    public enum Kind {
        WIRE,
        /** Ready rings from the shelf. */
        RINGS,
        BOUGHT,
        SOLDER,
        CONSUMABLES,
        HANDS
    }
}
