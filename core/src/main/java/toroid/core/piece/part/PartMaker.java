package toroid.core.piece.part;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import toroid.core.form.Form;
import toroid.core.form.FormRequest;
import toroid.core.form.FormWork;
import toroid.core.form.Schools;
import toroid.core.metal.Metal;
import toroid.core.metal.Temper;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.weave.WovenLength;
import toroid.core.weave.composition.Medallion;
import toroid.core.weave.patch.PatchShape;

/** Works the parts of a piece out, each once. */
public final class PartMaker {
    /**
     * What all wire of a piece is of.
     *
     * @param schools the maker's habits
     */
    public record Stuff(Metal metal, Temper temper, Schools schools) {}

    /** Who works forms out: with what this hand's copies taught, where it is known. */
    public interface Forms {
        /** @throws Refusal when it cannot be made so */
        FormWork work(Form form, FormRequest request);
    }

    /** Who knows the weaves: solved once, kept. */
    public interface Weaves {
        /**
         * @param insidesMm one for each ring size of the weave
         * @throws Refusal for a weave nobody knows, rings it cannot be made of, or rows of what is no sheet
         */
        WovenLength woven(String weave, double wireMm, List<Double> insidesMm, PatchShape shape, Metal metal);

        /** @throws Refusal for a weave nobody knows, or what does not go together so */
        Medallion medallion(Medallion.Asked asked);
    }

    /** Without weaves: a piece that has some is refused. */
    public static final Weaves NO_WEAVES = new Weaves() {
        @Override
        public WovenLength woven(String weave, double wireMm, List<Double> insidesMm, PatchShape shape, Metal metal) {
            throw unknown(weave);
        }

        @Override
        public Medallion medallion(Medallion.Asked asked) {
            throw unknown(asked.weave());
        }

        private static Refusal unknown(String weave) {
            return Refusal.of(RefusalCode.UNREADABLE_PIECE, "line", "weave " + weave);
        }
    };

    private final Stuff stuff;
    private final Forms forms;
    private final Weaves weaves;
    private final Map<PartSpec, PartWork> worked = new HashMap<>();
    private final Map<FormPart, FormWork> formed = new HashMap<>();
    private final Map<Map.Entry<WeaveSizes, PatchShape>, WovenLength> woven = new HashMap<>();
    private final Map<Medallion.Asked, Medallion> medallions = new HashMap<>();

    public PartMaker(Stuff stuff, Forms forms, Weaves weaves) {
        this.stuff = stuff;
        this.forms = forms;
        this.weaves = weaves;
    }

    /** @throws Refusal for a part that cannot be made so, or that hangs from nothing */
    public PartWork of(PartSpec spec) {
        PartWork known = worked.get(spec);
        if (known == null) {
            known = spec.work(this);
            worked.put(spec, known);
        }
        return known;
    }

    /** Id of what all wire is of, its rings' too. */
    public String metalId() {
        return stuff.metal().id();
    }

    Stuff stuff() {
        return stuff;
    }

    /** Whether what all wire is of is soldered with a torch. */
    public boolean isSolderable() {
        return stuff.metal().solderable();
    }

    /** A form whose halves are two parts is worked out once. */
    FormWork formed(FormPart whole, Form form, FormRequest request) {
        FormWork known = formed.get(whole);
        if (known == null) {
            known = forms.work(form, request);
            formed.put(whole, known);
        }
        return known;
    }

    WovenLength woven(WeaveSizes of, PatchShape shape) {
        WovenLength known = woven.get(Map.entry(of, shape));
        if (known == null) {
            known = weaves.woven(of.weave(), of.wireMm(), of.insidesMm(), shape, stuff.metal());
            woven.put(Map.entry(of, shape), known);
        }
        return known;
    }

    Medallion medallion(Medallion.Asked asked) {
        return medallions.computeIfAbsent(asked, weaves::medallion);
    }

    double density() {
        return stuff.metal().densityGramsPerCubicCentimetre();
    }
}
