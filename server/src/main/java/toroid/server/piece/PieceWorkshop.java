package toroid.server.piece;

import java.util.List;
import org.springframework.stereotype.Service;
import toroid.core.form.Schools;
import toroid.core.metal.Metal;
import toroid.core.numeric.Refusal;
import toroid.core.piece.BodyFit;
import toroid.core.piece.Mending;
import toroid.core.piece.Piece;
import toroid.core.piece.PieceLine;
import toroid.core.piece.PieceLists;
import toroid.core.piece.PieceSolver;
import toroid.core.piece.PieceWork;
import toroid.core.piece.Worn;
import toroid.core.piece.part.PartMaker;
import toroid.core.piece.part.WeaveWoven;
import toroid.server.form.FormWorkshop;
import toroid.server.preference.Choices;
import toroid.server.preference.Preferences;
import toroid.server.store.ServerCode;
import toroid.server.weave.PatchWorkshop;
import toroid.server.weave.WovenChain;

/** Works pieces out with the maker's habits: the core's answers, composed. Keeps nothing. */
@Service
public class PieceWorkshop {
    private final FormWorkshop forms;
    private final PatchWorkshop weaves;
    private final Preferences preferences;

    PieceWorkshop(FormWorkshop forms, PatchWorkshop weaves, Preferences preferences) {
        this.forms = forms;
        this.weaves = weaves;
        this.preferences = preferences;
    }

    /** @throws toroid.core.numeric.Refusal when it is no piece or a part of it cannot be made */
    public PieceAnswer answer(PieceQuestion question) {
        Piece piece = PieceLine.read(question.line());
        PartMaker maker = maker(question);
        PieceWork work = PieceSolver.solve(piece, maker);
        BodyFit fit = question.fit();
        PieceLists lists = PieceLists.of(work, piece.pair(), question.spare());
        boolean drawn = question.drawn() != null && question.drawn();
        return new PieceAnswer(
                PieceLine.write(piece),
                piece.pair(),
                piece.shape(),
                work.lengthMm(),
                work.deepestMm(),
                fit == null ? null : fit.targetMm(work),
                fit == null ? null : fit.remainderMm(work),
                work.thickMm(),
                work.massG(),
                work.canBeMade(),
                fit == null ? null : Worn.of(work, question.body().where(), fit.girthMm()),
                fit == null ? List.of() : fit.cures(piece, maker, question.insides()),
                Mending.of(piece, work, maker),
                PieceViews.written(piece, work),
                PieceViews.parts(work),
                work.joints().stream().map(PieceAnswer.JointView::of).toList(),
                work.steps(),
                work.facingDegrees(),
                work.faults(),
                PieceViews.rings(lists),
                PieceViews.cuts(lists),
                lists.bought(),
                drawn ? PieceDrawing.of(work, maker) : null);
    }

    /** The piece hung by its first part. */
    HangAnswer hung(PieceQuestion question) {
        PartMaker maker = maker(question);
        PieceWork work = PieceSolver.solve(PieceLine.read(question.line()), maker);
        return HangAnswer.of(work, maker);
    }

    /** How it sits on its body. */
    Worn worn(PieceQuestion question) {
        BodyFit fit = question.fit();
        if (fit == null) {
            throw Refusal.of(ServerCode.MISSING, "body", null);
        }
        return Worn.of(work(question), question.body().where(), fit.girthMm());
    }

    /** The piece itself, for a plan. */
    public PieceWork work(PieceQuestion question) {
        return PieceSolver.solve(PieceLine.read(question.line()), maker(question));
    }

    private PartMaker maker(PieceQuestion question) {
        return new PartMaker(question.stuff(habits()), forms::work, this::woven);
    }

    private WeaveWoven woven(String weave, double wireMm, List<Double> insidesMm, int units, Metal metal) {
        WovenChain chain = weaves.woven(weave, wireMm, insidesMm, units, metal);
        return new WeaveWoven(
                chain.name(),
                chain.tautMm(),
                chain.thickMm(),
                chain.massG(),
                chain.rings(),
                chain.preClosed(),
                chain.circles());
    }

    private Schools habits() {
        Choices choices = preferences.current().data();
        return new Schools(choices.formCutting(), choices.plainFromMm(), 1);
    }
}
