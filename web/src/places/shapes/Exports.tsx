import { useNavigate } from "react-router";
import type { FormAnswer, FormJobData, Kept } from "../../api/types";
import { takeAway } from "../../shared/kernel/takeAway";
import { AwayButton, ExportButtons } from "../../shared/shell/ExportButtons";

const FORMATS: [string, string][] = [
  ["pdf", "print sheet"],
  ["svg", "SVG"],
  ["dxf", "DXF"],
  ["stl", "STL"],
  ["gltf", "glTF"],
  ["csv", "bend table"],
  ["json", "JSON"],
];

/** Out of the workshop: to print at true size, to a jig, to a bending machine, to another program. */
export function Exports({ kept, form }: { kept: Kept<FormJobData>; form: FormAnswer }) {
  const navigate = useNavigate();
  const bends = form.wires.length === 1 && !form.steps.some((step) => step.turns !== null);
  return (
    <ExportButtons
      path="jobs/form"
      kept={kept}
      formats={FORMATS.filter(([format]) => format !== "csv" || bends)}
    >
      <AwayButton onAway={() => void takeAway("jobs/form", kept, "/shapes", navigate)} />
    </ExportButtons>
  );
}
