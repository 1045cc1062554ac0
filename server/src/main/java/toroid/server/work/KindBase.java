package toroid.server.work;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.UUID;
import java.util.function.UnaryOperator;
import toroid.server.store.JobContent;
import toroid.server.wire.Spools;

/** What every kind of job answers alike, from the records its content, facts and sketches are. */
abstract class KindBase<C extends JobContent, F extends KindBase.Facts<C>> implements JobKind<C, F> {
    /** What a plan keeps beside its operations. */
    interface Facts<C> {
        /** The job as it was planned. */
        C job();
    }

    private final String id;
    private final Class<C> content;
    private final Class<F> facts;
    private final Class<?> sketches;
    private final Spools spools;

    KindBase(String id, Class<C> content, Class<F> facts, Class<?> sketches, Spools spools) {
        this.id = id;
        this.content = content;
        this.facts = facts;
        this.sketches = sketches;
        this.spools = spools;
    }

    @Override
    public final String id() {
        return id;
    }

    @Override
    public final Class<C> content() {
        return content;
    }

    @Override
    public final Class<F> facts() {
        return facts;
    }

    @Override
    public final Class<?> sketches() {
        return sketches;
    }

    @Override
    public final String nameOf(C job) {
        return job.name();
    }

    @Override
    public final UUID lotOf(C job) {
        return job.spoolId();
    }

    @Override
    public final C contentOf(F facts) {
        return facts.job();
    }

    @Override
    public void check(C job) {
        job.check();
        spools.demand(job.spoolId());
    }

    @Override
    public List<UnaryOperator<ObjectNode>> planUpgrades() {
        return List.of();
    }
}
