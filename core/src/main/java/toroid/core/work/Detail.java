package toroid.core.work;

/** What an operation says beyond where it stands in its plan; one record for each family of verbs. */
public sealed interface Detail permits RingStep, FormingStep, RingsHandled, PartsHandled, Inspected, FinishStep {}
