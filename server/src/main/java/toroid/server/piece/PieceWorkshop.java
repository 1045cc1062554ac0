package toroid.server.piece;

import java.util.Comparator;
import java.util.List;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import toroid.core.form.Paces;
import toroid.core.form.Schools;
import toroid.core.form.Toolbox;
import toroid.core.numeric.Refusal;
import toroid.core.piece.AtRest;
import toroid.core.piece.Begun;
import toroid.core.piece.BodyFit;
import toroid.core.piece.BodyPart;
import toroid.core.piece.CuffFit;
import toroid.core.piece.Cures;
import toroid.core.piece.Draped;
import toroid.core.piece.Hanging;
import toroid.core.piece.Hiding;
import toroid.core.piece.Laid;
import toroid.core.piece.MadeInPlace;
import toroid.core.piece.Mending;
import toroid.core.piece.Piece;
import toroid.core.piece.PieceLine;
import toroid.core.piece.PieceLists;
import toroid.core.piece.PieceSolver;
import toroid.core.piece.PieceTime;
import toroid.core.piece.PieceWork;
import toroid.core.piece.PushedApart;
import toroid.core.piece.Rescaled;
import toroid.core.piece.Touching;
import toroid.core.piece.Wanted;
import toroid.core.piece.Weakest;
import toroid.core.piece.Worn;
import toroid.core.piece.finish.FinishOrder;
import toroid.core.piece.finish.FinishWork;
import toroid.core.piece.part.PartMaker;
import toroid.core.piece.part.Sizes;
import toroid.core.wire.Wire;
import toroid.server.form.FormInMaking;
import toroid.server.form.FormWorkshop;
import toroid.server.preference.Choices;
import toroid.server.preference.Preferences;
import toroid.server.store.ServerCode;
import toroid.server.tool.Mandrels;
import toroid.server.weave.WovenInMaking;

/** Works pieces out with the maker's habits: the core's answers, composed. Keeps nothing. */
@Service
public class PieceWorkshop {
    private final FormWorkshop forms;
    private final WovenParts weaves;
    private final Preferences preferences;
    private final Mandrels mandrels;
    private final PieceStock stock;
    private final HandPace hands;

    PieceWorkshop(
            FormWorkshop forms,
            WovenParts weaves,
            Preferences preferences,
            Mandrels mandrels,
            PieceStock stock,
            HandPace hands) {
        this.forms = forms;
        this.weaves = weaves;
        this.preferences = preferences;
        this.mandrels = mandrels;
        this.stock = stock;
        this.hands = hands;
    }

    /**
     * A piece as it stands.
     *
     * @param apart how it hangs, what lies against each other pushed apart; what goes round something as if nothing did
     * @param hung by its first part
     */
    private record Worked(Piece piece, PartMaker maker, PieceWork work, PushedApart apart, Laid hung) {
        double hangsMm() {
            return hung.depthMm(work, maker);
        }
    }

    private Worked work(PieceQuestion question) {
        Piece piece = PieceLine.read(question.line());
        var maker = new PartMaker(question.stuff(habits()), forms::work, weaves);
        PieceWork work = PieceSolver.solve(piece, maker);
        PushedApart apart =
                question.fit() == null ? PushedApart.of(work, maker) : new PushedApart(Hanging.of(work), List.of());
        return new Worked(piece, maker, work, apart, Laid.hung(work, apart.hanging()));
    }

