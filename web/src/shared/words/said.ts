/** What a refusal says, ready for a sentence: lengths in the maker's own unit, words for what values stand for. */
import type { Refusal, RefusalUnit, Temper } from "../../api/types";
import { MM_PER_INCH } from "../../quantity/inches";
import { plain, sizeText, type Units } from "../../quantity/format";
import { temperWord } from "./temper";

/** What is counted or measured: one, more; a unit of measure stands as it is. */
const UNITS: Record<RefusalUnit, readonly [string, string]> = {
  "": ["", ""],
  mm: ["mm", "mm"],
  g: ["g", "g"],
  N: ["N", "N"],
  MPa: ["MPa", "MPa"],
  "g/cm³": ["g/cm³", "g/cm³"],
  "°": ["°", "°"],
  "°C": ["°C", "°C"],
  rad: ["rad", "rad"],
  "%": ["%", "%"],
  "per mm": ["per mm", "per mm"],
  "per m": ["per m", "per m"],
  min: ["min", "min"],
  alike: ["alike", "alike"],
  arms: ["arm", "arms"],
  beads: ["bead", "beads"],
  coils: ["coil", "coils"],
  colours: ["colour", "colours"],
  copies: ["copy", "copies"],
  "larger-rings": ["larger ring", "larger rings"],
  lengths: ["length", "lengths"],
  letters: ["letter", "letters"],
  links: ["link", "links"],
  "own-weaves": ["weave of your own", "weaves of your own"],
  parts: ["part", "parts"],
  points: ["point along its wires", "points along its wires"],
  poses: ["pose", "poses"],
  readings: ["reading", "readings"],
  rings: ["ring", "rings"],
  "rings-in-an-arm": ["ring in an arm", "rings in an arm"],
  "rings-in-a-row": ["ring in a row", "rings in a row"],
  "rings-to-put-in": ["ring to put in", "rings to put in"],
  rows: ["row", "rows"],
  sizes: ["size", "sizes"],
  steps: ["step", "steps"],
  times: ["time", "times"],
  turns: ["turn", "turns"],
  units: ["unit", "units"],
  values: ["value", "values"],
  wires: ["wire", "wires"],
  wraps: ["wrap", "wraps"],
};

/** What fields are called where the screen has no name of its own for them. */
const FIELDS: Record<string, string> = {
  wireDiameterMm: "the wire",
  innerDiameterMm: "the inner diameter",
  outerDiameterMm: "the outer diameter",
  mandrelDiameterMm: "the rod",
  aspectRatio: "the aspect ratio",
  ringCount: "the number of rings",
  sparePercent: "the spare",
  turnsPerRing: "the turns in a ring",
  kerfMm: "the kerf",
  trimMm: "the trim",
  usableMandrelMm: "the rod's usable length",
  leadMm: "the lead",
  tailMm: "the tail",
  spoiltTurnsPerEnd: "the spoilt turns",
  lengthLeftMm: "the length left",
  diameterMm: "the diameter",
  usableLengthMm: "the usable length",
  massG: "the weight",
  pricePerMetre: "the price",
  lossMm: "the loss",
  valueMm: "the measured value",
  value: "the measured value",
  girthMm: "the girth",
  easeMm: "the ease",
  line: "the line",
  parts: "the number of parts",
  left: "what is left",
  amount: "the amount",
  grossG: "what the scale says",
  tareG: "the tare",
  unitPrice: "the price",
  lowMark: "the mark for buying more",
  boughtOn: "the day it was bought",
  useBy: "the day it is to be used by",
  counts: "what was counted",
  file: "the table",
  name: "the name",
  note: "the note",
};

export class Said {
  readonly field: string;
  readonly value: string;
  readonly refusal: Refusal;
  private readonly names: Record<string, string>;
  private readonly units: Units;

