package toroid.core.weave.fault;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Effort;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.weave.assembly.Assembly;
import toroid.core.weave.assembly.AssemblyStep;
import toroid.core.weave.patch.RingGraph;

/**
 * Looks for the one ring that went wrong. Every way a single ring can have missed or caught another is weighed: later rings weigh
 * more, a missed ring more than a caught one (our own weights; no record of makers' slips is known to us). Each question is the one
 * whose answer is hardest to foretell (greatest entropy: Shannon 1948; Lindley 1956), so the fewest are needed.
 */
public final class Diagnosis {
    /** A step further back weighs this much less. */
    private static final double OLDER = 0.985;

    private static final double CAUGHT_TO_MISSED = 0.4;
    private static final double SURE = 0.9;
    /** How much of what a question tells is likely to be told rightly: a count is easy, naming each ring is not. */
    private static final Map<Question.Kind, Double> EASE =
            Map.of(Question.Kind.COUNT, 1.0, Question.Kind.SOUND_UP_TO, 0.8, Question.Kind.WHICH, 0.5);

    private static final int MOST_LOOKED_BACK = 400;
    private static final int MOST_TOLD = 6;

    private final Assembly assembly;
    private final int done;
    private final Map<Integer, Integer> stepOf = new HashMap<>();
    private final Map<Integer, Integer> links = new HashMap<>();

    private Diagnosis(Assembly assembly, int done) {
        this.assembly = assembly;
        this.done = done;
        for (int at = 0; at < done; at++) {
            AssemblyStep step = assembly.steps().get(at);
            stepOf.put(step.ring(), at);
            for (int taken : step.pickUp()) {
                stepOf.put(taken, at);
            }
        }
        for (int n : stepOf.keySet()) {
            int count = 0;
            for (int other : assembly.patch().neighbours(n)) {
                count += stepOf.containsKey(other) ? 1 : 0;
            }
            links.put(n, count);
        }
    }

    /**
     * What to ask next, or what was found.
     *
     * @param ask null when nothing more can be told apart
     * @param faults the likeliest, with their probability, most likely first; none when the answers fit no single mistake
     * @param sure whether the first is all but certain
     */
    public record Finding(Question ask, List<Likely> faults, boolean sure) {}

    /** A fault and how likely it is. */
    public record Likely(Fault fault, double probability, int step) {}

    /**
     * @param assembly how the patch is put together
     * @param done steps done, from 0
     * @param answers so far
     */
    public static Finding of(Assembly assembly, int done, List<Question.Answer> answers) {
        Checks.within("step", done, 0, assembly.steps().size(), Unit.STEPS, Remedy.RELOAD_THE_RUN);
        for (Question.Answer answer : answers) {
            int last = assembly.patch().size() - 1;
            Checks.within("ring", answer.question().ring(), 0, last, Unit.NONE, Remedy.RINGS_ARE_TOLD_BY_PLACE);
        }
        return new Diagnosis(assembly, done).find(answers);
    }

    /** Every single mistake that can have been made so far. */
    public static List<Fault> possible(Assembly assembly, int done) {
        return List.copyOf(new Diagnosis(assembly, done).weighed().keySet());
    }

    private Finding find(List<Question.Answer> answers) {
        Map<Fault, Double> weights = weighed();
        for (Question.Answer answer : answers) {
            if (answer.said() != null) {
                weights.keySet()
                        .removeIf(fault -> !answer(fault, answer.question()).equals(answer.said()));
            }
        }
        double all = weights.values().stream().mapToDouble(Double::doubleValue).sum();
        List<Likely> likely = weights.entrySet().stream()
                .map(one -> new Likely(
                        one.getKey(),
                        one.getValue() / all,
                        stepOf.get(one.getKey().ring())))
                .sorted(Comparator.comparingDouble(Likely::probability).reversed())
                .toList();
        boolean sure = !likely.isEmpty() && likely.get(0).probability() >= SURE;
        Question next = sure || likely.isEmpty() ? null : best(likely, answers);
        return new Finding(next, likely.subList(0, Math.min(MOST_TOLD, likely.size())), sure);
    }

