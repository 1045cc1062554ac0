package toroid.server.calibration;

import java.util.HashMap;
import java.util.Map;
import java.util.function.Function;
import org.springframework.stereotype.Service;
import toroid.core.form.Flats;
import toroid.core.form.Form;
import toroid.core.form.Learnt;
import toroid.core.form.catalogue.CoilOnCoil;
import toroid.server.form.HandKnowledge;

/** What measured pieces taught of the shares that are the hand's own. */
@Service
class LearntHand implements HandKnowledge {
    private final Map<String, Function<String, Learnt>> teachers;

    LearntHand(FormLearning learning) {
        teachers = Map.of(
                Flats.LENGTHENS, id -> learning.lengtheningOf(id).learnt(),
                CoilOnCoil.LOOSER, id -> learning.loosenessOf(id).learnt());
    }

    @Override
    public Map<String, Learnt> of(Form form) {
        var known = new HashMap<String, Learnt>();
        form.parameters().forEach(parameter -> {
            Function<String, Learnt> teacher = teachers.get(parameter.id());
            Learnt learnt = teacher == null ? null : teacher.apply(form.info().id());
            if (learnt != null && learnt.from() > 0) {
                known.put(parameter.id(), learnt);
            }
        });
        return known;
    }
}
