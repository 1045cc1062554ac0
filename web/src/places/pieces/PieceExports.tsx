import type { Kept, PieceJobData } from "../../api/types";
import { takeFile } from "../../shared/kernel/takeAway";

const FORMATS: readonly (readonly [string, string])[] = [
  ["pdf", "bench sheet"],
  ["csv", "what it takes"],
  ["svg", "SVG"],
  ["gltf", "glTF"],
  ["stl", "STL"],
  ["json", "JSON"],
];

/** Out of the workshop: on paper beside the bench, to a shop, to another program. */
export function PieceExports({ kept }: { kept: Kept<PieceJobData> }) {
  return (
    <p className="exports small">
      {FORMATS.map(([format, name]) => (
        <button
          key={format}
          className="quiet small"
          onClick={() => void takeFile("jobs/piece", kept, format)}
        >
          {name}
        </button>
      ))}
    </p>
  );
}