    /** @throws toroid.core.numeric.Refusal when it is no piece or a part of it cannot be made */
    public PieceAnswer answer(PieceQuestion question) {
        Worked worked = work(question);
        PieceWork work = worked.work();
        PartMaker maker = worked.maker();
        BodyFit fit = question.fit();
        Wanted wanted = question.wanted();
        Draped draped = question.hangsFromNeck() ? Draped.of(work, fit.girthMm()) : null;
        Laid drapedLaid = draped == null ? null : Laid.draped(work, draped);
        PieceLists lists = PieceLists.of(work, worked.piece().pair(), question.spare());
        String metal = maker.metalId();
        PieceSupply taken = stock.taken(work, worked.piece().pair(), lists, metal, 1);
        Predicate<PieceLists.Rings> ready = rings -> taken.of(metal, rings).amount() > 0;
        FinishOrder order = FinishOrder.of(work, MadeInPlace.of(work, maker), maker, question.finishing());
        Paces.Expected time =
                hands.paces().total(PieceTime.of(work, lists, worked.piece().pair(), maker, order, ready));
        List<PieceAnswer.NeedView> wires = PieceStock.wires(lists, metal, taken);
        return new PieceAnswer(
                PieceLine.write(worked.piece()),
                worked.piece().pair(),
                worked.piece().shape(),
                work.lengthMm(),
                work.lengthMm() - AtRest.givesMm(work),
                worked.hangsMm(),
                wanted == null ? null : wanted.targetMm(work),
                wanted == null ? null : wanted.remainderMm(work, maker),
                work.thickMm(),
                work.massG(),
                lists.wireMm(),
                time.minutes(),
                time.within(),
                time.timings(),
                work.canBeMade(),
                fit == null ? null : Worn.of(work, question.body().where(), fit.girthMm()),
                draped == null ? null : drapes(draped, drapedLaid.depthMm(work, maker)),
                question.body() == null
                        ? null
                        : Weakest.of(work, question.body().where(), question.stuff(habits())),
                question.body() == null || question.body().where() != BodyPart.EAR_EDGE
                        ? null
                        : CuffFit.of(work, question.body().girthMm(), maker, question.stuff(habits())),
                wanted == null ? List.of() : Cures.of(worked.piece(), work, wanted, maker, insides(question)),
                Mending.of(worked.piece(), work, maker),
                PieceViews.written(worked.piece(), work),
                PieceViews.parts(work, maker),
                work.joints().stream().map(PieceAnswer.JointView::of).toList(),
                work.steps(),
                work.facingDegrees(),
                work.edgeOn(),
                work.faults(),
                FinishWork.all(order, work),
                PieceViews.rings(lists, ready),
                PieceViews.cuts(lists),
                lists.bought(),
                wires,
                PieceStock.cost(wires),
                fit == null ? hangs(worked, question.isForAnEar()) : null,
                question.wantsDrawing() ? PieceDrawing.of(work, worked.hung(), drapedLaid, maker) : null);
    }

    private static PieceAnswer.DrapedView drapes(Draped draped, double depthMm) {
        return new PieceAnswer.DrapedView(draped.neckRadiusMm(), depthMm, draped.pullN());
    }

    /** All that is shown of it while it is made. */
    public PieceInMaking inMaking(PieceQuestion question) {
        Worked worked = work(question);
        var shown = new TreeMap<Integer, FormInMaking>();
        var together = new TreeMap<Integer, WovenInMaking>();
        for (MadeInPlace.Same same :
                MadeInPlace.of(worked.work(), worked.maker()).parts()) {
            if (same.bent() != null) {
                shown.put(same.first(), forms.inMaking(same.bent().work()));
            }
            WovenInMaking weave =
                    weaves.inMaking(worked.work().parts().get(same.first()).spec());
            if (weave != null) {
                together.put(same.first(), weave);
            }
        }
        return new PieceInMaking(answer(question), shown, together);
    }

    /** Which of its parts hang askew, which lie against each other, which hide another. */
    private static PieceAnswer.HangsView hangs(Worked worked, boolean ear) {
        List<Double> tilts = worked.apart().hanging().tiltDegrees();
        List<PieceAnswer.Askew> askew = IntStream.range(0, tilts.size())
                .filter(i -> tilts.get(i) > ASKEW_DEGREES)
                .mapToObj(i -> new PieceAnswer.Askew(i, tilts.get(i)))
                .toList();
        return new PieceAnswer.HangsView(
                askew,
                worked.apart().pushes(),
                Touching.of(worked.work(), worked.hung(), worked.maker()),
                Hiding.of(worked.work(), worked.hung(), worked.maker()),
                ear && worked.work().massG() > Hanging.HEAVY_IN_AN_EAR_G ? Hanging.HEAVY_IN_AN_EAR_G : null);
    }

    /** Friction holds a smaller tilt than this anyway. */
    private static final double ASKEW_DEGREES = 5;

    /** Insides of rings that are tried as cures: those asked for, or of the workshop's rods; of usual ones while it has few. */
    private List<Double> insides(PieceQuestion question) {
        if (question.ringInsidesMm() != null) {
            return question.ringInsidesMm();
        }
        List<Double> own = mandrels.all().stream()
                .map(rod -> rod.data().diameterMm())
                .distinct()
                .sorted()
                .limit(MOST_RODS)
                .toList();
        return own.size() < FEW_RODS ? BodyFit.USUAL_INSIDES : own;
    }

    private static final int MOST_RODS = 40;

    /** A shelf of fewer rods has just been begun and tells little. */
    private static final int FEW_RODS = 5;

