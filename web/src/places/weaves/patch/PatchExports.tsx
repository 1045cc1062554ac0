import { useNavigate } from "react-router";
import type { Kept, WeaveJobData } from "../../../api/types";
import { takeAway, takeFile } from "../../../shared/kernel/takeAway";

const FORMATS: [string, string][] = [
  ["svg", "SVG"],
  ["stl", "STL"],
  ["gltf", "glTF"],
  ["csv", "count CSV"],
  ["json", "weave JSON"],
];

/** Out of the workshop; or away, to be brought back. */
export function PatchExports({ kept }: { kept: Kept<WeaveJobData> }) {
  const navigate = useNavigate();
  return (
    <p className="exports small">
      {FORMATS.map(([format, name]) => (
        <button
          key={format}
          className="quiet small"
          onClick={() => void takeFile("jobs/weave", kept, format)}
        >
          {name}
        </button>
      ))}
      <button className="quiet small" onClick={() => void takeAway("jobs/weave", kept, "/weaves", navigate)}>
        take away
      </button>
    </p>
  );
}
