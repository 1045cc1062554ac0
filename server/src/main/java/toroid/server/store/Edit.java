package toroid.server.store;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;

/**
 * An edit: the version the editor saw (null for a new thing) and the whole new content.
 */
public record Edit<D>(Integer version, @NotNull @Valid D data) {}
