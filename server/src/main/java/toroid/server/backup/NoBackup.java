package toroid.server.backup;

import toroid.server.store.ServerCode;

/** A backup that cannot be made, read or brought in; its message is a sentence for whoever asked. */
public final class NoBackup extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient ServerCode code;

    NoBackup(String sentence) {
        this(sentence, (Throwable) null);
    }

    NoBackup(String sentence, Throwable cause) {
        this(ServerCode.BACKUP_FAILED, sentence, cause);
    }

    NoBackup(ServerCode code, String sentence) {
        this(code, sentence, null);
    }

    /** @param code why, for the app, which says it in words of its own */
    NoBackup(ServerCode code, String sentence, Throwable cause) {
        super(sentence, cause);
        this.code = code;
    }

    ServerCode code() {
        return code;
    }
}
