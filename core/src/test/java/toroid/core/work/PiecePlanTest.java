package toroid.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import toroid.core.form.FormSolver;
import toroid.core.form.FormStep;
import toroid.core.form.Schools;
import toroid.core.form.Toolbox;
import toroid.core.metal.Metals;
import toroid.core.metal.Temper;
import toroid.core.numeric.Refusal;
import toroid.core.piece.Piece;
import toroid.core.piece.PieceDraws;
import toroid.core.piece.PieceLine;
import toroid.core.piece.PieceLists;
import toroid.core.piece.PieceSolver;
import toroid.core.piece.PieceWork;
import toroid.core.piece.Starters;
import toroid.core.piece.Supply;
import toroid.core.piece.part.PartMaker;
import toroid.core.piece.part.PartWork;
import toroid.core.stock.Draw;

class PiecePlanTest {
    static Plan plan(String line, boolean pair) {
        return plan(line, pair, Supply.NONE);
    }

    private static Plan plan(String line, boolean pair, Supply supply) {
        var copper = new PartMaker.Stuff(Metals.byId("copper"), Temper.HALF_HARD, Schools.USUAL);
        var maker = new PartMaker(copper, FormSolver::solve, PartMaker.NO_WEAVES);
        PieceWork work = PieceSolver.solve(PieceLine.read(line), maker);
        return PiecePlan.of(work, maker, pair, supply, Toolbox.EMPTY);
    }

    static List<String> told(Plan plan) {
        return plan.operations().stream()
                .map(one -> one.verb() + " " + one.times())
                .toList();
    }

    /** A strand is strung and a cord's ends are wound; a bought clasp, a chain, a stone are not made. */
    @Test
    void everythingHandsMakeIsMade() {
        assertThat(told(plan("finding clasp - ring 0.8/3 - strand 0.38 (9 * bead 6/1) - ring 0.8/3", false)))
                .startsWith("OPEN_FIRST 2", "STRING 9", "CRIMP 2", "PUT_TOGETHER 2");
        assertThat(told(plan("finding clasp - ring 0.8/3.5 - cord 2 - ring 0.8/3.5", false)))
                .contains("MAKE 1");
        assertThat(told(plan("ring 0.8/3 - chain 3/0.6 links=9 - ring 0.8/3 - stone 14/1.2", false)))
                .noneMatch(one -> one.startsWith("MAKE"));
    }

    /** Parts of one name and different sizes are made apart, each told by its own place. */
    @Test
    void eachSizeIsMadeByItself() {
        List<FormingStep> cut = forming(plan("3 * (bead-link bead=4..8 - ring 1/4)", false)).stream()
                .filter(one -> one.step().kind() == FormStep.Kind.CUT)
                .toList();
        assertThat(cut).extracting(one -> one.of().part()).containsExactly(0, 2, 4);
    }

    private static List<FormingStep> forming(Plan plan) {
        return plan.operations().stream()
                .map(Operation::detail)
                .filter(FormingStep.class::isInstance)
                .map(FormingStep.class::cast)
                .toList();
    }

    /** Four links are cut, then marked, then bent, each step over all four, with what can be measured at it, as for links by themselves. */
    @Test
    void aPartIsMadeStepByStepTheSameOnesTogether() {
        Plan plan = plan("s-hook - ring 1/4 - 4 * (bead-link first=plain second=plain - ring 1/4)", false, FULL);
        List<Operation> links = plan.operations().stream()
                .filter(one -> one.id().startsWith("make-2-"))
                .toList();
        assertThat(links).extracting(Operation::times).containsOnly(4);
        assertThat(links).extracting(Operation::verb).startsWith("CUT", "MARK").endsWith("TRIM");
        for (int i = 1; i < links.size(); i++) {
            assertThat(links.get(i).after()).containsExactly(links.get(i - 1).id());
        }
        assertThat(links.get(0).measurable()).extracting(Measurable::quantity).containsExactly("CUT_LENGTH");
        assertThat(links.get(0).measurable().get(0).context())
                .containsEntry("formId", "bead-link")
                .containsKeys("inPieceMm", "tailMm", "wireMm");
        assertThat(links.get(0).draws()).hasSize(1);
        assertThat(links.get(0).cautions()).containsExactly(Caution.GLASSES_ENDS_FLY);
        assertThat(links.get(links.size() - 1).measurable())
                .extracting(Measurable::quantity)
                .contains(Measurable.MINUTES);
        assertThat(plan.operation(PiecePlan.JOIN).after()).contains("make-2-" + links.size());
    }

