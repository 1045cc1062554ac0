import type { PieceAnswer, PieceCure, PieceMend } from "../../api/types";
import { mass, many, size, sizeText, type Units } from "../../quantity/format";
import { joiningSteps } from "../../shared/kernel/pieceOrder";
import {
  cuffWords,
  cureWords,
  faultWords,
  impossibleWords,
  mendWords,
  partAt,
  remainderWords,
} from "../../shared/words/pieceWords";
import { Takes } from "./PieceTakes";

interface Props {
  piece: PieceAnswer;
  units: Units;
  ear: boolean;
  girthMm: number | null;
  /** Takes a whole other line. */
  onLine: (line: string, tag: string) => void;
}

/** The one number, whether it can be joined, and everything it takes. */
export function PieceFigures(props: Props) {
  const { piece, units, ear } = props;
  const hero = size(ear ? piece.hangsMm : piece.finishedLengthMm, units, 1);
  return (
    <>
      <p className="shape-hero" data-testid="finished-length">
        {hero.value}
        <small>
          {hero.unit} {ear ? "it hangs" : "finished"}
        </small>
      </p>
      {!ear && <Unpulled piece={piece} units={units} />}
      <Wanted {...props} />
      <Joined {...props} />
      <WornWords {...props} />
      <CuffWords {...props} />
      <DrapedWords {...props} />
      <HangsWords {...props} />
      <Takes {...props} />
      <Faces {...props} />
      <Twin {...props} />
    </>
  );
}

/** How long a caliper finds it on the bench, where that is less. */
function Unpulled({ piece, units }: Pick<Props, "piece" | "units">) {
  const gives = piece.finishedLengthMm - piece.restLengthMm;
  return gives < LEAST_GIVEN_MM ? null : (
    <p className="soft">
      pulled straight; lying unpulled about {sizeText(piece.restLengthMm, units, 0)}, give or take{" "}
      {sizeText(gives, units, 0)}
    </p>
  );
}

const LEAST_GIVEN_MM = 1;

const SHOWN_CURES = 4;

