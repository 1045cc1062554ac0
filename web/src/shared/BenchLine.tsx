import { useEffect, useRef, useState } from "react";
import { useNavigate } from "react-router";
import { call, Problem } from "../api/client";
import { usePreferences } from "../api/queries";
import type { FormLineAnswer, LineAnswer, WeaveLineAnswer } from "../api/types";
import { formNoteWords } from "./formWords";
import { many, sizeText, wireLength } from "../quantity/format";
import { takeFormLine } from "./newForm";
import { keepJob, sheetOfLine, type RingLineReply } from "./newJob";
import { RingLine } from "./RingLine";
import { takeWeaveLine } from "./newWeave";
import { Understood } from "./Understood";
import { WeaveLine } from "./WeaveLine";

type Reply =
  | ({ kind: "rings" } & RingLineReply)
  | { kind: "form"; answer: FormLineAnswer }
  | { kind: "weave"; answer: WeaveLineAnswer }
  | { kind: "problem"; words: string };

/** Understands a maker's shorthand and answers at once; Enter takes the answer to its place. */
export function BenchLine() {
  const [text, setText] = useState("");
  const [reply, setReply] = useState<Reply | null>(null);
  const input = useRef<HTMLInputElement>(null);
  const navigate = useNavigate();
  const choices = usePreferences().data?.data;
  const units = choices?.units ?? "MILLIMETRES";

  useEffect(() => {
    const focus = () => input.current?.focus();
    window.addEventListener("toroid:line", focus);
    return () => window.removeEventListener("toroid:line", focus);
  }, []);

  useEffect(() => {
    if (!text.trim() || !choices) {
      setReply(null);
      return;
    }
    const abort = new AbortController();
    const question = { text, bareGauge: choices.bareGauge };
    const rings = async (answer: LineAnswer): Promise<Reply> => ({
      kind: "rings",
      ...(await sheetOfLine(answer, text, choices, abort.signal)),
    });
    const ask = async (): Promise<Reply> => {
      const form = await call<FormLineAnswer | undefined>("POST", "/api/line/form", question, abort.signal);
      if (form) {
        return { kind: "form", answer: form };
      }
      const weave = await call<WeaveLineAnswer | undefined>(
        "POST",
        "/api/line/weave",
        question,
        abort.signal,
      );
      return weave
        ? { kind: "weave", answer: weave }
        : rings(await call<LineAnswer>("POST", "/api/line", question, abort.signal));
    };
    ask()
      .then(setReply)
      .catch((failure: unknown) => {
        if (failure instanceof Problem) {
          setReply({ kind: "problem", words: failure.body.detail });
        }
      });
    return () => abort.abort();
  }, [text, choices]);

  const take = async () => {
    if (reply?.kind === "form" && choices) {
      const id = await takeFormLine(reply.answer, text, choices);
      setText("");
      input.current?.blur();
      await navigate(`/shapes/${id}`);
    }
    if (reply?.kind === "weave" && choices) {
      const id = await takeWeaveLine(reply.answer, text, choices);
      setText("");
      input.current?.blur();
      await navigate(`/weaves/${id}`);
    }
    if (reply?.kind === "rings") {
      const id = await keepJob({ ...reply.job, name: text.trim().slice(0, 120) });
      setText("");
      input.current?.blur();
      await navigate(`/rings/${id}`);
    }
  };

  return (
    <form
      className="bench-line no-print"
      onSubmit={(event) => {
        event.preventDefault();
        void take();
      }}
    >
      <input
        id="bench-line"
        ref={input}
        aria-label="Bench line"
        placeholder="1.0 on 4.5"
        autoComplete="off"
        spellCheck={false}
        value={text}
        onChange={(event) => setText(event.target.value)}
        onKeyDown={(event) => {
          if (event.key === "Escape") {
            setText("");
            event.currentTarget.blur();
          }
        }}
      />
      <label htmlFor="bench-line">/ bench line</label>
      {reply && (
        <div className="line-answer" role="status">
          {reply.kind === "problem" && <p>{reply.words}</p>}
          {reply.kind === "rings" && <RingLine reply={reply} units={units} />}
          {reply.kind === "weave" && <WeaveLine answer={reply.answer} units={units} />}
          {reply.kind === "form" && <FormLine answer={reply.answer} />}
        </div>
      )}
    </form>
  );

  function FormLine({ answer }: { answer: FormLineAnswer }) {
    return (
      <>
        {answer.wires.map((wire, i) => (
          <p key={i} className="figures text-3xl font-extrabold">
            {sizeText(wire.lengthToCutMm, units, 1)}{" "}
            <span className="text-base font-medium soft">
              to cut{answer.wires.length > 1 && `, ${wire.name}`}
            </span>
          </p>
        ))}
        <p className="mt-1">
          {answer.name} in <strong>{sizeText(answer.wireDiameterMm, units)}</strong> wire
          {answer.wires.length === 1 && (
            <>
              , <strong>{sizeText(answer.wires[0]!.lengthInPieceMm, units, 1)}</strong> in the piece
            </>
          )}
        </p>
        {answer.count !== null && (
          <p>
            {many(answer.count, "piece")} take{" "}
            <strong>
              {answer.wires
                .map((wire) =>
                  answer.wires.length > 1
                    ? `${wire.name} ${wireLength(wire.forCountMm, units)}`
                    : wireLength(wire.forCountMm, units),
                )
                .join(", ")}
            </strong>
          </p>
        )}
        {answer.notes
          .filter((note) => note.severity === "STOP" || note.severity === "CARE")
          .slice(0, 2)
          .map((note) => (
            <p key={note.code} className="care">
              {formNoteWords(note, units)}
            </p>
          ))}
        <Understood parts={answer.understood} place="Shapes" />
      </>
    );
  }
}
