package toroid.server.backup;

/** A backup that cannot be made, read or brought in; its message is a sentence for whoever asked. */
public final class NoBackup extends RuntimeException {
    NoBackup(String sentence) {
        super(sentence);
    }

    NoBackup(String sentence, Throwable cause) {
        super(sentence, cause);
    }
}
