package toroid.server.ring;

import java.util.List;
import toroid.core.ring.WeaveFit;

/** What is known of the weaves a ring may be for. */
public interface WeaveKnowledge {
    /** Those with a usual window, in the order of the catalogue; not solved yet, without their smallest aspect ratio. */
    List<WeaveFit.Known> weaves();
}
