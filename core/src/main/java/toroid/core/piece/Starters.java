package toroid.core.piece;

import java.util.List;

/** Pieces to begin from, one for each way such pieces are built: designs of our own for the sea play. Every one can be made as it stands. */
public final class Starters {
    /**
     * A piece to copy.
     *
     * @param id names it for good
     * @param built how it is built, in a few words
     * @param line as {@link PieceLine} reads it
     * @param metal it is shown in
     */
    public record Starter(String id, String name, String built, BodyPart body, String metal, String line) {}

    private static final List<Starter> ALL = List.of(
            new Starter(
                    "harbour-chain",
                    "Harbour chain",
                    "ring in ring, closed by an S-hook",
                    BodyPart.WRIST,
                    "copper",
                    "s-hook wire=1.2 - 31 * ring 1.2/5.5"),
            new Starter(
                    "bead-and-ring",
                    "Deckhand's bracelet",
                    "wrapped bead links joined by rings, a curled hook",
                    BodyPart.WRIST,
                    "copper",
                    "hook-curled wire=1.2 - ring 1/4 - 8 * (bead-link bead=6 - ring 1/4) - ring 1.2/6"),
            new Starter(
                    "tide-wristband",
                    "Tide wristband",
                    "balled, curled rings joined by small soldered rings",
                    BodyPart.WRIST,
                    "phosphor-bronze",
                    "s-hook wire=1.4 - ring 1.2/4.5 soldered - 18 * (balled-link - ring 1.2/4.5 soldered)"),
            new Starter(
                    "twin-coils",
                    "Coils and a hook",
                    "interleaved coils on cores, end rings and an S-hook",
                    BodyPart.WRIST,
                    "copper",
                    "s-hook wire=1.4 - ring 1.4/6 - 4 * (interleaved-coils - ring 1.2/5)"),
            new Starter(
                    "thrift-earrings",
                    "Thrift flowers",
                    "a bound rosette each, its own wire grown into the ear wire",
                    BodyPart.EAR,
                    "yellow-brass",
                    "pair rosette end='bent over the ear'"),
            new Starter(
                    "lighthouse-necklace",
                    "Lighthouse necklace",
                    "coil-on-coil links and hammered rings, a pendant that hooks on and off",
                    BodyPart.NECK,
                    "yellow-brass",
                    "mirror hook-curled wire=1.2 - ring 1.2/5 - 5 * (coil-on-coil link='a wire, wrapped loops'"
                            + " - ring 1.4/7 hammered=1) - ring 1.4/7 hammered=1 [finding pendant-on-a-bail]"),
            new Starter(
                    "tide-line",
                    "Tide line",
                    "graded bead links about the middle",
                    BodyPart.NECK,
                    "copper",
                    "mirror hook-curled wire=1.2 - ring 1.2/5 - 8 * (bead-link bead=5..10 - ring 1.2/5)"),
            new Starter(
                    "cuff-and-post",
                    "Bosun's cuff and post",
                    "an ear cuff and a post joined by a fine chain",
                    BodyPart.EAR,
                    "sterling-silver",
                    "ear-cuff - ring 0.8/3 - chain 2.5/0.5 links=24 - ring 0.8/3 - ear-post"),
            new Starter(
                    "gull-drops",
                    "Gull drops",
                    "a pair of winged links on ear wires",
                    BodyPart.EAR,
                    "sterling-silver",
                    "pair fish-hook - winged-link"),
            new Starter(
                    "gull-chain",
                    "Gull chain",
                    "wings tip to tip, ring between",
                    BodyPart.NECK,
                    "sterling-silver",
                    "mirror hook-curled wire=1.2 - 6 * (ring 0.9/3.5 - wing) - ring 1/5"),
            new Starter(
                    "rain-drops",
                    "Rain drops",
                    "a single wrapped drop on each ear wire",
                    BodyPart.EAR,
                    "copper",
                    "pair fish-hook - beaded-dangle top=wrapped bead=8"),
            new Starter(
                    "anchor-mobile",
                    "Anchor mobiles",
                    "a frame with two side drops, in the middle one of two parts",
                    BodyPart.EAR,
                    "yellow-brass",
                    "pair fish-hook - horseshoe-frame [ring 0.8/3 - beaded-dangle] [ring 0.8/3 - beaded-dangle]"
                            + " [ring 0.8/3 - bead-link first=plain second=plain - beaded-dangle bead=8]"),
            new Starter(
                    "kelp-lariat",
                    "Kelp lariat",
                    "capped beads between plain bead links, open-ended",
                    BodyPart.NECK,
                    "phosphor-bronze",
                    "beaded-dangle bead=10 - ring 0.8/3 - 10 * (bead-link first=plain second=plain bead=6 - ring 0.8/3"
                            + " - bead-cap-wrapped - ring 0.8/3) - ring 1.4/14"),
            new Starter(
                    "net-mender",
                    "Net mender's string",
                    "bead links loop in loop, plain and wrapped in turn",
                    BodyPart.NECK,
                    "copper",
                    "hook-curled wire=1.2 - 14 * (bead-link first=plain second=plain bead=4 - bead-link bead=6) - ring 1/5"),
            new Starter(
                    "rail-bar",
                    "Ship's rail",
                    "a beaded bar on two lengths of chain",
                    BodyPart.NECK,
                    "yellow-brass",
                    "finding clasp - ring 0.8/3 - chain 3/0.6 links=57 - ring 0.8/3 - curved-bar wire=0.9 long=44 former=60 carries='a row'"
                            + " row='bead 3/3/1.2, bead 6/6/1.5, bead 3/3/1.2, bead 6/6/1.5, bead 3/3/1.2, bead 6/6/1.5, bead 3/3/1.2'"
                            + " - ring 0.8/3 - chain 3/0.6 links=57 - ring 0.8/3"),
            new Starter(
                    "foam-bar",
                    "Foam bar",
                    "large beads with small ones lashed below, on two lengths of chain",
                    BodyPart.NECK,
                    "sterling-silver",
                    "finding clasp - ring 0.8/3 - chain 3/0.6 links=55 - ring 0.8/3"
                            + " - lashed-beads ends='plain loops' arcs='all on one side' beads=5 - ring 0.8/3"
                            + " - chain 3/0.6 links=55 - ring 0.8/3"),
            new Starter(
                    "surf-band",
                    "Surf band",
                    "two crimped wires bound with beads, a toggle",
                    BodyPart.WRIST,
                    "copper",
                    "toggle:ring - 3 * (ring 1/4 - crimped-pair ends='loops of the upper wire' waves=6) - ring 1/4 - toggle:bar"),
            new Starter(
                    "harbour-cross",
                    "Harbour cross",
                    "arms of weave about two large rings, one longer, tied, on a chain",
                    BodyPart.NECK,
                    "phosphor-bronze",
                    "mirror finding clasp - ring 0.9/3 - chain 3/0.6 links=64 - ring 1.2/5"
                            + " [medallion byzantine 0.9/3.75 rows=3 longer=2 larger=1.2 hubs=2 tie=1 bail]"),
            new Starter(
                    "cast-ear-wires",
                    "Ear wires for the cast",
                    "a bead bound on each ear wire, a drop below",
                    BodyPart.EAR,
                    "sterling-silver",
                    "pair ear-hook-bead - paddle-dangle"),
            new Starter(
                    "three-in-turn",
                    "Three in turn",
                    "hammered bars, carried beads and crossed bars in turn",
                    BodyPart.WRIST,
                    "copper",
                    "s-hook wire=1.4 - ring 0.8/6 - 2 * (hammered-bar - ring 0.8/6 - bead-link-carried - ring 0.8/6"
                            + " - crossed-bars - ring 0.8/6)"),
            new Starter(
                    "curled-tears",
                    "Curled tears",
                    "soldered teardrops, each curled through the next",
                    BodyPart.WRIST,
                    "sterling-silver",
                    "s-hook wire=1.4 - ring 1.2/5 - 8 * teardrop-link - ring 1.2/5"),
            new Starter(
                    "wave-strand",
                    "Wave strand",
                    "beads on beading wire, crimped, a toggle",
                    BodyPart.WRIST,
                    "sterling-silver",
                    "toggle:ring - strand 0.38 (27 * bead 6/1) - ring 1/4 - toggle:bar"),
            new Starter(
                    "triple-strand",
                    "Three-wire strand",
                    "large beads on three wires, bought ends",
                    BodyPart.WRIST,
                    "sterling-silver",
                    "finding toggle-ring - ring 1/4 - strand 0.25 strands=3 loop=4 (2 * bead 8/1.5 - 16 * bead 8/1.2 - 2 * bead 8/1.5)"
                            + " - ring 1/4 - finding toggle-bar"),
            new Starter(
                    "tide-pools",
                    "Tide pools",
                    "two strands that part round small beads and meet in large ones, a toggle",
                    BodyPart.WRIST,
                    "sterling-silver",
                    "toggle:ring - ring 1/4 - strand 0.3 strands=2 loop=4 (bead 8/1.5 - each 4 * bead 4/1 - bead 8/1.2 - each 5 * bead 4/1"
                            + " - bead 8/1.2 - each 5 * bead 4/1 - bead 8/1.2 - each 5 * bead 4/1 - bead 8/1.2 - each 5 * bead 4/1"
                            + " - bead 8/1.2 - each 4 * bead 4/1 - bead 8/1.5) - ring 1/4 - toggle:bar"),
            new Starter(
                    "figurehead-chain",
                    "Figurehead chain",
                    "figure-eights and bead links with a toggle, a folded crimped strip and a bead in the middle",
                    BodyPart.NECK,
                    "yellow-brass",
                    "toggle:ring - 7 * (figure-eight - bead-link first=plain second=plain bead=8 - ring 1/4) - ring 1.2/6"
                            + " [crimped-pair made='one length, folded' ends='loops of the upper wire' waves=4 - ring 0.8/3.5"
                            + " - beaded-dangle bead=12] - 7 * (ring 1/4 - bead-link first=plain second=plain bead=8 - figure-eight)"
                            + " - ring 1/4 - toggle:bar"),
            new Starter(
                    "rope-cord",
                    "Rope cord",
                    "cord with coiled ends, a fixed pendant and a clasp",
                    BodyPart.NECK,
                    "copper",
                    "finding clasp - ring 0.8/3.5 - cord 2 length=380 [ring 1.2/5 - stone 22/1.5] - ring 0.8/3.5"),
            new Starter(
                    "mast-hoops",
                    "Mast hoops",
                    "five graded bars on a hoop, a ring of three turns",
                    BodyPart.EAR,
                    "yellow-brass",
                    "pair fish-hook - ring 0.8/4 - ring 0.8/4 turns=3 - ring 1.2/24 [paddle-dangle long=16] [paddle-dangle long=20]"
                            + " [paddle-dangle long=24] [paddle-dangle long=20] [paddle-dangle long=16]"),
            new Starter(
                    "winged-cuff",
                    "Storm-petrel cuff",
                    "a winged ear cuff with a drop",
                    BodyPart.EAR_EDGE,
                    "sterling-silver",
                    "winged-cuff [ring 0.8/3 - beaded-dangle bead=4]"),
            new Starter(
                    "harbour-net",
                    "Harbour net",
                    "a collar of rings, four in one, its rows growing shorter, a clasp",
                    BodyPart.NECK,
                    "copper",
                    "finding clasp - ring 1.2/5 - sheet european-4-in-1 1/5 rows=7 columns=65 grow=-1 - ring 1.2/5"),
            new Starter(
                    "stowaway-ring",
                    "Stowaway ring",
                    "a chain of small rings round a finger, closed for good by its last",
                    BodyPart.FINGER,
                    "sterling-silver",
                    "round 20 * ring 0.8/3"),
            new Starter(
                    "mail-belt",
                    "Boarding belt",
                    "lengths of weave between large rings with captive beads, a hook",
                    BodyPart.WAIST,
                    "phosphor-bronze",
                    "hook-curled wire=2 - 10 * (ring 1.6/9 bead=6 - weave byzantine 1.2/4.5 units=9) - ring 2/9"));

    private Starters() {}

    public static List<Starter> all() {
        return ALL;
    }
}
