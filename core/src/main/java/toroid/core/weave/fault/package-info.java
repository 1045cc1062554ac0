/**
 * A ring gone wrong, found from what the maker sees. In: a patch, how far it is, answers to questions about it. Out: the next question,
 * or the likeliest mistake. Left out: what no count of links tells, such as a section turned over as a whole.
 */
package toroid.core.weave.fault;