/** What the body asks for, what is over, and what would bring it nearer. */
function Wanted({ piece, units, ear, onLine }: Props) {
  if (piece.targetLengthMm === null || piece.remainderMm === null) {
    return null;
  }
  return (
    <section aria-label="Length wanted">
      <p className="piece-said">
        <strong>{remainderWords(piece.remainderMm, units)}</strong>{" "}
        <span className="soft">
          for the {sizeText(piece.targetLengthMm, units, 1)} wanted
          {!ear && <>: girth, ease, and π times its {sizeText(piece.thickMm, units, 1)} of thickness</>}
        </span>
      </p>
      <ul className="piece-cures">
        {piece.cures.slice(0, SHOWN_CURES).map((cure: PieceCure) => (
          <li key={cure.line}>
            <button className="quiet small" onClick={() => onLine(cure.line, "length")}>
              {cureWords(cure, units)}
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Whether every joint can be made; where not, which, and what would help. */
function Joined({ piece, units, onLine }: Props) {
  const bad = piece.joints.filter((joint) => joint.way === "IMPOSSIBLE");
  const steps = joiningSteps(piece).length;
  return (
    <section aria-label="Joining">
      {bad.length === 0 && piece.canBeMade && (
        <p className="piece-said good">
          {piece.joints.length === 0
            ? "One part, nothing to join."
            : `It goes together in ${many(steps, "step")}.`}
        </p>
      )}
      {bad.slice(0, 3).map((joint) => (
        <p key={`${joint.a} ${joint.b}`} className="piece-said stop" role="alert">
          {impossibleWords(piece, joint)}
        </p>
      ))}
      {piece.mends.slice(0, 3).map((mend: PieceMend) => (
        <button key={mend.line} className="quiet small" onClick={() => onLine(mend.line, "joint")}>
          {mendWords(mend)}
        </button>
      ))}
      {distinct(piece).map((fault) => (
        <p key={`${fault.kind} ${fault.part}`} className="note care">
          {faultWords(piece, fault, units)}
        </p>
      ))}
    </section>
  );
}

/** One word for all copies of a part. */
function distinct(piece: PieceAnswer) {
  const seen = new Set<string>();
  return piece.faults.filter((fault) => {
    const key = `${fault.kind} ${piece.parts[fault.part]!.written} ${fault.needMm.toFixed(3)}`;
    return !seen.has(key) && seen.add(key);
  });
}

/** What there is to say where nothing closes it. */
const CLOSURE: Partial<Record<NonNullable<PieceAnswer["worn"]>["closure"], string>> = {
  NOTHING:
    "Nothing closes it, and it does not slip over: begin or end the row with a hook, a clasp or the halves of a toggle.",
  TOO_THICK: "The hook does not take the wire at the other end: end the row with a ring of thinner wire.",
};

/** How it sits, closed. */
function WornWords({ piece, units, girthMm }: Props) {
  const { worn } = piece;
  if (!worn || girthMm === null) {
    return null;
  }
  if (worn.cornerRadiusMm === 0) {
    return (
      <p className="note care">
        These parts do not close round anything: there are too few, or one is too long.
      </p>
    );
  }
  const most = Math.max(...worn.standsOffMm);
  return (
    <section aria-label="Worn">
      <p className="note">
        {worn.easeMm < 0 ? "Closed it is too tight by" : "Closed it leaves"}{" "}
        <strong>{sizeText(Math.abs(worn.easeMm), units, 1)}</strong> round {sizeText(girthMm, units, 0)}
        {most >= 0.3 && <>; a stiff part stands off {sizeText(most, units, 1)} at most</>}.
      </p>
      {CLOSURE[worn.closure] && <p className="note care">{CLOSURE[worn.closure]}</p>}
      {worn.tooLong.slice(0, 2).map((part) => (
        <p key={part} className="note care">
          {partAt(piece, part)} stands off like a bar a third of the girth long. Make it shorter, or dome it.
        </p>
      ))}
    </section>
  );
}

function CuffWords({ piece, units, girthMm }: Props) {
  return piece.cuff && girthMm !== null ? (
    <p className={piece.cuff.holds ? "note" : "note care"}>{cuffWords(piece.cuff, girthMm, units)}</p>
  ) : null;
}

/** How deep a necklace hangs. */
function DrapedWords({ piece, units }: Props) {
  return piece.draped ? (
    <p className="note">
      On the neck its lowest part hangs about <strong>{sizeText(piece.draped.depthMm, units, 0)}</strong>{" "}
      below the sides of it, within a centimetre.
    </p>
  ) : null;
}

/** What hangs askew, what lies against what, what hides what. */
function HangsWords({ piece, units }: Props) {
  const { hangs } = piece;
  if (
    !hangs ||
    (hangs.heavyFromG === null &&
      [hangs.askew, hangs.pushing, hangs.touching, hangs.hiding].every((found) => found.length === 0))
  ) {
    return null;
  }
  return (
    <section aria-label="Hung">
      {hangs.heavyFromG !== null && (
        <p className="note care">
          More than {mass(hangs.heavyFromG)} in each ear is a lot: take thinner wire, fewer or lighter beads.
        </p>
      )}
      {hangs.askew.slice(0, 3).map(({ part, degrees }) => (
        <p key={part} className="note">
          {partAt(piece, part)} hangs <strong>{degrees.toFixed(0)}°</strong> off straight, within some 15° by
          friction.
        </p>
      ))}
      {hangs.pushing.slice(0, 3).map(({ a, b }) => (
        <p key={`pushed ${a} ${b}`} className="note care">
          {partAt(piece, a)} and {partAt(piece, b)} lie against each other and push each other aside. To hang
          free they want to be further apart, at other heights, or narrower.
        </p>
      ))}
      {hangs.touching.slice(0, 3).map(({ a, b, depthMm }) => (
        <p key={`${a} ${b}`} className="note stop">
          {partAt(piece, a)} and {partAt(piece, b)} have no room beside each other: pushed apart as far as
          they go they are still {sizeText(depthMm, units, 1)} in each other.
        </p>
      ))}
      {hangs.hiding.slice(0, 3).map(({ front, behind, share }) => (
        <p key={`${front} ${behind}`} className="note care">
          {partAt(piece, front)} hides {Math.round(10 * share) * 10} % of {partAt(piece, behind)} from the
          front.
        </p>
      ))}
    </section>
  );
}

/** What of a pair's second one is wound the other way round. */
function Twin({ piece }: Props) {
  const wound = [...new Set(piece.parts.filter((part) => part.handed).map((part) => part.name))];
  return !piece.pair ? null : (
    <p className="note">
      The second is the mirror image
      {wound.length > 0
        ? ` of the first: wind its ${wound.join(" and ")} the other way round.`
        : " by itself: nothing of it is wound, so make both alike."}
    </p>
  );
}

/** Which parts of the row look another way than its first. */
function Faces({ piece }: Props) {
  return piece.edgeOn.length === 0 ? null : (
    <p className="note">
      {many(piece.edgeOn.length, "part")} of the row {piece.edgeOn.length === 1 ? "hangs" : "hang"} edge-on to{" "}
      {piece.facing[0] === 90 ? "whoever looks at the ear" : "the first"}. One ring more, or one fewer,
      between turns the face back.
    </p>
  );
}
