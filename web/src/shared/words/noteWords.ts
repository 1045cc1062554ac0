/** Judgements as sentences, in the maker's own unit. A code without words here does not compile. */
import type { Note, NoteCode } from "../../api/types";
import { many, plain, sizeText, type Units } from "../../quantity/format";
import { capital } from "./lists";

const USES: Record<string, string> = {
  BRACELET: "a bracelet",
  NECKLACE: "a necklace",
  EARRING: "an earring",
};

/** What a note tells, ready for a sentence. */
class Told {
  private readonly note: Note;
  private readonly units: Units;

  constructor(note: Note, units: Units) {
    this.note = note;
    this.units = units;
  }

  value(name: string): number {
    return Number(this.note.values[name] ?? 0);
  }

  number(name: string, decimals = 2): string {
    return plain(this.value(name), decimals);
  }

  mm(name: string, decimals = 2): string {
    return sizeText(this.value(name), this.units, decimals);
  }

  text(name: string): string {
    return String(this.note.values[name] ?? "");
  }
}

export const NOTES: Record<NoteCode, (at: Told) => string> = {
  // rings
  "anneal-first": (at) =>
    `The outer fibre stretches ${at.number("strainPercent", 0)} % at the tightest bend: anneal first, or it may crack.`,
  "kerf-shrinks": (at) => `The saw takes ${at.mm("byMm")} off the inside when the ring is closed.`,
  "pointed-ends": () =>
    "Each ring keeps one pointed end and a V-shaped gap. Flip the cutters and trim the point for two flush ends.",
  bears: (at) =>
    `Unsoldered it holds ${at.number("staysOpenN", 1)} N (${at.number("staysOpenGf", 0)} g) before it stays open: enough for ${USES[at.text("use")] ?? "light use"}.`,
  "opens-easily": (at) =>
    `It stays open from ${at.number("staysOpenN", 1)} N (${at.number("staysOpenGf", 0)} g): solder it, or take thicker wire.`,

  "no-mandrel": (at) =>
    `No rod leaves ${at.mm("innerMm")} inside in this wire: take a larger ring, or a softer or thinner wire.`,
  "springback-unknown": (at) =>
    `Without the metal nothing is said of springback: the ring is taken as ${at.mm("mandrelMm")}, the rod's own size.`,
  "no-lead-no-tail": () => "The wire is counted without lead and tail: leave some at either end.",

  // forms
  "passes-through": (at) =>
    at.text("what") === "BEAD_IN_BEAD"
      ? `The beads lie ${at.mm("depthMm")} in one another: smaller beads, or more room between them.`
      : at.text("what") === "WIRE_IN_BEAD"
        ? `The wire would lie ${at.mm("depthMm")} in a bead, ${at.mm("atMm", 1)} along. Make room there: a smaller bead, a longer neck, thinner wire.`
        : `The wire would pass through itself ${at.mm("atMm", 1)} along, by ${at.mm("depthMm")}. Make room there: a larger loop, a longer neck, thinner wire.`,
  "bead-hole-small": (at) =>
    `The bead does not go on: its ${at.mm("holeMm")} hole must take ${at.value("passes") === 1 ? "one pass" : `${at.value("passes")} passes`} of ${at.mm("wireMm")} wire, ${at.mm("neededMm")}. Thinner wire or another bead.`,
  "bead-hole-bow": (at) =>
    `The bead does not go round the bow: over its ${at.mm("longMm", 1)} the wire rises, so its ${at.mm("holeMm")} hole needs ${at.mm("neededMm")}. A shorter bead, a larger hole, thinner wire.`,
  "wraps-do-not-fit": (at) =>
    `${at.value("wraps")} wraps need a neck of ${at.mm("needMm")}; this one has ${at.mm("neckMm")}.`,
  "plain-loop-holds": (at) =>
    `An open loop in this wire holds ${at.number("staysOpenN", 1)} N (${at.number("staysOpenGf", 0)} g) before it stays open.`,
  "plain-loop-opens": (at) =>
    `A plain loop stays open from ${at.number("staysOpenN", 1)} N (${at.number("staysOpenGf", 0)} g) in this wire: fine for light work, wrap it for more.`,
  "rule-always-wrap": (at) =>
    `Your rule is to wrap every loop. Left plain, this one stays open from ${at.number("staysOpenN", 1)} N (${at.number("staysOpenGf", 0)} g).`,
  "rule-plain-from": (at) =>
    `Your rule is plain loops from ${at.mm("fromMm")} wire up; this is ${at.mm("wireMm")}. Left plain, it stays open from ${at.number("staysOpenN", 1)} N (${at.number("staysOpenGf", 0)} g).`,
  "usual-plain-from": (at) =>
    `The usual advice is plain loops from ${at.mm("fromMm")} wire up, some say ${at.mm("someFromMm")}; this is ${at.mm("wireMm")}. Left plain, it stays open from ${at.number("staysOpenN", 1)} N (${at.number("staysOpenGf", 0)} g). Preferences ask for your own rule.`,
  "wrap-this-loop": (at) => `At ${at.mm("wireMm")} an open loop lets go: wrap it.`,
  "spiral-wider-than-bead": (at) =>
    `The spiral is ${at.mm("widthMm", 1)} across, wider than its ${at.mm("beadMm", 1)} bead.`,
  "toggle-falls-through": (at) =>
    `A ${at.mm("barMm", 1)} bar falls back through a ${at.mm("ringMm", 1)} ring: make it ${at.mm("betterMm", 1)}.`,
  "toggle-does-not-pass": (at) =>
    `The bar cannot pass on end: with what follows it needs ${at.mm("needsMm", 1)}, the ring has ${at.mm("ringMm", 1)}.`,
  "eye-too-small": (at) =>
    `The hook does not go through a ${at.mm("eyeMm")} eye: ${at.mm("neededMm")} at least.`,
  "nothing-goes-through": (at) =>
    `What it carries is ${at.mm("throughMm")} thick and does not go through a ${at.mm("insideMm")} loop: ${at.mm("neededMm")} at least.`,
  "cord-end-loose": (at) =>
    `Wound on ${at.mm("rodMm")} it springs to ${at.mm("insideMm")} and slides off a ${at.mm("cordMm")} cord: wind it on a little less.`,
  "chain-long": (at) =>
    `${many(at.value("links"), "link")} hang ${at.mm("lengthMm", 1)} long, taut, from loop to loop inside.`,
  "springs-off": (at) => `On a ${at.mm("toolMm")} tool it springs to ${at.mm("insideMm")} inside.`,
  "coil-too-tight": (at) =>
    `Sprung to ${at.mm("insideMm")} inside it does not slide onto ${at.mm("onMm")}: wind it on ${at.mm("rodMm")} or a little more.`,
  "link-too-short": (at) => `The link is too short to turn up: ${at.mm("neededMm", 1)} at least.`,
  "ear-wire-thick": (at) =>
    `${at.mm("wireMm")} is thick for an ear: ${at.mm("mostMm")} is the usual most, ${at.mm("betterMm")} better for many.`,
  "flat-too-narrow": (at) =>
    `Hammered so, the flat is ${at.mm("wideMm")} wide; a ${at.mm("holeMm")} hole with ${at.mm("aroundMm", 0)} around it needs ${at.mm("neededMm")}. Hammer to ${at.mm("thickMm")}, or take a finer ring.`,
  "flat-grows": (at) =>
    `Hammered to ${at.mm("thickMm")}, ${at.mm("tookMm", 1)} of wire become a flat about ${at.mm("longMm", 1)} long and ${at.mm("wideMm", 1)} wide: approximate, measure the first one.` +
    (at.value("holeMm") ? ` Drill ${at.mm("holeMm")}.` : ""),
  "wheels-take": (at) =>
    `Toothed wheels take ${at.mm("fromMm", 1)} to ${at.mm("toMm", 1)}; this wire is ${at.mm("wireMm")}.`,
  "crimp-shortens": (at) =>
    `Crimped it is ${at.mm("longMm", 0)} long, ${plain(100 * at.value("share"), 0)} % of its wire.`,
  "coil-on-coil-longer": (at) =>
    `Finished about ${at.mm("lengthMm", 1)} long, between ${at.mm("lowMm", 1)} and ${at.mm("highMm", 1)} by how loosely it is bent; the least it can be is ${at.mm("leastMm", 1)}. The core is cut for the longest. Measure the first one made and the rest are planned by it.`,
  "fine-turns-stagger": (at) =>
    `On the inside of the bend the fine turns lean and stagger; drawn they lie evenly, through one another there. Side by side in one layer they would need ${at.number("oneLayerPercent", 0)} % more than the least.`,
  "small-beads": (at) =>
    `${at.value("least") === at.value("each") ? at.value("each") : `${at.value("least")} to ${at.value("each")}`} small beads over each big one, ${at.value("all")} in all.`,
  "bead-in-wave": (at) =>
    `Between the waves there is room for ${at.mm("mostMm", 1)}, not for a bead of ${at.mm("beadMm", 1)}: smaller beads, or higher waves.`,
  "head-goes-through": (at) =>
    `The head is ${at.mm("headMm")} wide and goes through a ${at.mm("holeMm")} hole: a smaller hole beside it, or another end.`,
  "small-bead-large": (at) =>
    `Beads of ${at.mm("smallMm", 1)} make no arc over one of ${at.mm("beadMm", 1)}: up to ${at.mm("mostMm", 1)}.`,
  "turns-crowd": (at) =>
    `${at.value("turns")} turns of ${at.mm("wireMm")} take ${at.mm("needMm", 1)}, a wave holds ${at.mm("waveMm", 1)} of them: finer binding wire, or longer or lower waves.`,
  "beads-crowd": (at) =>
    `Beads of ${at.mm("beadMm", 1)} do not lie side by side in waves of ${at.mm("waveMm", 1)}: beads up to ${at.mm("waveMm", 1)}, or longer waves.`,
  "course-by-hand": (at) =>
    `The ${at.text("wire")} takes its exact course by hand: its length counts, its drawing is only near${at.value("depthMm") ? `, up to ${at.mm("depthMm")} inside what it lies on` : ""}.`,
  "wound-wider": (at) =>
    `Wind the coils on ${at.mm("rodMm")}: pressed narrower by ${at.number("narrowerPercent", 0)} % they are ${at.mm("insideMm")} across.`,
  "too-springy-beyond": (at) =>
    `This wire only flexes on anything larger than ${at.mm("largestMm", 1)}: anneal it for wide bends.`,
  "crosses-itself": (at) =>
    `It crosses itself ${at.value("places") === 1 ? "once" : `${at.value("places")} times`}, lifted there by the wire's ${at.mm("wireMm")}: ${
      {
        LATER_OVER: "what comes later passes over",
        LATER_UNDER: "what comes later passes under",
        IN_TURN: "what comes later passes over and under in turn",
      }[at.text("rule")] ?? ""
    }. ${
      at.value("turned")
        ? "Over is towards you with the earlier pass laid flat. Bend it all, then ease one pass over the other."
        : "Bend it flat, then ease one pass over the other."
    }`,
  "also-annealed": () =>
    "Annealed, it bends and springs back as dead soft wire by the handbook; what your coils taught was of the wire as bought.",
  "also-hardened": () =>
    "Twisted hard, it is reckoned one temper harder than bought: our estimate. Measure the first bend.",
  "also-soldered": (at) =>
    `${capital(many(at.value("joints"), "joint"))} to solder: a chip of about ${at.mm("chipMm", 0)} of strip for each.`,
  "also-soldered-beads": () =>
    "No bead withstands the torch: solder before anything is threaded, or leave it open.",
  "also-hammered": () =>
    "Keep off the crossings and the last millimetres beside a loop; hammering opens loops a little, close them again.",
  "also-domed": () =>
    "It is drawn flat. Doming takes nothing from the wire; over all it comes out a little narrower: measure the first.",

  // weaves
  "weave-will-not-close": (at) =>
    `Will not close: these rings have aspect ratio ${at.number("aspectRatio")}, the weave needs ${at.number("aspectRatioMin")}. In this wire take ${at.mm("tightInnerMm")} inside or more.`,
  "weave-captive-slips": (at) =>
    `The captives would slip off: ${at.mm("innerMm")} inside, and the rings they lie round are only ${at.mm("outerMm")} outside. Take captives narrower than that.`,
  "weave-on-the-edge": (at) =>
    `On the edge: aspect ratio ${at.number("aspectRatio")} against ${at.number("aspectRatioMin")}. Round, exact rings may just close; ${at.mm("tightInnerMm")} inside is safe.`,
  "weave-tight": (at) =>
    `Tight: wire ${at.number("playPercent", 0)} % thicker would still go in. Stiff, and slow to close at the end.`,
  "weave-usual": (at) =>
    `Drapes and keeps its pattern: wire ${at.number("playPercent", 0)} % thicker would still go in.`,
  "weave-loose": (at) =>
    `Loose: ${at.number("playPercent", 0)} % play. Up to ${at.mm("looseInnerMm")} inside the pattern would hold better.`,
  "weave-floppy": (at) =>
    `Floppy: ${at.number("playPercent", 0)} % play, the pattern no longer holds its shape. Take ${at.mm("looseInnerMm")} inside or less.`,
  "pitch-not-reached": (at) =>
    `The ${at.text("which")} pitch was not found: the solver did not come to rest there, so no figure is given.`,
  "usual-window": (at) =>
    `Usually made at nominal ${at.number("low", 1)} to ${at.number("high", 1)} (common practice, mandrel ÷ wire).`,
};

/** A judgement, as a sentence. */
export function noteWords(note: Note, units: Units): string {
  return NOTES[note.code](new Told(note, units));
}
