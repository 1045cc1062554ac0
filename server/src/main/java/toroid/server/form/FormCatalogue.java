package toroid.server.form;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import toroid.core.bend.program.WirePoint;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormRequest;
import toroid.core.form.FormSolver;
import toroid.core.form.FormWork;
import toroid.core.form.Forms;
import toroid.core.form.Parameter;
import toroid.core.form.Schools;
import toroid.core.metal.FlowEstimate;
import toroid.core.metal.Metal;
import toroid.core.metal.Metals;
import toroid.core.metal.Temper;

/** The catalogue as it is shown: what there is, its parameters for a wire, a picture of each drawn from its own geometry. */
final class FormCatalogue {
    private static final double COARSE = 0.02;
    private static final List<Picture> PICTURES =
            Forms.all().stream().map(FormCatalogue::picture).toList();

    private FormCatalogue() {}

    /**
     * One form.
     *
     * @param wireDiameterMm the wire its defaults and limits are given for
     */
    record CatalogueForm(
            @NotNull String id,
            @NotNull String name,
            @NotNull Family family,
            @NotNull String familyName,
            @NotNull String does,
            @NotNull List<String> alsoCalled,
            @NotNull double usualWireMm,
            @NotNull double wireDiameterMm,
            @NotNull List<ParameterView> parameters) {}

    /**
     * One parameter; a choice has its words, a length mm, an angle degrees.
     *
     * @param onlyWhen choices as {@code id=word} of which one must be taken for it to count; empty when it always does
     */
    record ParameterView(
            @NotNull String id,
            @NotNull String name,
            @NotNull Parameter.Kind kind,
            @NotNull String unit,
            @NotNull double usual,
            @NotNull double least,
            @NotNull double most,
            @NotNull List<String> choices,
            @NotNull List<String> onlyWhen,
            @NotNull String reason) {}

    /** A form as points, coarse, in its usual wire. */
    record Picture(
            @NotNull String id,
            @NotNull List<PictureWire> wires,
            @NotNull List<FormAnswer.SolidView> solids) {}

    /** One wire of a picture: x, y, z after one another, mm. */
    record PictureWire(
            @NotNull double diameterMm,
            @NotNull double[] points,
            @NotNull double[] sections,
            @NotNull List<FormAnswer.HoleView> holes) {}

    static List<CatalogueForm> entries(Double wireMm) {
        return Forms.all().stream().map(form -> entry(form, wireMm)).toList();
    }

    private static CatalogueForm entry(Form form, Double wireMm) {
        double d = wireMm == null ? form.info().usualWireMm() : wireMm;
        return new CatalogueForm(
                form.info().id(),
                form.info().name(),
                form.info().family(),
                form.info().family().inWords(),
                form.info().does(),
                form.alsoCalled(),
                form.info().usualWireMm(),
                d,
                form.parameters().stream().map(p -> view(p, d)).toList());
    }

    private static ParameterView view(Parameter p, double d) {
        return new ParameterView(
                p.id(),
                p.name(),
                p.kind(),
                p.unit(),
                p.usual().applyAsDouble(d),
                p.least().applyAsDouble(d),
                p.most().applyAsDouble(d),
                p.choices(),
                p.onlyWhen(),
                p.reason());
    }

    static List<Picture> pictures() {
        return PICTURES;
    }

    private static Picture picture(Form form) {
        Metal copper = Metals.byId("copper");
        var request = new FormRequest(
                form.info().usualWireMm(),
                copper,
                Temper.DEAD_SOFT,
                FlowEstimate.ofHandbook(copper.flow(Temper.DEAD_SOFT)),
                Map.of(),
                false,
                Schools.USUAL);
        FormWork work = FormSolver.solve(form, request);
        return new Picture(
                form.info().id(),
                work.wires().stream()
                        .map(wire -> {
                            List<WirePoint> points = Points.of(wire, COARSE);
                            return new PictureWire(
                                    wire.diameterMm(),
                                    Points.flat(points),
                                    Points.sections(wire, points),
                                    FormView.holes(wire));
                        })
                        .toList(),
                FormView.of(work, 1, OwnTools.NONE).solids());
    }
}
