import { useEffect, useState } from "react";
import { Link } from "react-router";
import { useMetals } from "../../api/queries";
import type { CuttingAnswer, CuttingAssignment } from "../../api/types";
import { many, plain, sizeText, wireLength, type Units } from "../../quantity/format";
import { failureWords } from "../../shared/words/refused";
import type { Lack } from "./BuyFirst";
import { lengthNow, taskOf, toCut, type Manner, type Measured } from "./cutState";
import { NumberInput } from "../../shared/shell/NumberInput";
import { becomes, lengthText, nameOf, type WireList } from "./cutWords";
import { StripBar } from "./StripBar";
import { cutStrip, notCut, useCutPlan } from "./useCutting";

interface Props {
  wire: WireList;
  units: Units;
  manner: Manner;
  measured: Measured;
  /** A strip holds so much; null once that is known to the shelf. */
  onMeasured: (strip: string, mm: number | null) => void;
  /** Near sizes are allowed from now on. */
  onNear: () => void;
  onLacking: (wire: string, lack: Lack | null) => void;
}

/** One wire: its strips with what is cut from each, and how good that is. */
export function WireToCut(props: Props) {
  const { wire, units, manner, measured, onMeasured, onNear, onLacking } = props;
  const metal = useMetals().data?.find((one) => one.id === wire.metal)?.name ?? wire.metal;
  const plan = useCutPlan(taskOf(wire, measured, manner));
  const [sending, setSending] = useState(false);
  const rest = toCut(wire);
  const answer = rest > 0 ? plan.data : undefined;
  useLacking(wire.id, answer, onLacking);
  const unknown = wire.spools.filter((spool) => lengthNow(spool, measured) === null);
  // while it is planned anew, what is shown was planned before the last tick: a second press cuts nothing twice
  const stale = plan.isPlaceholderData || sending;
  const tick = async (strip: CuttingAssignment) => {
    if (stale) {
      return;
    }
    setSending(true);
    const cut = await cutStrip(wire, strip, measured, manner);
    if (cut && measured[strip.stockId] !== undefined) {
      onMeasured(strip.stockId, null);
    }
    setSending(false);
  };
  return (
    <section
      className="wire-to-cut"
      aria-label={`${metal} ${sizeText(wire.diameterMm, units)}`}
      aria-busy={stale}
    >
      <WireHead {...{ wire, units, metal }} />
      {plan.error && <p className="care">{failureWords(plan.error, "The server is not answering.")}</p>}
      <WasCut {...{ wire, units }} />
      {answer?.assignments.map((strip, i) => (
        <StripBar
          key={`${strip.stockId} ${i}`}
          {...{ strip, wire, units, measured, manner }}
          scaleMm={longest(answer)}
          onTick={() => void tick(strip)}
          onMeasured={(mm) => onMeasured(strip.stockId, mm)}
        />
      ))}
      {rest === 0 && <p className="all-cut">All of it is cut.</p>}
      {answer && <Lacking {...{ answer, wire, units, onNear }} />}
      {answer && answer.assignments.length > 0 && (
        <HowGood {...{ answer, units }} looking={plan.looking} onLeave={plan.leave} />
      )}
      {unknown.map((spool) => (
        <Unmeasured key={spool.id} name={spool.name} onMeasured={(mm) => onMeasured(spool.id, mm)} />
      ))}
    </section>
  );
}

/** Which wire, and how much of it is asked for. */
function WireHead({ wire, units, metal }: Pick<Props, "wire" | "units"> & { metal: string }) {
  return (
    <h2>
      <span className="figures">{sizeText(wire.diameterMm, units)}</span> {metal}
      <span className="soft small">
        {" "}
        {many(
          wire.lengths.reduce((sum, one) => sum + one.count, 0),
          "length",
        )}
        , {wireLength(wire.lengthMm, units)}
      </span>
    </h2>
  );
}

const longest = (answer: CuttingAnswer) => Math.max(...answer.assignments.map((one) => one.usedMm));

