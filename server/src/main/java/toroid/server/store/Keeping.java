package toroid.server.store;

import java.util.List;
import java.util.UUID;

/** Something that keeps things of one kind, under their ids and in their versions. */
public interface Keeping<D> {
    /** Everything not taken away, oldest first. */
    List<Kept<D>> all();

    /** @throws NotKept when there is none */
    Kept<D> get(UUID id);

    /**
     * Writes a new thing or an edit.
     *
     * @throws ChangedElsewhere when {@code edit.version()} is not the one kept and the content differs
     */
    Kept<D> put(UUID id, Edit<D> edit);

    /** Takes a thing away; {@link #restore} brings it back. */
    Kept<D> delete(UUID id, int version);

    /** Brings back what was taken away. */
    Kept<D> restore(UUID id);
}
