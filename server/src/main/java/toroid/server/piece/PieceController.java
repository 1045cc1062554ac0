package toroid.server.piece;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.Arrays;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import toroid.core.piece.Begun;
import toroid.core.piece.BodyPart;
import toroid.core.piece.PieceEdit;
import toroid.core.piece.PieceLine;
import toroid.core.piece.Rescaled;
import toroid.core.piece.Starters;
import toroid.core.piece.Worn;
import toroid.server.effort.Efforts;

/** Whole pieces. Stateless. */
@RestController
@RequestMapping("/api/pieces")
class PieceController {
    private final PieceWorkshop workshop;
    private final Efforts efforts;

    PieceController(PieceWorkshop workshop, Efforts efforts) {
        this.workshop = workshop;
        this.efforts = efforts;
    }

    /**
     * A piece after a change.
     *
     * @param at where the part is that was changed, moved or put in; −1 where it is gone
     */
    record Changed(@NotNull String line, @NotNull int at) {}

    /** A part of a body, how large it usually is, how much longer pieces are. Lengths mm. */
    record BodyView(
            @NotNull BodyPart part,
            @NotNull double usualGirthMm,
            @NotNull List<EaseView> eases) {}

    record EaseView(@NotNull String name, @NotNull double easeMm) {}

    @Operation(
            summary =
                    "A piece from its line: how long, what is over, how each joint is made and in which order, what to cut")
    @PostMapping("/solve")
    PieceAnswer solve(@RequestBody @Valid PieceQuestion question) {
        return efforts.answer(() -> workshop.answer(question));
    }

    @Operation(
            summary =
                    "A piece hung by its first part: where every part rests, how it tilts, what each joint carries, what touches")
    @PostMapping("/hang")
    HangAnswer hang(@RequestBody @Valid PieceQuestion question) {
        return efforts.answer(() -> workshop.hung(question));
    }

    @Operation(summary = "A piece closed round its body: what it leaves, how far its parts stand off")
    @PostMapping("/worn")
    Worn worn(@RequestBody @Valid PieceQuestion question) {
        return efforts.answer(() -> workshop.worn(question));
    }

    @Operation(summary = "A piece changed by one step: the line it is then")
    @PostMapping("/edit")
    Changed edit(@RequestBody @Valid EditQuestion question) {
        PieceEdit.Edited edited = question.edited();
        return new Changed(PieceLine.write(edited.piece()), edited.at());
    }

    /** @param body what it is for */
    record BegunView(@NotNull String line, @NotNull BodyPart body) {}

    @Operation(
            summary = "A piece begun from one form: a bracelet of it and rings, a pair of drops, or a chain it closes")
    @PostMapping("/begin")
    BegunView begin(@RequestBody @Valid BeginQuestion question) {
        return efforts.answer(() -> {
            Begun begun = workshop.begun(question);
            return new BegunView(PieceLine.write(begun.piece()), begun.body());
        });
    }

    /** @param changes what became of its parts, each kind once */
    record ScaledView(
            @NotNull String line,
            @NotNull double factor,
            @NotNull List<Rescaled.Change> changes) {}

    @Operation(
            summary =
                    "A piece in another size, by a factor, to another wire or to its body, of the nearest wires and rods there are")
    @PostMapping("/scale")
    ScaledView scale(@RequestBody @Valid ScaleQuestion question) {
        return efforts.answer(() -> {
            double factor = workshop.factor(question);
            Rescaled scaled = workshop.scaled(question.piece(), factor);
            return new ScaledView(PieceLine.write(scaled.piece()), factor, scaled.changes());
        });
    }

    @Operation(summary = "Pieces to begin from, one for each way they are built")
    @GetMapping("/starters")
    List<Starters.Starter> starters() {
        return Starters.all();
    }

    @Operation(summary = "What pieces go round or hang from, with usual sizes")
    @GetMapping("/bodies")
    List<BodyView> bodies() {
        return Arrays.stream(BodyPart.values())
                .map(part -> new BodyView(
                        part,
                        part.usualGirthMm(),
                        part.eases().stream()
                                .map(ease -> new EaseView(ease.name(), ease.mm()))
                                .toList()))
                .toList();
    }
}