/** Strips ticked as cut, the newest first; each can be taken back as long as nothing of it is used. */
function WasCut({ wire, units }: Pick<Props, "wire" | "units">) {
  return wire.cuts.map((cut) => (
    <p className="was-cut small" key={cut.id}>
      <span aria-hidden="true">✓</span> cut from {nameOf(wire, cut.strip)}:{" "}
      {cut.lengths
        .map((one) => `${one.count} × ${sizeText(one.lengthMm, units, 1)} ${becomes(wire, one.id)}`.trim())
        .join(", ")}
      {cut.leftMm > 0 && `; left ${wireLength(cut.leftMm, units)}`}
      {cut.offcutId && (
        <>
          {" "}
          <Link to={`/stock/lot/${cut.offcutId}`}>its lot and label</Link>
        </>
      )}
      <button className="quiet no-print" onClick={() => void notCut(cut.id)}>
        not cut after all
      </button>
    </p>
  ));
}

/** A spool nobody has said the length of: cut from as soon as somebody does. */
function Unmeasured({ name, onMeasured }: { name: string; onMeasured: (mm: number) => void }) {
  return (
    <p className="small no-print">
      {name}: nobody has said how much it holds, so nothing is cut from it. It holds{" "}
      <NumberInput
        label={`${name} holds`}
        value={0}
        decimals={0}
        step={10}
        onChange={(mm) => mm > 0 && onMeasured(mm)}
        className="inline-number"
      />
    </p>
  );
}

/** Tells what this wire lacks, for all wires to be told together. */
function useLacking(wire: string, answer: CuttingAnswer | undefined, onLacking: Props["onLacking"]): void {
  const first = answer?.toBuy[0];
  const lengthMm = first?.lengthMm ?? 0;
  const frees = (first?.frees ?? []).reduce((sum, one) => sum + one.count, 0);
  useEffect(
    () => onLacking(wire, frees > 0 ? { lengthMm, frees } : null),
    [wire, lengthMm, frees, onLacking],
  );
}

interface LackingProps {
  answer: CuttingAnswer;
  wire: WireList;
  units: Units;
  onNear: () => void;
}

/** What there is no wire for, and what to buy. */
function Lacking({ answer, wire, units, onNear }: LackingProps) {
  if (answer.uncut.length === 0) {
    return null;
  }
  return (
    <p className="lacking" role="status">
      <span className="strong">{wire.spools.length === 0 ? "None on the shelf." : "Not enough wire."}</span>{" "}
      Left out:{" "}
      {answer.uncut
        .map((one) => `${one.count} × ${lengthText(wire, one.pieceId, units)} ${becomes(wire, one.pieceId)}`)
        .join(", ")}
      .{" "}
      {answer.toBuy
        .map((one) => `${wireLength(one.lengthMm, units)} more is enough for all of it.`)
        .join(" ")}
      {wire.nearMm.length > 0 && (
        <span className="no-print">
          {" "}
          There is {wire.nearMm.map((one) => sizeText(one, units)).join(", ")}:{" "}
          <button className="quiet" onClick={onNear}>
            let near sizes stand in
          </button>
        </span>
      )}
    </p>
  );
}

interface HowGoodProps {
  answer: CuttingAnswer;
  units: Units;
  looking: boolean;
  onLeave: () => void;
}

/** The number that matters, and how sure it is. */
function HowGood({ answer, units, looking, onLeave }: HowGoodProps) {
  return (
    <p className="how-good">
      uses up <strong className="figures">{wireLength(answer.consumedMm, units)}</strong>
      {answer.wasteMm >= 0.05 && `, ${sizeText(answer.wasteMm, units, 1)} of it wasted`}
      <span className="soft small">
        {" "}
        {answer.provenOptimal
          ? "No plan uses up less."
          : answer.uncut.length > 0
            ? "It may be that more can be cut another way."
            : `At most ${plain(answer.aboveBoundPercent, 3)} % more than any plan must.`}{" "}
        {!answer.provenOptimal && looking && (
          <button className="quiet small no-print" onClick={onLeave}>
            still looking; leave it at this
          </button>
        )}
      </span>
    </p>
  );
}
