import { useNavigate } from "react-router";
import { call, Problem } from "../../api/client";
import { changed } from "../../api/queries";
import type { Kept, WeaveJobData } from "../../api/types";
import { say } from "../../shared/says";
import { editorOf } from "../../shared/useEditor";

const FORMATS: [string, string][] = [
  ["svg", "SVG"],
  ["stl", "STL"],
  ["gltf", "glTF"],
  ["csv", "count CSV"],
  ["json", "weave JSON"],
];

/** Out of the workshop; or away, to be brought back. */
export function PieceExports({ kept }: { kept: Kept<WeaveJobData> }) {
  const navigate = useNavigate();
  const take = async (format: string) => {
    await editorOf("weave-jobs", kept).flush();
    const link = document.createElement("a");
    link.href = `/api/weave-jobs/${kept.id}/export/${format}`;
    link.download = "";
    link.click();
  };
  const away = async () => {
    try {
      await editorOf("weave-jobs", kept).flush();
      const now = await call<Kept<WeaveJobData>>("GET", `/api/weave-jobs/${kept.id}`);
      await call("DELETE", `/api/weave-jobs/${kept.id}?version=${now.version}`);
      changed("weave-jobs", "bench");
      await navigate("/weaves");
      say(`${kept.data.name} was taken away.`, {
        label: "bring it back",
        run: () => {
          void call("POST", `/api/weave-jobs/${kept.id}/restore`).then(() => changed("weave-jobs", "bench"));
        },
      });
    } catch (failure) {
      say(
        failure instanceof Problem
          ? failure.body.detail
          : "The server is not answering; nothing was changed.",
      );
    }
  };
  return (
    <p className="exports small">
      {FORMATS.map(([format, name]) => (
        <button key={format} className="quiet small" onClick={() => void take(format)}>
          {name}
        </button>
      ))}
      <button className="quiet small" onClick={() => void away()}>
        take away
      </button>
    </p>
  );
}
