/** What the core says of a whole piece, in words. */
import type {
  BodyPart,
  Bought,
  PieceAnswer,
  PieceCure,
  PieceFault,
  PieceMend,
  PieceStep,
} from "../../api/types";
import { many, plain, sizeText, type Units } from "../../quantity/format";
import { listed } from "./lists";

export const BODY_WORDS: Record<BodyPart, string> = {
  WRIST: "wrist",
  NECK: "neck",
  ANKLE: "ankle",
  ANKLE_AND_FOOT: "ankle and foot",
  FINGER: "finger",
  WAIST: "waist",
  EAR: "ear",
  EAR_EDGE: "ear's edge",
};

/** Whether it hangs or clips there: nothing goes round it. */
export const isAtTheEar = (part: BodyPart | null | undefined): boolean =>
  part === "EAR" || part === "EAR_EDGE";

const head = (name: string) => name.split(",")[0]!;

/**
 * "ring 3": a part by its name and where it comes, for words about one of several alike. "hook" for "hook, curled tip" where there is no other
 * hook, and "toggle (bar)" where there is: in a row of parts a comma would make two of one.
 */
export function partAt({ parts }: Pick<PieceAnswer, "parts">, place: number): string {
  const { name } = parts[place]!;
  const alike = parts.flatMap((part, i) => (part.name === name ? [i] : []));
  const short = parts.every((part) => part.name === name || head(part.name) !== head(name))
    ? head(name)
    : name.replace(/, (.*)$/, " ($1)");
  return alike.length === 1 ? short : `${short} ${alike.indexOf(place) + 1}`;
}

type Piece = Pick<PieceAnswer, "parts" | "joints">;

/** The parts a step hangs in what it makes, that part itself left out. */
function others(piece: Piece, step: PieceStep): string {
  const names = step.joints.map((at) => {
    const joint = piece.joints[at]!;
    return partAt(piece, joint.a === step.part ? joint.b : joint.a);
  });
  return listed(names);
}

/** How what makes a step comes open: a ring's ends, a loop's one end, or not at all, the neighbours being turned on. */
function openedAs(piece: Piece, step: PieceStep): "RING" | "LOOP" | "TURNED_ON" {
  const joint = piece.joints[step.joints[0]!]!;
  const port = joint.maker === joint.a ? joint.portA : joint.portB;
  return joint.opens === "TURNED_ON"
    ? "TURNED_ON"
    : piece.parts[step.part]!.form || port.includes("loop")
      ? "LOOP"
      : "RING";
}

const OPENED = {
  RING: "Twist the ends past each other sideways, never apart. Hang in, twist back until they click.",
  LOOP: "Turn the end of its loop sideways, out of its plane, and never unroll it. Hang in, turn it back until the end meets the wire.",
  TURNED_ON:
    "Lift one end with a thumbnail, put it through and turn the ring until all its turns are through, as a key goes on its ring. Press the turns together.",
};

/** The step in a few words. */
export function joinHead(piece: Piece, step: PieceStep): string {
  const part = partAt(piece, step.part);
  switch (step.act) {
    case "MAKE":
      return `${part}: made`;
    case "CLOSE_BEFORE":
      return `${part}: closed beforehand`;
    case "OPEN_AND_CLOSE":
      return openedAs(piece, step) === "TURNED_ON"
        ? `Turn ${part} on through ${others(piece, step)}`
        : `Open ${part}, hang in ${others(piece, step)}, close`;
    case "SOLDER_ROUND":
      return `Close ${part} round ${others(piece, step)} and solder it there`;
    case "FORM_ROUND":
      return `Close ${part} round ${others(piece, step)}`;
    case "HOOK":
      return `Hook ${part} into ${others(piece, step)}`;
  }
}

/** How hands do it. */
export function joinWay(piece: Piece, step: PieceStep): string {
  const joint = step.joints.length > 0 ? piece.joints[step.joints[0]!]! : null;
  const port = joint ? head(joint.maker === joint.a ? joint.portA : joint.portB) : "";
  switch (step.act) {
    case "OPEN_AND_CLOSE":
      return OPENED[openedAs(piece, step)];
    case "SOLDER_ROUND":
      return "Easy solder, the joint away from its neighbours, these held off or shielded; what was soldered before stands it. Pickle, rinse, dry before beads, cord or glue come near.";
    case "FORM_ROUND":
      return `Put ${others(piece, step)} on before its ${port} is closed, then finish the ${port}.`;
    case "HOOK":
      return "It stays open: hang it in, take it out at any time.";
    case "CLOSE_BEFORE":
      return "Flush, no gap to catch a thread.";
    case "MAKE":
      return "What is to be closed round a neighbour is left open.";
  }
}

const offWords = (off: number, units: Units) =>
  Math.abs(off) < 0.05 ? "just right" : `${sizeText(Math.abs(off), units, 1)} ${off > 0 ? "over" : "short"}`;

