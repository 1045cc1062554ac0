import { useEffect, useState } from "react";
import { flushSync } from "react-dom";
import type { Kept, Operation, RunData } from "../../api/types";
import { cautionWords } from "../../shared/words/words";
import { operationTitle, waitWords } from "../../shared/words/operationWords";
import { FAMILIES } from "./families";
import type { Place } from "./rhythm";
import { alikeAfter, beadsOf } from "./strung";

/** Joints and checks are told one by one; rings of a weave go on in their own rhythm, and are told once. */
const ONE_BY_ONE = ["PUT_TOGETHER", "INSPECT"];

interface Entry {
  operation: Operation;
  place: Place;
}

/** From the step in hand to the last of these copies. */
function rest(run: RunData, place: Place): Entry[] {
  return run.plan.operations.slice(place.index).flatMap((operation, i) => {
    const begun = i === 0 ? place.count : 0;
    const times = operation.times * Math.max(1, place.copies);
    const here = { ...place, at: place.at + i, index: place.index + i, operation, times, count: begun };
    return toldAt(operation, begun, times).map((count) => ({ operation, place: { ...here, count } }));
  });
}

/** Where on the way an operation is told: at every joint and check, at every run of beads of a strand, else once. */
function toldAt({ verb, detail }: Operation, begun: number, times: number): number[] {
  const left = Array.from({ length: times - begun }, (_, k) => begun + k);
  if (ONE_BY_ONE.includes(verb)) {
    return left;
  }
  const beads = detail.family === "joining" ? beadsOf(detail.strung) : [];
  return beads.length > 0
    ? left.filter((at) => at === begun || alikeAfter(beads, (at - 1) % beads.length) === 0)
    : [begun];
}

/** What is left to do, on paper: a box to tick before each. Laid out only as it is printed. */
export function RestOnPaper({ run, place }: { run: Kept<RunData>; place: Place }) {
  const [printing, setPrinting] = useState(false);
  useEffect(() => {
    const begin = () => flushSync(() => setPrinting(true));
    const end = () => setPrinting(false);
    window.addEventListener("beforeprint", begin);
    window.addEventListener("afterprint", end);
    return () => {
      window.removeEventListener("beforeprint", begin);
      window.removeEventListener("afterprint", end);
    };
  }, []);
  return printing ? (
    <section className="rest-on-paper" aria-label="What is left to do">
      <h1>{run.data.name}</h1>
      <ol>
        {rest(run.data, place).map((entry) => (
          <Step key={`${entry.operation.id} ${entry.place.count}`} run={run} {...entry} />
        ))}
      </ol>
    </section>
  ) : null;
}

function Step({ run, operation, place }: Entry & { run: Kept<RunData> }) {
  const { Words, Title } = FAMILIES[operation.detail.family];
  const props = { run, operation, place };
  return (
    <li>
      <h2>{Title ? <Title {...props} /> : operationTitle(operation)}</h2>
      <Words {...props} />
      {operation.cautions.map((caution) => (
        <p key={caution} className="caution">
          {cautionWords(caution)}
        </p>
      ))}
      {operation.waits && <p>{waitWords(operation.waits)}</p>}
    </li>
  );
}
