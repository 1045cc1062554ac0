/**
 * The demo workshop: a theatre's metalwork for a sea play, wholly invented. Loaded only into an empty database of its own, when
 * asked for, and the same each time.
 */
package toroid.server.demo;