    /** Wrapped links hung in each other: the later is wrapped round the earlier, its steps from there on at the joint; the last end is wrapped with it. */
    @Test
    void whatIsClosedRoundANeighbourIsFormedThere() {
        Plan plan = plan("bead-link - bead-link - bead-link", false, FULL);
        List<Operation> alone = plan.operations().stream()
                .filter(one -> !one.id().equals(PiecePlan.JOIN))
                .toList();
        // one link whole, two as far as their first loop; what is only left straight is no operation
        assertThat(alone).filteredOn(one -> one.id().startsWith("make-0-")).hasSize(10);
        assertThat(alone)
                .filteredOn(one -> one.id().startsWith("make-1-"))
                .hasSize(4)
                .extracting(Operation::times)
                .containsOnly(2);
        List<PartsHandled.Round> rounds =
                ((PartsHandled) plan.operation(PiecePlan.JOIN).detail()).rounds();
        assertThat(rounds).hasSize(1);
        assertThat(rounds.get(0).joins()).containsExactly(0, 1);
        assertThat(rounds.get(0).steps()).extracting(one -> one.step().kind()).startsWith(FormStep.Kind.WRAP);
        assertThat(rounds.get(0).steps()).hasSize(6);
        // their beads go on there too
        assertThat(draws(plan, PiecePlan.JOIN)).containsEntry("BEAD", 2.0);
        assertThat(plan.draws()).containsEntry("BEAD", 3.0);
    }

    /** The jaw in stock that is near enough is named at its step. */
    @Test
    void theMakersOwnToolIsNamed() {
        var copper = new PartMaker.Stuff(Metals.byId("copper"), Temper.HALF_HARD, Schools.USUAL);
        var maker = new PartMaker(copper, FormSolver::solve, PartMaker.NO_WEAVES);
        PieceWork work = PieceSolver.solve(PieceLine.read("s-hook - ring 1/4"), maker);
        var near = new Toolbox.Near("bail pliers", 5, 5.1);
        var own = new FormingStep.OwnTool("bail pliers", 5, 5.1);
        Plan plan = PiecePlan.of(work, maker, false, Supply.NONE, (step, of) -> near);
        assertThat(forming(plan))
                .allSatisfy(one -> assertThat(one.own()).isEqualTo(one.step().toolMm() == null ? null : own))
                .anyMatch(one -> one.own() != null);
    }

    /** What is domed is so when it is made, before anything hangs in it. */
    @Test
    void domesWhatIsMade() {
        Plan plan = plan("ring 1/4 - 2 * (hammered-bar long=30 domed=54 - ring 1/4)", false);
        Operation dome = plan.operations().stream()
                .filter(one -> one.verb().equals("DOME"))
                .findFirst()
                .orElseThrow();
        assertThat(((PartsHandled) dome.detail()).toMm()).isEqualTo(54);
        assertThat(dome.times()).isEqualTo(2);
        assertThat(dome.after()).hasSize(1).allMatch(id -> id.startsWith("make-"));
        assertThat(told(plan("ring 1/4 - hammered-bar - ring 1/4", false))).noneMatch(one -> one.startsWith("DOME"));
    }

