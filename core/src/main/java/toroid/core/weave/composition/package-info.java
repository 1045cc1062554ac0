/**
 * Patches put together of patches of a weave: crosses, stars, medallions. In: a weave, how many arms, what holds and ties them; rings in
 * mm. Out: every ring and link, counts, order, the sizes of larger ring that go in, how every ring lies. Left out: arms that lie each
 * another way.
 */
package toroid.core.weave.composition;
