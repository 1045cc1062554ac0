/**
 * Photos of what is made.
 *
 * <p>In: picture files as a camera writes them. Out: JPEG in two sizes, the right way up, without a word of where, when or with what they
 * were taken. Left out: measuring from them.
 */
package toroid.server.photo;
