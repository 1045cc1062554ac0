package toroid.server.ring;

import toroid.core.ring.CoilPlan;
import toroid.core.ring.CoilRequest;
import toroid.core.ring.RingWork;

/** A job worked out: what the sheet shows and the bench runs. */
public record WorkedJob(RingJobData data, RingWork work, CoilRequest request, CoilPlan plan) {}
