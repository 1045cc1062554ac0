/** How the maker likes things: units, schools, the hand's allowances. In and out: one set of choices, kept. */
package toroid.server.preference;
