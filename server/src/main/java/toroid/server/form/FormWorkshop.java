package toroid.server.form;

import java.util.List;
import org.springframework.stereotype.Service;
import toroid.core.form.Form;
import toroid.core.form.FormRequest;
import toroid.core.form.FormSolver;
import toroid.core.form.FormWork;
import toroid.core.form.Forms;
import toroid.core.form.FromWire;
import toroid.core.form.Toolbox;
import toroid.server.store.Recent;
import toroid.server.tool.Mandrels;
import toroid.server.wire.SpoolData;
import toroid.server.wire.Spools;
import toroid.server.wire.WireKnowledge;

/** Works forms out with the wire and tools in stock: the core's answers, composed. Keeps nothing. */
@Service
public class FormWorkshop {
    /** What stands on the bench is looked at often and changes seldom. */
    private static final int KEPT = 80;

    private final Spools spools;
    private final Mandrels mandrels;
    private final WireKnowledge knowledge;
    private final HandKnowledge hand;

    private final Recent<Asked, FormWork> recent = new Recent<>(KEPT);

    private record Asked(String formId, FormRequest request) {}

    FormWorkshop(Spools spools, Mandrels mandrels, WireKnowledge knowledge, HandKnowledge hand) {
        this.spools = spools;
        this.mandrels = mandrels;
        this.knowledge = knowledge;
        this.hand = hand;
    }

    /** @throws toroid.core.numeric.Refusal when it cannot be made so */
    public FormWork work(String formId, FormQuestion question) {
        Form form = Forms.byId(formId);
        return work(form, request(form, question));
    }

    /** The same, of a request made elsewhere: what this hand's copies taught is added here, for all who ask. */
    public FormWork work(Form form, FormRequest request) {
        var asked = new Asked(form.info().id(), request.knowing(hand.of(form)));
        return recent.get(asked, () -> FormSolver.solve(form, asked.request()));
    }

    private FormRequest request(Form form, FormQuestion question) {
        if (question.spoolId() == null) {
            return question.toCore(form.info().usualWireMm());
        }
        SpoolData spool = spools.get(question.spoolId()).data();
        return question.request(
                spool.wireDiameterMm(), spool.metalKept(), spool.temper(), knowledge.flowOf(question.spoolId(), spool));
    }

    /** What a length of its wire in hand makes, or what makes it that long over all. */
    FromWire fromWire(String formId, FormController.FromWireQuestion asked) {
        Form form = Forms.byId(formId);
        FormRequest request = request(form, asked.form());
        boolean overAll = asked.overAllMm() != null;
        double length = overAll
                ? asked.overAllMm()
                : asked.ringInnerMm() != null
                        ? FromWire.ofRingMm(asked.ringInnerMm(), request.wireDiameterMm())
                        : asked.haveMm() != null ? asked.haveMm() : Double.NaN;
        return FromWire.of(
                form,
                request.knowing(hand.of(form)),
                overAll ? FromWire.Measure.OVER_ALL : FromWire.Measure.WIRE,
                length,
                asked.lengths() == null ? 1 : asked.lengths());
    }

    /** All that is shown of it while it is made. */
    public FormInMaking inMaking(String formId, FormQuestion question) {
        FormWork work = work(formId, question);
        return new FormInMaking(
                answer(formId, question), FormingView.isTooMuch(work) ? List.of() : FormingView.of(work));
    }

    /** The same of a form that is part of a piece, worked out already; drawn more roughly, as there are several. */
    public FormInMaking inMaking(FormWork work) {
        return new FormInMaking(FormView.of(work, 1, tools()), FormingView.rough(work));
    }

    /** Which of the tools in stock gives a bend as it is wanted. */
    public Toolbox toolbox() {
        OwnTools own = tools();
        return (step, of) -> {
            OwnTools.Own nearest = own.nearest(step, of);
            return nearest == null
                    ? null
                    : new Toolbox.Near(nearest.name(), nearest.diameterMm(), nearest.leavesInsideMm());
        };
    }

    private OwnTools tools() {
        return new OwnTools(mandrels.all());
    }

    /** Laid out, with the nearest tools in stock. */
    public FormAnswer answer(String formId, FormQuestion question) {
        return FormView.of(work(formId, question), question.wanted(), tools());
    }
}
