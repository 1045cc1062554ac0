import { useShown } from "../../api/queries";
import type { PieceInMaking } from "../../api/inMaking";
import type { FormInMaking, FormWire, Kept, Operation, RunData } from "../../api/types";

/** The form that is bent: made for itself, or as a part of a piece. */
export interface Formed {
  name: string;
  metal: string;
  /** Which of the form's steps, from 0; of a piece its parts have steps of their own. */
  number: number;
  wires: Pick<FormWire, "name" | "lengthToCutMm">[];
  /** As it was frozen with the run; undefined until it has come. */
  shown: FormInMaking | undefined;
}

/** Null for what is no forming of wire. */
export function useFormed({ id, data }: Kept<RunData>, operation: Operation, index: number): Formed | null {
  const shown = useShown<FormInMaking | PieceInMaking>(
    id,
    data.kind === "form" || data.kind === "piece",
  ).data;
  const { detail } = operation;
  if (detail.family !== "forming") {
    return null;
  }
  if (data.kind === "form") {
    const { form, metal, wires } = data.facts;
    const number = stepOf(operation.id, index);
    return { name: form, metal, number, wires, shown: shown as FormInMaking | undefined };
  }
  if (data.kind !== "piece" || !detail.of) {
    return null;
  }
  const its = (shown as PieceInMaking | undefined)?.forms[detail.of.part];
  return {
    name: detail.of.what,
    metal: data.facts.job.metal,
    number: detail.of.number,
    wires: its?.form.wires ?? [],
    shown: its,
  };
}

/** Which of the form's steps an operation is, from 0: its id says so ("step-7"); what is only left straight is no operation. */
function stepOf(id: string, index: number): number {
  const said = Number(/^step-(\d+)$/.exec(id)?.[1]);
  return Number.isNaN(said) ? index : said - 1;
}

/** The first operation of what this one is a step of: of a form the first of all, of a piece the part's own. */
export function begunAt({ kind, plan }: Pick<RunData, "kind" | "plan">, index: number): number {
  if (kind === "form") {
    return 0;
  }
  const part = partOf(plan.operations[index]);
  const first = plan.operations.findIndex((one) => partOf(one) === part);
  return part === null ? index : first;
}

const partOf = (operation: Operation | undefined): number | null =>
  operation?.detail.family === "forming" ? (operation.detail.of?.part ?? null) : null;
