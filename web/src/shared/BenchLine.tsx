import { useEffect, useRef, useState } from "react";
import { useNavigate } from "react-router";
import { call, Problem } from "../api/client";
import { usePreferences } from "../api/queries";
import type { FormLineAnswer, LineAnswer, WeaveLineAnswer } from "../api/types";
import { FormLine } from "./FormLine";
import { takeFormLine } from "./newForm";
import { keepJob, sheetOfLine, type RingLineReply } from "./newJob";
import { RingLine } from "./RingLine";
import { takeWeaveLine } from "./newWeave";
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

  const write = (next: string) => {
    setText(next);
    if (!next.trim()) {
      setReply(null);
    }
  };

  useEffect(() => {
    const focus = () => input.current?.focus();
    window.addEventListener("toroid:line", focus);
    return () => window.removeEventListener("toroid:line", focus);
  }, []);

  useEffect(() => {
    if (!text.trim() || !choices) {
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
      write("");
      input.current?.blur();
      await navigate(`/shapes/${id}`);
    }
    if (reply?.kind === "weave" && choices) {
      const id = await takeWeaveLine(reply.answer, text, choices);
      write("");
      input.current?.blur();
      await navigate(`/weaves/${id}`);
    }
    if (reply?.kind === "rings") {
      const id = await keepJob({ ...reply.job, name: text.trim().slice(0, 120) });
      write("");
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
        onChange={(event) => write(event.target.value)}
        onKeyDown={(event) => {
          if (event.key === "Escape") {
            write("");
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
          {reply.kind === "form" && <FormLine answer={reply.answer} units={units} />}
        </div>
      )}
    </form>
  );
}
