import { useNavigate } from "react-router";
import type { Kept, WeaveJobData } from "../../../api/types";
import { takeAway } from "../../../shared/kernel/takeAway";
import { AwayButton, ExportButtons } from "../../../shared/shell/ExportButtons";

const FORMATS = [
  ["svg", "SVG"],
  ["stl", "STL"],
  ["gltf", "glTF"],
  ["csv", "count CSV"],
  ["json", "weave JSON"],
] as const;

/** Out of the workshop; or away, to be brought back. */
export function PatchExports({ kept }: { kept: Kept<WeaveJobData> }) {
  const navigate = useNavigate();
  return (
    <ExportButtons path="jobs/weave" kept={kept} formats={FORMATS}>
      <AwayButton onAway={() => void takeAway("jobs/weave", kept, "/weaves", navigate)} />
    </ExportButtons>
  );
}
