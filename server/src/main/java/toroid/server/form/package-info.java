/**
 * Wire forms over HTTP: the catalogue, a form worked out with the wire and tools in stock, its forming step by step; form jobs
 * as the workshop keeps them.
 *
 * <p>In and out: mm, degrees, grams. Points of a wire come as x, y, z after one another, mm, for drawing only: every length is
 * the core's own.
 */
package toroid.server.form;
