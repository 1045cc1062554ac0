package toroid.server.bench;

interface FormRunRepository extends RunRepository<FormRun> {}
