import mathup from "mathup";
import { formulaParts } from "../words/formulaParts";

/** A formula set as a formula; long ones break between their parts. */
export function Formula({ children }: { children: string }) {
  return (
    <span className="formula" role="math" aria-label={children}>
      {formulaParts(children).map((part, i) => (
        <span key={i} className={part.kind} aria-hidden="true">
          {part.kind === "words" ? part.text : <Mathematics source={part.text} />}{" "}
        </span>
      ))}
    </span>
  );
}

function Mathematics({ source }: { source: string }) {
  return <span ref={(place) => place?.replaceChildren(mathup(source).toDOM())} />;
}
