import type { Units } from "../../quantity/format";
import type { Reply } from "../kernel/line";
import { FormLine } from "./FormLine";
import { PieceLine } from "./PieceLine";
import { RingLine } from "./RingLine";
import { WeaveLine } from "./WeaveLine";

/** What a line comes to, as its place would say it. */
export function LineReply({ reply, units }: { reply: Reply; units: Units }) {
  switch (reply.kind) {
    case "form":
      return <FormLine answer={reply.answer} units={units} />;
    case "weave":
      return <WeaveLine answer={reply.answer} units={units} />;
    case "piece":
      return <PieceLine answer={reply.answer} units={units} />;
    case "rings":
      return <RingLine reply={reply} units={units} />;
    case "lot":
      return (
        <p>
          The label of <strong>{reply.name}</strong>. Enter opens the lot.
        </p>
      );
    case "problem":
      return <p>{reply.words}</p>;
  }
}
