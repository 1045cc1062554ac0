import { useNavigate } from "react-router";
import { call, Problem } from "../../api/client";
import { changed } from "../../api/queries";
import type { FormAnswer, FormJobData, Kept } from "../../api/types";
import { say } from "../../shared/says";
import { editorOf } from "../../shared/useEditor";

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
  const take = async (format: string) => {
    await editorOf("form-jobs", kept).flush();
    const link = document.createElement("a");
    link.href = `/api/form-jobs/${kept.id}/export/${format}`;
    link.download = "";
    link.click();
  };
  const away = async () => {
    try {
      await editorOf("form-jobs", kept).flush();
      const now = await call<Kept<FormJobData>>("GET", `/api/form-jobs/${kept.id}`);
      await call("DELETE", `/api/form-jobs/${kept.id}?version=${now.version}`);
      changed("form-jobs", "bench");
      await navigate("/shapes");
      say(`${kept.data.name} was taken away.`, {
        label: "bring it back",
        run: () => {
          void call("POST", `/api/form-jobs/${kept.id}/restore`).then(() => changed("form-jobs", "bench"));
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
      {FORMATS.filter(([format]) => format !== "csv" || bends).map(([format, name]) => (
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
