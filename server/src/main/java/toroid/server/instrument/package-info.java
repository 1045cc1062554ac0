/** Calipers and scales that say what they measure on a line of their own: read as they speak, told to the screens that listen. */
package toroid.server.instrument;
