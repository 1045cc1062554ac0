package toroid.server.form;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;

/** S-hooks of 1.2 mm copper, as a job is sent. */
final class Hooks {
    private Hooks() {}

    /** @param spool null for wire not in stock */
    static HashMap<String, Object> data(UUID spool, int copies, String rhythm) {
        var data = new HashMap<String, Object>(Map.of(
                "name",
                "Hooks",
                "formId",
                "s-hook",
                "metal",
                "copper",
                "temper",
                "HALF_HARD",
                "wireDiameterMm",
                1.2,
                "parameters",
                Map.of("large", 6.0),
                "hand",
                "RIGHT",
                "copies",
                copies,
                "rhythm",
                rhythm));
        data.putAll(Map.of("cutting", "PRE_CUT", "plainFromMm", 1.0, "tailFactor", 1.0, "note", ""));
        data.put("spoolId", spool);
        return data;
    }
}
