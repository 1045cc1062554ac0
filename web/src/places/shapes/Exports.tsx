import { useNavigate } from "react-router";
import type { FormAnswer, FormJobData, Kept } from "../../api/types";
import { takeAway, takeFile } from "../../shared/kernel/takeAway";

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
    <p className="exports small">
      {FORMATS.filter(([format]) => format !== "csv" || bends).map(([format, name]) => (
        <button key={format} className="quiet small" onClick={() => void takeFile("jobs/form", kept, format)}>
          {name}
        </button>
      ))}
      <button className="quiet small" onClick={() => void takeAway("jobs/form", kept, "/shapes", navigate)}>
        take away
      </button>
    </p>
  );
}
