package toroid.server.bench;

interface WeaveRunRepository extends RunRepository<WeaveRun> {}
