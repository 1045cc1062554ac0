/**
 * Screens that stand open and are told of what goes on (server-sent events).
 *
 * <p>In: what is to be told, to whoever listens to that. Out: lines that stay open. Left out: what is told, and who may hear it.
 */
package toroid.server.screen;