/** "one repeat fewer: 178.2 mm, 4.1 mm short". */
export function cureWords(cure: PieceCure, units: Units): string {
  const count = Math.abs(cure.by);
  const change = {
    REPEATS: `${many(count, "repeat")} ${cure.by > 0 ? "more" : "fewer"}`,
    WITHOUT_THE_LAST: "without the last part",
    OTHER_RING: `rings of ${sizeText(cure.from, units)} in ${sizeText(Number(cure.what), units)} wire made ${sizeText(cure.by, units)}`,
    LENGTH: `${cure.what} of ${sizeText(cure.by, units, 0)} instead of ${sizeText(cure.from, units, 0)}`,
    COUNT: `${cure.what} by ${count} ${cure.by > 0 ? "more" : "fewer"}`,
    OTHER_SIZE: `${cure.what} round a bead of ${sizeText(cure.by, units, 1)} instead of ${sizeText(cure.from, units, 1)}`,
    OTHER_LENGTH: `${cure.what} ${sizeText(cure.by, units, 1)} instead of ${sizeText(cure.from, units, 1)}`,
    OTHER_CLASP: `with a ${cure.what}`,
    EXTENDER: `${many(count, "link")} of chain behind for the hook`,
  }[cure.change];
  return `${change}: ${sizeText(cure.lengthMm, units, 1)}, ${offWords(cure.offMm, units)}`;
}

/** How far it is from what the body asks for. */
export function remainderWords(off: number, units: Units): string {
  return Math.abs(off) < 0.05
    ? "just as long as wanted"
    : `${sizeText(Math.abs(off), units, 1)} ${off > 0 ? "too long" : "too short"}`;
}

/** How a cuff holds on the edge it was pulled over. */
export function cuffWords(cuff: NonNullable<PieceAnswer["cuff"]>, edgeMm: number, units: Units): string {
  const edge = sizeText(edgeMm, units, 1);
  if (cuff.opensMm === 0) {
    return `Its gap of ${sizeText(cuff.gapMm, units, 1)} is as wide as the edge of ${edge}: press it narrower on the ear, or make the gap less.`;
  }
  const comes =
    cuff.mostMm - cuff.gapMm < 0.05
      ? "comes back whole"
      : `comes back to between ${sizeText(cuff.leastMm, units, 1)} and ${sizeText(cuff.mostMm, units, 1)}`;
  return `Pulled over ${edge} it opens by ${sizeText(cuff.opensMm, units, 1)} and ${comes}: ${cuff.holds ? "it holds" : "it does not hold until it is pressed"}.`;
}

export function mendWords(mend: PieceMend): string {
  const change = {
    OPEN_RING: "leave the ring open, unsoldered",
    PLAIN_LOOP: "make the loop plain, so that it opens",
    RING_BETWEEN: "put a jump ring between",
  }[mend.change];
  return mend.stillImpossible === 0 ? change : `${change}; ${many(mend.stillImpossible, "joint")} left`;
}

/** Why a joint cannot be made. */
export function impossibleWords(piece: Piece, joint: PieceAnswer["joints"][number]): string {
  return `${partAt(piece, joint.a)} and ${partAt(piece, joint.b)} are both closed for good: neither opens to take the other.`;
}

export function faultWords(piece: Piece, fault: PieceFault, units: Units): string {
  const part = partAt(piece, fault.part);
  const need = sizeText(fault.needMm, units);
  const have = sizeText(fault.haveMm, units);
  switch (fault.kind) {
    case "DOES_NOT_GO_IN":
      return `What hangs in ${part} is ${need} together and its inside ${have}: it does not go in. Take a larger one or thinner wire.`;
    case "TIGHT":
      return `${part} is tight: a hand wants ${need} and it has ${have}.`;
    case "GAP":
      return `What hangs in ${part} is ${need} thin, and a hand leaves a gap of up to ${have}: close it with care, solder it, or take a ring of two turns.`;
    case "HOLE_TOO_SMALL":
      return `A bead of the ${part} has a hole of ${have}; the wire's passes need ${need}. Take thinner wire or ream the hole.`;
    case "NO_CRIMP_TAKES_IT":
      return `No crimp tube takes that many passes: together they are ${need}, the largest bore is ${have}. Take thinner wire or fewer strands.`;
  }
}

/** "24 beads, 6.0 × 6.0 mm, hole 1.00 mm". */
export function boughtWords(bought: Bought, units: Units): string {
  const [one, two, three] = bought.sizesMm;
  const length = (mm: number | undefined, decimals = 1) => sizeText(mm ?? 0, units, decimals);
  switch (bought.kind) {
    case "BEAD":
      return `${many(bought.amount, "bead")}, ${length(one)} long, ${length(two)} across, hole ${length(three, 2)}`;
    case "STONE":
      return `${many(bought.amount, "stone")}, ${length(one)} by ${length(two)}`;
    case "CHAIN":
      return `${length(bought.amount, 0)} of chain, pitch ${length(one)}, wire ${length(three, 2)}`;
    case "CORD":
      return `${length(bought.amount, 0)} of cord, ${length(one)}`;
    case "BEADING_WIRE":
      return `${length(bought.amount, 0)} of beading wire, ${length(one, 2)}`;
    case "CRIMP":
      return `${many(bought.amount, "crimp tube")}, ${length(one, 0)} by ${length(two, 0)}`;
    case "FINDING":
      return `${plain(bought.amount, 0)} × ${bought.name}`;
  }
}
