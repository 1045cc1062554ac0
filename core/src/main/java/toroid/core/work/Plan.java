package toroid.core.work;

import java.util.ArrayDeque;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jgrapht.Graphs;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.DirectedAcyclicGraph;
import toroid.core.form.Paces;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.stock.Draw;

/**
 * What is to be done to make something: operations, and what must come before what. They are listed in an order that keeps to it.
 *
 * @param operations of one copy
 * @param copies how many are made, 1 up
 * @param perGroup how many copies each operation is done over before the next: all of them, two for pairs in tandem, one
 * @param ahead copies made by themselves before all others; 0 for none
 */
public record Plan(List<Operation> operations, int copies, int perGroup, int ahead) {
    /** With none made ahead. */
    public Plan(List<Operation> operations, int copies, int perGroup) {
        this(operations, copies, perGroup, 0);
    }

    /** @throws IllegalArgumentException when ids are not its own, something is awaited that does not come, or the order goes in a circle */
    public Plan {
        Checks.within("copies", copies, 1, 100_000, Unit.COPIES, Remedy.SPLIT_THE_JOB);
        Checks.within("perGroup", perGroup, 1, copies, Unit.COPIES, Remedy.ONE_TWO_OR_ALL);
        Checks.within("ahead", ahead, 0, copies - 1, Unit.COPIES, Remedy.ONE_TWO_OR_ALL);
        Checks.within("operations", operations.size(), 1, 100_000, Unit.STEPS, Remedy.SPLIT_THE_JOB);
        operations = List.copyOf(operations);
        Set<String> listed = new HashSet<>();
        graph(operations);
        for (Operation operation : operations) {
            if (!listed.containsAll(operation.after())) {
                throw new IllegalArgumentException(operation.id() + " is listed before what it waits for");
            }
            listed.add(operation.id());
        }
    }

    /** What must come before what. */
    public DirectedAcyclicGraph<String, DefaultEdge> graph() {
        return graph(operations);
    }

    private static DirectedAcyclicGraph<String, DefaultEdge> graph(List<Operation> operations) {
        var graph = new DirectedAcyclicGraph<String, DefaultEdge>(DefaultEdge.class);
        for (Operation operation : operations) {
            if (!graph.addVertex(operation.id())) {
                throw new IllegalArgumentException("two operations are called " + operation.id());
            }
        }
        for (Operation operation : operations) {
            for (String earlier : operation.after()) {
                if (!graph.containsVertex(earlier)) {
                    throw new IllegalArgumentException(
                            operation.id() + " waits for " + earlier + ", which does not come");
                }
                graph.addEdge(earlier, operation.id());
            }
        }
        return graph;
    }

    /** What may be done next to one copy of which those are done. */
    public Set<String> ready(Set<String> done) {
        var ready = new HashSet<String>();
        var graph = graph();
        for (Operation operation : operations) {
            if (!done.contains(operation.id()) && done.containsAll(Graphs.predecessorListOf(graph, operation.id()))) {
                ready.add(operation.id());
            }
        }
        return ready;
    }

    public Rhythm rhythm() {
        return new Rhythm(copies, perGroup, operations.size(), ahead);
    }

    /**
     * @throws toroid.core.numeric.Refusal when there is none of that id
     */
    public Operation operation(String id) {
        return operations.stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow(() -> Progress.unknown(id));
    }

    /**
     * An operation and what each of its times went through before: those it waits for, near or far, that are done at least as often. A
     * ring that comes to nothing where it is soldered was closed before that; the coil it was cut from gave others. What went through a bath
     * with all the rest, or is cut when the rest was held to the body, does not lead back through the rest.
     *
     * @throws toroid.core.numeric.Refusal when there is none of that id
     */
    public Collection<Operation> chain(String id) {
        var chain = new LinkedHashMap<String, Operation>();
        var open = new ArrayDeque<Operation>(List.of(operation(id)));
        while (!open.isEmpty()) {
            Operation one = open.pop();
            if (chain.put(one.id(), one) == null) {
                one.after().stream()
                        .map(this::operation)
                        .filter(before -> before.times() >= one.times() && !isOfAll(before))
                        .forEach(open::push);
            }
        }
        return chain.values();
    }

    /** Done to all that is there, and to nothing of its own. */
    private static boolean isOfAll(Operation operation) {
        return operation.detail() instanceof FinishStep || operation.detail() instanceof Inspected;
    }

    /** How many are to be counted one by one, for one copy. */
    int countedEach() {
        return operations.stream()
                .filter(operation -> operation.counted() && operation.times() > 1)
                .mapToInt(Operation::times)
                .sum();
    }

    /** What all copies take from stock, by lot, each in its unit. */
    public Map<String, Double> draws() {
        return Progress.whole(this).drawn(this);
    }

    /** The same, its times as these hands are expected to need. */
    public Plan paced(Paces paces) {
        return new Plan(operations.stream().map(one -> one.paced(paces)).toList(), copies, perGroup, ahead);
    }

    /** The same, taking nothing of those lots. */
    public Plan without(Collection<String> lots) {
        return new Plan(
                operations.stream()
                        .map(one -> one.taking(one.draws().stream()
                                .filter(draw -> !lots.contains(draw.lot()))
                                .toList()))
                        .toList(),
                copies,
                perGroup,
                ahead);
    }

    /** Adds up what an operation takes, done so many of its own times. */
    static void draw(Map<String, Double> drawn, Operation operation, int times) {
        for (Draw draw : operation.draws()) {
            drawn.merge(draw.lot(), operation.takes(draw, times), Double::sum);
        }
    }

    static Map<String, Double> nothing() {
        return new LinkedHashMap<>();
    }
}
