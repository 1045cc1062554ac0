import type { Kept, PieceJobData } from "../../api/types";
import { ExportButtons } from "../../shared/shell/ExportButtons";

const FORMATS = [
  ["pdf", "bench sheet"],
  ["csv", "what it takes"],
  ["svg", "SVG"],
  ["gltf", "glTF"],
  ["stl", "STL"],
  ["json", "JSON"],
] as const;

/** Out of the workshop: on paper beside the bench, to a shop, to another program. */
export function PieceExports({ kept }: { kept: Kept<PieceJobData> }) {
  return <ExportButtons path="jobs/piece" kept={kept} formats={FORMATS} />;
}