    /** The piece hung by its first part. */
    HangAnswer hung(PieceQuestion question) {
        Worked worked = work(question);
        return HangAnswer.of(worked.work(), worked.maker(), PushedApart.of(worked.work(), worked.maker()));
    }

    /** How it sits on its body. */
    Worn worn(PieceQuestion question) {
        BodyFit fit = question.fit();
        if (fit == null) {
            throw Refusal.of(ServerCode.MISSING, "body", null);
        }
        return Worn.of(work(question).work(), question.body().where(), fit.girthMm());
    }

    /**
     * The piece itself, for a plan.
     *
     * @param hangsMm how far down it hangs
     */
    public record Planned(Piece piece, PartMaker maker, PieceWork work, double hangsMm) {}

    /** The maker's own tools, for a plan. */
    public Toolbox toolbox() {
        return forms.toolbox();
    }

    public Planned planned(PieceQuestion question) {
        Worked worked = work(question);
        return new Planned(worked.piece(), worked.maker(), worked.work(), worked.hangsMm());
    }

    /** The piece as it is shown best: closed where it goes round something, hung by its first part else. */
    public LaidPiece laid(PieceQuestion question) {
        Worked worked = work(question);
        Laid round = question.fit() == null ? null : Laid.round(worked.work());
        return LaidPiece.of(
                worked.piece(),
                question.stuff(habits()).metal(),
                worked.work(),
                PieceLists.of(worked.work(), worked.piece().pair(), question.spare()),
                round == null ? worked.hung() : round,
                worked.maker());
    }

    /** What is done to it besides, and when. */
    public List<FinishWork> finishes(PieceQuestion question) {
        Effort effort = effort(question);
        return FinishWork.all(effort.order(), effort.work());
    }

    /** How many times as large a piece is to be. */
    double factor(ScaleQuestion question) {
        if (question.factor() != null) {
            return question.factor();
        }
        Worked worked = work(question.piece());
        if (question.wireMm() != null) {
            Wire.checkDiameter(question.wireMm());
            String metal = question.piece().stuff(habits()).metal().id();
            return PieceLists.of(
                            worked.work(),
                            worked.piece().pair(),
                            question.piece().spare())
                    .wires(metal)
                    .stream()
                    .max(Comparator.comparingDouble(PieceLists.WireNeed::lengthMm))
                    .map(main -> question.wireMm() / main.diameterMm())
                    .orElse(1.0);
        }
        Wanted wanted = question.piece().wanted();
        if (wanted == null) {
            throw Refusal.of(ServerCode.MISSING, "body", null);
        }
        return wanted.targetMm(worked.work()) / wanted.lengthMm(worked.work(), worked.maker());
    }

    /** Of the wires on the shelf, and rings on the workshop's rods. */
    Rescaled scaled(PieceQuestion question, double factor) {
        Piece piece = PieceLine.read(question.line());
        return Rescaled.of(
                piece,
                factor,
                new Sizes(stock.wiresMm(question.stuff(habits()).metal().id()), insides(question)));
    }

    /** A piece begun from one form. */
    Begun begun(BeginQuestion question) {
        var maker = new PartMaker(question.stuff().stuff(habits()), forms::work, weaves);
        return Begun.of(question.part(), maker);
    }

    /** What is asked about, as it would be kept under a name. */
    public PieceJobData job(String name, PieceQuestion question) {
        PartMaker.Stuff stuff = question.stuff(habits());
        return new PieceJobData(
                name,
                PieceLine.write(PieceLine.read(question.line())),
                null,
                stuff.metal().id(),
                stuff.temper(),
                question.body(),
                question.finish(),
                question.spare(),
                "");
    }

    /**
     * What a piece takes of material and hands, for its price.
     */
    record Effort(PieceWork work, PartMaker maker, boolean pair, PieceLists lists, FinishOrder order) {}

    Effort effort(PieceQuestion question) {
        Piece piece = PieceLine.read(question.line());
        PartMaker.Stuff stuff = question.stuff(habits());
        var maker = new PartMaker(stuff, forms::work, weaves);
        // how it hangs costs nothing, and is not worked out
        PieceWork work = PieceSolver.solve(piece, maker);
        PieceLists lists = PieceLists.of(work, piece.pair(), question.spare());
        FinishOrder order = FinishOrder.of(work, MadeInPlace.of(work, maker), maker, question.finishing());
        return new Effort(work, maker, piece.pair(), lists, order);
    }

    private Schools habits() {
        Choices choices = preferences.current().data();
        return new Schools(choices.formCutting(), choices.plainFromMm(), 1);
    }
}