    @Test
    void aPairIsTwoCopiesInTandem() {
        Plan pair = plan("fish-hook - ring 0.8/3 - beaded-dangle", true);
        assertThat(pair.copies()).isEqualTo(2);
        List<String> one = told(plan("fish-hook - ring 0.8/3 - beaded-dangle", false));
        // looked at side by side besides
        assertThat(told(pair).subList(0, one.size() - 1)).isEqualTo(one.subList(0, one.size() - 1));
    }

    @Test
    void whatCannotBeJoinedIsNotPlanned() {
        assertThatThrownBy(() -> plan("ring 1/5 soldered - finding pendant", false))
                .isInstanceOfSatisfying(
                        Refusal.class, refusal -> assertThat(refusal.code()).isEqualTo("piece-cannot-be-joined"));
    }

    /** Gives everything, each from a lot of its name. */
    static final Supply FULL = new Supply() {
        @Override
        public List<Draw> wire(PartWork.Cut cut, int count) {
            return List.of(new Draw("wire " + cut.diameterMm(), count * cut.lengthMm()));
        }

        @Override
        public List<Draw> bought(PartWork.Bought ware, int count) {
            return List.of(new Draw(ware.kind().name(), count * ware.amount()));
        }

        @Override
        public List<Draw> rings(String metal, PieceLists.Rings size, int count) {
            return List.of(new Draw(metal + " rings " + size.ring().innerDiameterMm(), count));
        }

        @Override
        public List<Draw> solder(Grade grade, int joints) {
            return List.of(new Draw(grade.name(), joints * CHIP_G));
        }
    };

    /** All that is taken, whatever it is, by who only wants to know what that costs. */
    private static double tallied(PieceWork work, boolean pair) {
        var sum = new double[1];
        var counting = new Supply() {
            private List<Draw> counted(List<Draw> draws) {
                sum[0] += draws.stream().mapToDouble(Draw::amount).sum();
                return draws;
            }

            @Override
            public List<Draw> wire(PartWork.Cut cut, int count) {
                return counted(FULL.wire(cut, count));
            }

            @Override
            public List<Draw> bought(PartWork.Bought ware, int count) {
                return counted(FULL.bought(ware, count));
            }

            @Override
            public List<Draw> rings(String metal, PieceLists.Rings size, int count) {
                return counted(FULL.rings(metal, size, count));
            }

            @Override
            public List<Draw> solder(Grade grade, int joints) {
                return counted(FULL.solder(grade, joints));
            }
        };
        new PieceDraws(work, "copper", pair ? 2 : 1, counting).takeAll();
        return sum[0];
    }

    private static Map<String, Double> draws(Plan plan, String id) {
        return plan.operation(id).draws().stream().collect(Collectors.toMap(Draw::lot, Draw::amount, Double::sum));
    }

    /** Beads, wire and crimps leave as the strand is strung; the clasp as it is joined; a ring's bead as it is threaded on. */
    @Test
    void everythingLeavesTheShelfWhereTheHandsTakeIt() {
        Plan strand = plan("finding clasp - ring 0.8/3 - strand 0.38 (9 * bead 6/1) - ring 0.8/3", false, FULL);
        assertThat(draws(strand, "make-2")).containsEntry("BEAD", 9.0).containsEntry("CRIMP", 2.0);
        assertThat(draws(strand, "make-2").get("BEADING_WIRE")).isGreaterThan(54);
        assertThat(draws(strand, PiecePlan.JOIN)).isEqualTo(Map.of("FINDING", 1.0));
        Plan beaded = plan("ring 1/5 - ring 1.6/9 bead=6", false, FULL);
        assertThat(draws(beaded, "bead-2")).isEqualTo(Map.of("BEAD", 1.0, "copper rings 9.0", 1.0));
        Plan alike = plan("ring 1.6/9 bead=6 - ring 1/5 - ring 1.6/9 hammered=1.2 bead=6", false, FULL);
        assertThat(alike.draws()).containsEntry("BEAD", 2.0);
        assertThat(draws(plan("3 * ring 1/4 soldered", false, FULL), "solder-1"))
                .isEqualTo(Map.of("HARD", 2 * Supply.CHIP_G));
    }

