package toroid.server.backup;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** Why the server does not start, in a sentence instead of a trace. */
class StartRefused extends AbstractFailureAnalyzer<RuntimeException> {
    @Override
    protected FailureAnalysis analyze(Throwable root, RuntimeException cause) {
        for (Throwable one = root; one != null; one = one.getCause()) {
            if (one instanceof NewerDatabase || one instanceof NoBackup) {
                return new FailureAnalysis(one.getMessage(), null, one);
            }
        }
        return null;
    }
}
