/** Cutting plans: what is cut from which strip. */
package toroid.server.cutting;