    private Map<Fault, Double> weighed() {
        var weights = new LinkedHashMap<Fault, Double>();
        double weight = 1;
        for (int at = done - 1; at >= Math.max(0, done - MOST_LOOKED_BACK); at--) {
            AssemblyStep step = assembly.steps().get(at);
            if (!step.closed()) {
                var held = new ArrayList<Integer>(step.through());
                held.addAll(step.pickUp());
                for (int other : held) {
                    weights.put(new Fault(Fault.Kind.MISSED, step.ring(), other), weight);
                }
                for (int other : nearBy(step.ring(), at)) {
                    weights.put(new Fault(Fault.Kind.CAUGHT, step.ring(), other), weight * CAUGHT_TO_MISSED);
                }
            }
            weight *= OLDER;
        }
        return weights;
    }

    /** Rings two links away that were there: near enough to be caught. */
    private Set<Integer> nearBy(int ring, int at) {
        RingGraph patch = assembly.patch();
        var near = new HashSet<Integer>();
        for (int held : patch.neighbours(ring)) {
            for (int other : patch.neighbours(held)) {
                if (other != ring && !patch.areLinked(ring, other) && stepOf.getOrDefault(other, done) < at) {
                    near.add(other);
                }
            }
        }
        return near;
    }

    private Object answer(Fault fault, Question question) {
        return switch (question.kind()) {
            case COUNT -> links.getOrDefault(question.ring(), 0) + fault.change(question.ring());
            case WHICH -> which(fault, question.ring());
            case SOUND_UP_TO -> stepOf.get(fault.ring()) > question.ring() ? 1 : 0;
        };
    }

    private Set<Integer> which(Fault fault, int ring) {
        var through = new HashSet<Integer>();
        for (int other : assembly.patch().neighbours(ring)) {
            if (stepOf.containsKey(other)) {
                through.add(other);
            }
        }
        if (fault.change(ring) != 0) {
            int other = ring == fault.ring() ? fault.other() : fault.ring();
            if (fault.kind() == Fault.Kind.MISSED) {
                through.remove(other);
            } else {
                through.add(other);
            }
        }
        return through;
    }

    private Question best(List<Likely> likely, List<Question.Answer> answers) {
        var asked = new HashSet<Question>();
        answers.forEach(answer -> asked.add(answer.question()));
        Map<Integer, List<Likely>> byRing = new TreeMap<>();
        Map<Integer, List<Likely>> byStep = new TreeMap<>();
        for (Likely one : likely) {
            byRing.computeIfAbsent(one.fault().ring(), any -> new ArrayList<>()).add(one);
            byRing.computeIfAbsent(one.fault().other(), any -> new ArrayList<>())
                    .add(one);
            byStep.computeIfAbsent(one.step(), any -> new ArrayList<>()).add(one);
        }
        var worth = new LinkedHashMap<Question, Double>();
        byRing.forEach((ring, touched) -> {
            Effort.check();
            worth.put(
                    new Question(Question.Kind.COUNT, ring), entropy(touched, new Question(Question.Kind.COUNT, ring)));
            worth.put(
                    new Question(Question.Kind.WHICH, ring), entropy(touched, new Question(Question.Kind.WHICH, ring)));
        });
        double upTo = 0;
        for (Map.Entry<Integer, List<Likely>> step : byStep.entrySet()) {
            upTo += step.getValue().stream().mapToDouble(Likely::probability).sum();
            worth.put(
                    new Question(Question.Kind.SOUND_UP_TO, step.getKey()),
                    EASE.get(Question.Kind.SOUND_UP_TO) * entropy(List.of(upTo, 1 - upTo)));
        }
        return worth.entrySet().stream()
                .filter(one -> one.getValue() > 1e-9 && !asked.contains(one.getKey()))
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .orElse(null);
    }

    /** What the answer is worth; every fault not among those touched has the same. */
    private double entropy(List<Likely> touched, Question question) {
        var shares = new HashMap<Object, Double>();
        double rest = 1;
        for (Likely one : touched) {
            shares.merge(answer(one.fault(), question), one.probability(), Double::sum);
            rest -= one.probability();
        }
        var all = new ArrayList<>(shares.values());
        all.add(rest);
        return EASE.get(question.kind()) * entropy(all);
    }

    /** Shannon's entropy, nats: {@code −Σ p ln p}. */
    private static double entropy(List<Double> shares) {
        return -shares.stream()
                .filter(p -> p > 1e-12)
                .mapToDouble(p -> p * Math.log(p))
                .sum();
    }
}
