package toroid.server.bench;

interface RingRunRepository extends RunRepository<RingRun> {}
