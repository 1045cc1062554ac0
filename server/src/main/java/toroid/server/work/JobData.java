package toroid.server.work;

/**
 * A job's content with its kind.
 *
 * @param content of the kind's own record
 */
public record JobData(String kind, Object content) {}
