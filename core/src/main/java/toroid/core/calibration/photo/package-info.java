/** Sizes from a photo: a card of known size undoes its perspective. */
package toroid.core.calibration.photo;
