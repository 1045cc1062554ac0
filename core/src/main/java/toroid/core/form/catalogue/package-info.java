/**
 * The catalogue: one form, one class. Each says its name, its parameters with defaults and limits for the wire in hand, and
 * how it is bent. Faces lie in the xy plane, z towards the eye; mm and degrees.
 */
package toroid.core.form.catalogue;
