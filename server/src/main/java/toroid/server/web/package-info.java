/**
 * The edge: who may come in, what leaves with every answer, problems in one shape, and the app's own files.
 *
 * <p>Left out: anything about wire.
 */
package toroid.server.web;
