package toroid.server.piece;

import java.util.List;
import org.springframework.stereotype.Service;
import toroid.core.form.Schools;
import toroid.core.piece.BodyFit;
import toroid.core.piece.Parts;
import toroid.core.piece.Piece;
import toroid.core.piece.PieceLine;
import toroid.core.piece.PieceLists;
import toroid.core.piece.PieceSolver;
import toroid.core.piece.PieceWork;
import toroid.server.form.FormWorkshop;
import toroid.server.preference.Choices;
import toroid.server.preference.Preferences;

/** Works pieces out with the maker's habits: the core's answers, composed. Keeps nothing. */
@Service
class PieceWorkshop {
    private final FormWorkshop forms;
    private final Preferences preferences;

    PieceWorkshop(FormWorkshop forms, Preferences preferences) {
        this.forms = forms;
        this.preferences = preferences;
    }

    /** @throws toroid.core.numeric.Refusal when it is no piece or a part of it cannot be made */
    PieceAnswer answer(PieceQuestion question) {
        Piece piece = PieceLine.read(question.line());
        var parts = new Parts(question.stuff(habits()), forms::work);
        PieceWork work = PieceSolver.solve(piece, parts);
        BodyFit fit = question.body() == null ? null : question.body().fit();
        PieceLists lists = PieceLists.of(work, question.spare());
        return new PieceAnswer(
                PieceLine.write(piece),
                work.lengthMm(),
                fit == null ? null : fit.targetMm(work),
                fit == null ? null : fit.remainderMm(work),
                work.thickMm(),
                work.massG(),
                work.canBeMade(),
                fit == null ? List.of() : fit.cures(piece, parts, question.insides()),
                PieceAnswer.parts(work),
                work.joints().stream().map(PieceAnswer.JointView::of).toList(),
                work.steps(),
                work.facingDegrees(),
                work.faults(),
                PieceAnswer.rings(lists),
                PieceAnswer.cuts(lists));
    }

    private Schools habits() {
        Choices choices = preferences.current().data();
        return new Schools(choices.formCutting(), choices.plainFromMm(), 1);
    }
}