  /** @param names what fields are called on this screen, by id */
  constructor(refusal: Refusal, names: Record<string, string>, units: Units) {
    this.refusal = refusal;
    this.names = names;
    this.units = units;
    this.field = refusal.field ?? "";
    this.value = refusal.value ?? "";
  }

  what(): string {
    const name = this.names[this.field] ?? FIELDS[this.field] ?? (this.field.replaceAll("-", " ") || "this");
    return name.charAt(0).toUpperCase() + name.slice(1);
  }

  text(name: string): string {
    const value = this.refusal.values?.[name];
    return typeof value === "string" || typeof value === "number" ? String(value) : "";
  }

  number(name: string, decimals = 2): string {
    return plain(Number(this.refusal.values?.[name]), decimals);
  }

  /** A length among the values. */
  mm(name: string, decimals = 2): string {
    return sizeText(Number(this.refusal.values?.[name]), this.units, decimals);
  }

  has(name: string): boolean {
    const value = this.refusal.values?.[name];
    return Array.isArray(value) ? value.length > 0 : value !== undefined;
  }

  list(name: string): string {
    const value = this.refusal.values?.[name];
    return Array.isArray(value) ? value.join(", ") : "";
  }

  temper(name: string): string {
    return temperWord(name as Temper) ?? name;
  }

  tempers(name: string): string {
    const value = this.refusal.values?.[name];
    return Array.isArray(value) ? value.map((one) => this.temper(String(one))).join(", ") : "";
  }

  /** A value in the refusal's unit, with it; limits are rounded inward, so that what is told is allowed. */
  measure(value: number, round?: (value: number) => number): string {
    const unit = this.refusal.unit ?? "";
    const number = this.bare(value, round);
    const word = unit === "mm" && this.units === "INCHES" ? "in" : UNITS[unit][number === "1" ? 0 : 1];
    return word === "" ? number : word === "°" ? `${number}°` : `${number} ${word}`;
  }

  /** A value in that unit without it. */
  bare(value: number, round: (value: number) => number = Math.round): string {
    const inches = this.refusal.unit === "mm" && this.units === "INCHES";
    const shown = inches ? value / MM_PER_INCH : value;
    const tenfold = 10 ** (inches ? 4 : 3);
    // what differs by arithmetic alone is not told
    return plain(round(Number((shown * tenfold).toPrecision(12))) / tenfold, inches ? 4 : 3);
  }

  /** "About 25 mm is usual.", "0.2 to 0.5 mm is usual." */
  usual(): string {
    const length = this.has("fromMm");
    const from = Number(this.refusal.values?.[length ? "fromMm" : "from"]);
    const to = Number(this.refusal.values?.[length ? "toMm" : "to"]);
    if (length) {
      return from === to
        ? `About ${sizeText(from, this.units, 1)} is usual.`
        : `${lengths(from, to, this.units)} is usual.`;
    }
    const unit = UNITS[(this.text("usualUnit") || "") as RefusalUnit];
    const word = unit[to === 1 ? 0 : 1];
    const number = from === to ? plain(from) : `${plain(from)} to ${plain(to)}`;
    return `${number}${word ? ` ${word}` : ""} is usual.`;
  }

  /** What the form says of its parameter. */
  reason(): string {
    return withLengths(this.text("reason"), this.units);
  }
}

function lengths(from: number, to: number, units: Units): string {
  const [least, most] = [sizeText(from, units, 2), sizeText(to, units, 2)].map((text) =>
    text.replace(/\.?0+(?= )/, ""),
  );
  return from === to ? most! : `${least!.replace(/ \S+$/, "")} to ${most}`;
}

/** The core's lengths within words, {@code {8..10}} or {@code {0.3}} in mm, in the maker's own unit. */
export function withLengths(words: string, units: Units): string {
  return words.replace(/\{([\d.]+?)(?:\.\.([\d.]+))?\}/g, (_, from: string, to?: string) =>
    lengths(Number(from), Number(to ?? from), units),
  );
}
