package toroid.core.work;

import java.util.List;

/**
 * What is looked at once all is put together, one after another.
 *
 * @param checks in the order hands do them
 */
public record Inspected(List<Check> checks) implements Detail {
    public Inspected {
        checks = List.copyOf(checks);
    }
}