    /** Ready rings are taken as they are closed, as they are opened, or all together as the first thing is done with them. */
    @Test
    void readyRingsLeaveTheShelfAsTheyAreTakenInHand() {
        Plan chain = plan("5 * ring 1/4", false, FULL);
        assertThat(draws(chain, "close-1")).isEqualTo(Map.of("copper rings 4.0", 3.0));
        assertThat(draws(chain, "open-1")).isEqualTo(Map.of("copper rings 4.0", 2.0));
        Plan pair = plan("5 * ring 1/4", true, FULL);
        assertThat(pair.draws()).containsEntry("copper rings 4.0", 10.0);
        Plan hammered = plan("3 * ring 1.6/9 hammered=1.2", false, FULL);
        assertThat(draws(hammered, "hammer-1")).isEqualTo(Map.of("copper rings 9.0", 3.0));
        assertThat(draws(hammered, "close-1")).isEmpty();
        assertThat(draws(hammered, "open-1")).isEmpty();
        assertThat(plan("5 * ring 1/4", false).draws()).isEmpty();
    }

    /** A made part's joints take hard solder in the first heat and an easier one in the next. */
    @Test
    void madePartsTakeTheirSolder() {
        Plan teardrop = plan("ring 1/5 - teardrop-link - ring 1/5", false, FULL);
        Operation solder = teardrop.operations().stream()
                .filter(one -> one.verb().equals("SOLDER"))
                .findFirst()
                .orElseThrow();
        assertThat(draws(teardrop, solder.id())).containsEntry("HARD", Supply.CHIP_G);
        assertThat(solder.cautions()).containsExactly(Caution.TORCH);
        assertThat(solder.waits()).isEqualTo(Wait.PICKLE);
    }

    /** All that a piece's lists say it takes is taken, once, over all starters; of a pair half with each copy. */
    @Test
    void aPieceTakesWhatItsListsSay() {
        var copper = new PartMaker.Stuff(Metals.byId("copper"), Temper.HALF_HARD, Schools.USUAL);
        var maker = new PartMaker(copper, FormSolver::solve, PartMaker.NO_WEAVES);
        int looked = 0;
        for (Starters.Starter starter : Starters.all()) {
            Piece piece = PieceLine.read(starter.line());
            PieceWork work;
            try {
                work = PieceSolver.solve(piece, maker);
            } catch (Refusal woven) {
                continue;
            }
            looked++;
            Map<String, Double> taken =
                    PiecePlan.of(work, maker, piece.pair(), FULL, Toolbox.EMPTY).draws();
            assertThat(tallied(work, piece.pair()))
                    .as("what its price is reckoned of, of %s", starter.line())
                    .isCloseTo(
                            taken.values().stream()
                                    .mapToDouble(Double::doubleValue)
                                    .sum(),
                            within(1e-6));
            PieceLists lists = PieceLists.of(work, piece.pair(), 0);
            double wire = taken.entrySet().stream()
                    .filter(one -> one.getKey().startsWith("wire"))
                    .mapToDouble(Map.Entry::getValue)
                    .sum();
            assertThat(wire).as(starter.line()).isCloseTo(lists.wireMm(), within(1e-6));
            Map<String, Double> bought = lists.bought().stream()
                    .collect(Collectors.groupingBy(
                            one -> one.kind().name(), Collectors.summingDouble(PartWork.Bought::amount)));
            bought.forEach((kind, amount) -> assertThat(taken.get(kind))
                    .as("%s of %s", kind, starter.line())
                    .isCloseTo(amount, within(1e-6)));
        }
        assertThat(looked).isGreaterThan(10);
    }
}
