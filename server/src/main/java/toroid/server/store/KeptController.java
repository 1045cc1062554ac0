package toroid.server.store;

import jakarta.validation.Valid;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;

/** The five calls every kept thing answers. */
public abstract class KeptController<D> {
    private final Keeping<D> keeper;

    protected KeptController(Keeping<D> keeper) {
        this.keeper = keeper;
    }

    @GetMapping
    public List<Kept<D>> all() {
        return keeper.all();
    }

    @GetMapping("/{id}")
    public Kept<D> get(@PathVariable UUID id) {
        return keeper.get(id);
    }

    @PutMapping("/{id}")
    public Kept<D> put(@PathVariable UUID id, @RequestBody @Valid Edit<D> edit) {
        return keeper.put(id, edit);
    }

    @DeleteMapping("/{id}")
    public Kept<D> delete(@PathVariable UUID id, @RequestParam int version) {
        return keeper.delete(id, version);
    }

    @PostMapping("/{id}/restore")
    public Kept<D> restore(@PathVariable UUID id) {
        return keeper.restore(id);
    }
}
