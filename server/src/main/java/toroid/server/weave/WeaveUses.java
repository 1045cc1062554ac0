package toroid.server.weave;

/** What is made of a weave, asked before the weave is taken away. */
public interface WeaveUses {
    /** How many jobs are of that weave. */
    long jobsOf(String weaveId);
}
