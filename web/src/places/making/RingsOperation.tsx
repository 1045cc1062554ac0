import { usePreferences } from "../../api/queries";
import type { FamilyView, OperationProps } from "./operation";
import { StepDrawing } from "./StepDrawing";
import { StepWords } from "./StepWords";

function Picture({ run, operation, place }: OperationProps) {
  return run.data.kind === "ring" && operation.detail.family === "rings" ? (
    <StepDrawing plan={run.data.facts} step={operation.detail} count={place.count} />
  ) : null;
}

function Words({ run, operation, place }: OperationProps) {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  return run.data.kind === "ring" && operation.detail.family === "rings" ? (
    <StepWords plan={run.data.facts} step={operation.detail} count={place.count} units={units} />
  ) : null;
}

/** Winding rings: each step drawn, its number large. */
export const RINGS: FamilyView = { Picture, Words };
