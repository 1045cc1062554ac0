import { useCallback, useState } from "react";
import { usePreferences } from "../../api/queries";
import { many } from "../../quantity/format";
import { NumberInput } from "../../shared/shell/NumberInput";
import { BuyFirst, type Lack } from "./BuyFirst";
import { JobsToCut } from "./JobsToCut";
import { useCutLists, useCutting } from "./useCutting";
import { WireToCut } from "./WireToCut";

/** What jobs have cut, from which spool and in which order, with least used up; ticked as it is cut. */
export function CuttingPlace() {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const { cutting, choose, set, measure } = useCutting();
  const lists = useCutLists(cutting.jobs, cutting.near).data;
  const all = cutting.jobs.length > 0 ? (lists?.wires ?? []) : [];
  const [lacking, setLacking] = useState<Readonly<Record<string, Lack | null>>>({});
  const lack = useCallback(
    (wire: string, to: Lack | null) => setLacking((all) => ({ ...all, [wire]: to })),
    [],
  );
  // what can be cut now stands before what is only to be bought
  const wires = [
    ...all.filter((one) => one.spools.length > 0),
    ...all.filter((one) => one.spools.length === 0),
  ];
  return (
    <div className="place cutting-place" style={{ maxWidth: "none" }}>
      <Head {...{ cutting, set }} printable={wires.length > 0} />
      <div className="cutting-body">
        <JobsToCut chosen={cutting.jobs} without={lists?.without ?? []} onChoose={choose} />
        <div className="cutting-wires">
          <BuyFirst wires={wires} lacking={lacking} units={units} />
          {wires.map((wire) => (
            <WireToCut
              key={wire.id}
              {...{ wire, units }}
              manner={cutting}
              measured={cutting.measured}
              onMeasured={measure}
              onNear={() => set({ near: true })}
              onLacking={lack}
            />
          ))}
          {wires.length > 0 && (
            <p className="small soft">
              Wire leaves the shelf as a strip is ticked as cut. The job&rsquo;s own run finds it cut already
              and takes nothing twice.
            </p>
          )}
          {cutting.jobs.length === 0 && (
            <p className="cutting-begin">
              Choose what to cut for. The lengths of all of it are laid on your spools together, so that
              one&rsquo;s leftover is another&rsquo;s length and least is used up.
            </p>
          )}
          {cutting.jobs.length > 0 && lists && wires.length === 0 && (
            <p className="soft">
              {many(cutting.jobs.length, "job")} chosen, and no wire of their own to cut: a weave&rsquo;s
              rings are ring jobs of their own.
            </p>
          )}
        </div>
      </div>
    </div>
  );
}

/** Longer wire twists as it is carried round a rod, and catches. */
const USUAL_FEED_MM = 1500;

type HeadProps = Pick<ReturnType<typeof useCutting>, "cutting" | "set"> & { printable: boolean };

/** How it is cut, and what is kept of it. */
function Head({ cutting, set, printable }: HeadProps) {
  return (
    <div className="cutting-head">
      <h1 className="place-title">Cutting</h1>
      <p className="cutting-how no-print">
        a cut takes{" "}
        <NumberInput
          label="A cut takes"
          value={cutting.kerfMm}
          onChange={(kerfMm) => set({ kerfMm })}
          className="inline-number"
        />
        , keep what is left from{" "}
        <NumberInput
          label="Keep what is left from"
          value={cutting.usefulMm}
          decimals={0}
          step={5}
          onChange={(usefulMm) => set({ usefulMm })}
          className="inline-number"
        />
        <EndAndFeed {...{ cutting, set }} />
        <label className="near-sizes">
          <input
            type="checkbox"
            checked={cutting.near}
            onChange={(event) => set({ near: event.target.checked })}
          />
          near sizes stand in
        </label>
        {printable && (
          <button className="quiet ml-4" onClick={() => window.print()}>
            print
          </button>
        )}
      </p>
    </div>
  );
}

/** What is left at a spool's end, and how much of it is carried off at once. */
function EndAndFeed({ cutting, set }: Pick<HeadProps, "cutting" | "set">) {
  return (
    <>
      , leave{" "}
      <NumberInput
        label="Leave at each spool's end"
        value={cutting.marginMm}
        decimals={0}
        step={5}
        minimum={0}
        onChange={(marginMm) => set({ marginMm })}
        className="inline-number"
      />{" "}
      at a spool&rsquo;s end, carry off{" "}
      {cutting.feedMm > 0 ? (
        <>
          <NumberInput
            label="Carry off at most"
            value={cutting.feedMm}
            decimals={0}
            step={50}
            onChange={(feedMm) => set({ feedMm: Math.max(0, feedMm) })}
            onClear={() => set({ feedMm: 0 })}
            className="inline-number"
          />{" "}
          at most at once
        </>
      ) : (
        <button className="quiet" onClick={() => set({ feedMm: USUAL_FEED_MM })}>
          as long as it comes
        </button>
      )}
    </>
  );
}
