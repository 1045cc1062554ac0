package toroid.server.backup;

import org.springframework.context.ApplicationEvent;

/** Another workshop stands in the database: whatever was held in memory of the one before is of no use. */
public final class WorkshopReplaced extends ApplicationEvent {
    private static final long serialVersionUID = 1L;

    WorkshopReplaced(Object source) {
        super(source);
    }
}
