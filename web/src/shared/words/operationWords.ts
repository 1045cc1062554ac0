/** An operation in words, whatever its family. */
import type {
  Detail,
  FormStep,
  FormingStep,
  Operation,
  PartsHandled,
  RingsHandled,
  Skipped,
  Spoilt,
  WorkPlan,
} from "../../api/types";
import { plain, sizeText, type Units } from "../../quantity/format";
import { finishTitle } from "./finishWords";
import { formStepTitle } from "./formWords";
import { stepTitle } from "./words";

/** A forming step with the tool of the maker's own, as it is told everywhere. */
export function formStepOf({ step, own }: FormingStep): FormStep {
  return {
    ...step,
    ownTool: own?.name ?? null,
    ownToolMm: own?.diameterMm ?? null,
    ownInsideMm: own?.insideMm ?? null,
  };
}

const RINGS: Record<RingsHandled["kind"], string> = {
  CLOSE_FIRST: "Close these first",
  OPEN_FIRST: "Open these",
  PUT_IN: "Put the rings in",
};

const PARTS: Record<PartsHandled["kind"], (what: string) => string> = {
  HAMMER_FIRST: () => "Hammer these rings flat",
  BEAD_FIRST: () => "Thread a bead on each of these rings",
  CLOSE_FIRST: () => "Close these rings first",
  PRESS_FIRST: () => "Press the turns of these rings together",
  SOLDER_FIRST: () => "Solder these rings",
  OPEN_FIRST: () => "Open these rings",
  STRING: (what) => `Thread the ${what}`,
  CRIMP: (what) => `Crimp the ends of the ${what}`,
  MAKE: (what) => `Make the ${what}`,
  DOME: (what) => `Dome the ${what} over a rod`,
  PUT_TOGETHER: () => "Put it together",
};

export function operationTitle({ detail }: Pick<Operation, "detail">): string {
  return detailTitle(detail);
}

function detailTitle(detail: Detail): string {
  switch (detail.family) {
    case "rings":
      return stepTitle(detail.kind);
    case "forming":
      return formStepTitle(formStepOf(detail));
    case "weaving":
      return detail.of ? `${detail.of.what}: put the rings in` : RINGS[detail.kind];
    case "joining":
      return PARTS[detail.kind](detail.what);
    case "checking":
      return detail.checks[0]?.kind === "ON_THE_BODY" ? "Hold it to the body" : "Look it over";
    case "finishing":
      return finishTitle(detail.work);
  }
}

/** What is counted, one press for each. */
export function countedWords({ detail, verb }: Pick<Operation, "detail" | "verb">): string {
  if (detail.family === "forming") {
    return detail.of ? "done" : "copies";
  }
  if (detail.family === "joining") {
    return (
      { STRING: "beads", CRIMP: "crimped", MAKE: "made", DOME: "domed", PUT_TOGETHER: "joins" }[
        detail.kind as string
      ] ?? "rings"
    );
  }
  if (detail.family === "checking") {
    return "looked at";
  }
  return verb === "CUT" || detail.family === "weaving" ? "rings" : "times";
}

/** One of what an operation is done to: "copy", "closed ring", "S-hook". */
export function oneOf({ detail, verb }: Pick<Operation, "detail" | "verb">, units: Units): string {
  const closed: Record<string, string> = {
    CLOSE_FIRST: "closed ring",
    PRESS_FIRST: "ring of several turns",
    SOLDER_FIRST: "soldered ring",
    OPEN_FIRST: "opened ring",
    PUT_TOGETHER: "join",
  };
  switch (detail.family) {
    case "forming":
      return detail.of?.what ?? "copy";
    case "rings":
      return verb === "CUT" || detail.coil === 0 ? "ring" : "coil";
    case "weaving":
      return closed[detail.kind] ?? "ring";
    case "checking":
    case "finishing":
      return "part";
    case "joining": {
      const what = detail.what || closed[detail.kind] || "ring";
      const across = detail.insideMm > 0 ? ` ${sizeText(detail.insideMm, units)} inside` : "";
      return detail.what === "ring" ? `${closed[detail.kind] ?? "ring"}${across}` : what;
    }
  }
}

/** "2 × copy, at “bend the hook”". */
export function failedAt(
  plan: Pick<WorkPlan, "operations">,
  { operation, times }: Pick<Spoilt, "operation" | "times">,
  units: Units,
): string {
  const at = plan.operations.find((one) => one.id === operation);
  const what = at ? oneOf(at, units) : "";
  return `${times > 1 ? `${times} × ` : ""}${what}${at ? `, at “${operationTitle(at).toLowerCase()}”` : ""}`;
}

/** "trim the tail, 3 times". */
export function skippedAt(
  plan: Pick<WorkPlan, "operations">,
  { operation, times }: Pick<Skipped, "operation" | "times">,
): string {
  const at = plan.operations.find((one) => one.id === operation);
  return `“${at ? operationTitle(at).toLowerCase() : operation}”${times > 1 ? `, ${times} times` : ""}`;
}

/** What is waited for, in a word, as a timer is called by. */
export const waitedFor = ({ kind }: NonNullable<Operation["waits"]>): string =>
  ({ GLUE_SETS: "glue", TUMBLES: "tumbler", PICKLES: "pickle" })[kind];

/** What has to pass after an operation before the next: "24 hours, while the glue sets." */
export function waitWords(waits: NonNullable<Operation["waits"]>): string {
  const what = { GLUE_SETS: "while the glue sets", TUMBLES: "in the barrel", PICKLES: "in the pickle" }[
    waits.kind
  ];
  const long =
    waits.minutes >= 120 ? `${plain(waits.minutes / 60, 1)} hours` : `${plain(waits.minutes, 0)} min`;
  return `Then leave it ${long}, ${what}.`;
}
