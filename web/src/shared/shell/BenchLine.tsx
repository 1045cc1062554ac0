import { failureWords } from "../words/refused";
import { useCallback, useEffect, useRef, useState } from "react";
import { useNavigate } from "react-router";
import { call, Problem } from "../../api/client";
import { usePreferences } from "../../api/queries";
import { codeIn } from "../kernel/scanner";
import type {
  Choices,
  FormLineAnswer,
  Kept,
  LineAnswer,
  LotData,
  PieceAnswer,
  WeaveLineAnswer,
} from "../../api/types";
import { FormLine } from "./FormLine";
import { takeFormLine } from "../kernel/newForm";
import { keepJob, sheetOfLine, type RingLineReply } from "../kernel/newJob";
import { pieceMeant, takePieceLine } from "../kernel/newPiece";
import { PieceLine } from "./PieceLine";
import { RingLine } from "./RingLine";
import { takeWeaveLine } from "../kernel/newWeave";
import { WeaveLine } from "./WeaveLine";

/** A line, and what it came to. */
interface Answered {
  text: string;
  reply: Reply;
}

type Reply =
  | ({ kind: "rings" } & RingLineReply)
  | { kind: "form"; answer: FormLineAnswer }
  | { kind: "weave"; answer: WeaveLineAnswer }
  | { kind: "piece"; answer: PieceAnswer }
  | { kind: "lot"; code: string; name: string }
  | { kind: "problem"; words: string };

/** Keeps what a line comes to; answers where it is drawn, or null for a line that comes to nothing. */
async function keptAt(reply: Reply, text: string, choices: Choices): Promise<string | null> {
  switch (reply.kind) {
    case "form":
      return `/shapes/${await takeFormLine(reply.answer, text, choices)}`;
    case "weave":
      return `/weaves/${await takeWeaveLine(reply.answer, text, choices)}`;
    case "piece":
      return `/pieces/${await takePieceLine(reply.answer.line, choices)}`;
    case "rings":
      return `/rings/${await keepJob({ ...reply.job, name: text.trim().slice(0, 120) })}`;
    case "lot":
      return `/stock/code/${reply.code}`;
    case "problem":
      return null;
  }
}

function problem(failure: unknown): Reply {
  const words = failureWords(failure, "Toroid is not answering just now. Enter asks it again.");
  return { kind: "problem", words };
}

/** A piece; null where it is none and only might have been. */
async function pieceOf(text: string, signal: AbortSignal): Promise<PieceAnswer | null> {
  const meant = pieceMeant(text);
  if (meant === "no") {
    return null;
  }
  try {
    return await call<PieceAnswer>("POST", "/api/pieces/solve", { line: text.trim() }, signal);
  } catch (failure) {
    if (meant === "perhaps" && failure instanceof Problem) {
      return null;
    }
    throw failure;
  }
}

/** The lot whose label has that code; null where it is no code, or no lot's. */
async function lotOf(text: string, signal: AbortSignal): Promise<Reply | null> {
  const code = codeIn(text.replaceAll(/[\s-]/g, ""));
  if (code === null) {
    return null;
  }
  try {
    const found = await call<{ lots: string[] }>("GET", `/api/lot-codes/${code}`, undefined, signal);
    const lot = await call<Kept<LotData>>("GET", `/api/lots/${found.lots[0]}`, undefined, signal);
    return { kind: "lot", code, name: lot.data.name };
  } catch (failure) {
    if (failure instanceof Problem) {
      return null;
    }
    throw failure;
  }
}

/** What that line comes to: the first of pieces, shapes, weaves, rings that understands it. */
async function askedOf(text: string, choices: Choices, signal: AbortSignal): Promise<Reply> {
  const lot = await lotOf(text, signal);
  if (lot) {
    return lot;
  }
  const piece = await pieceOf(text, signal);
  if (piece) {
    return { kind: "piece", answer: piece };
  }
  const question = { text, bareGauge: choices.bareGauge };
  const form = await call<FormLineAnswer | undefined>("POST", "/api/line/form", question, signal);
  if (form) {
    return { kind: "form", answer: form };
  }
  const weave = await call<WeaveLineAnswer | undefined>("POST", "/api/line/weave", question, signal);
  if (weave) {
    return { kind: "weave", answer: weave };
  }
  const rings = await call<LineAnswer>("POST", "/api/line", question, signal);
  return { kind: "rings", ...(await sheetOfLine(rings, text, choices, signal)) };
}

/** What is typed and what it comes to; Enter waits for the answer to what is typed, no earlier one is taken, and none twice. */
function useLine(choices: Choices | undefined, left: () => void) {
  const [text, setText] = useState("");
  const [reply, setReply] = useState<Reply | null>(null);
  /** The last answer, known before it is drawn. */
  const answered = useRef<Answered | null>(null);
  /** The line Enter was pressed on before it was answered. */
  const entered = useRef<string | null>(null);
  const taking = useRef(false);
  /** How often the same line was asked once more. */
  const [again, setAgain] = useState(0);
  const navigate = useNavigate();

  const show = useCallback((next: Answered | null) => {
    answered.current = next;
    setReply(next?.reply ?? null);
  }, []);

  const write = (next: string) => {
    setText(next);
    entered.current = null;
    if (!next.trim()) {
      show(null);
    }
  };

  const take = useCallback(
    async ({ text: line, reply: to }: Answered) => {
      if (!choices || taking.current) {
        return;
      }
      taking.current = true;
      try {
        const place = await keptAt(to, line, choices);
        if (place) {
          setText("");
          show(null);
          left();
          await navigate(place);
        }
      } catch (failure) {
        show({ text: line, reply: problem(failure) });
      } finally {
        taking.current = false;
      }
    },
    [choices, navigate, left, show],
  );

  useEffect(() => {
    if (!text.trim() || !choices) {
      return;
    }
    const abort = new AbortController();
    const answer = (to: Reply) => {
      if (abort.signal.aborted) {
        return;
      }
      show({ text, reply: to });
      if (entered.current === text) {
        entered.current = null;
        void take({ text, reply: to });
      }
    };
    askedOf(text, choices, abort.signal)
      .then(answer)
      .catch((failure: unknown) => answer(problem(failure)));
    return () => abort.abort();
  }, [text, choices, take, show, again]);

  const enter = () => {
    const known = answered.current;
    if (known?.text === text && known.reply.kind !== "problem") {
      void take(known);
      return;
    }
    entered.current = text;
    if (known?.text === text) {
      setAgain((times) => times + 1);
    }
  };
  return { text, reply, write, enter };
}

/** Understands a maker's shorthand and answers at once; Enter takes the answer to its place, as soon as it is to what is typed. */
export function BenchLine() {
  const input = useRef<HTMLInputElement>(null);
  const choices = usePreferences().data?.data;
  const units = choices?.units ?? "MILLIMETRES";
  const left = useCallback(() => input.current?.blur(), []);
  const { text, reply, write, enter } = useLine(choices, left);

  useEffect(() => {
    const focus = () => input.current?.focus();
    window.addEventListener("toroid:line", focus);
    return () => window.removeEventListener("toroid:line", focus);
  }, []);

  return (
    <form
      className="bench-line no-print"
      onSubmit={(event) => {
        event.preventDefault();
        enter();
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
            left();
          }
        }}
      />
      <label htmlFor="bench-line">/ bench line</label>
      {reply && (
        <div className="line-answer" role="status">
          {reply.kind === "problem" && <p>{reply.words}</p>}
          {reply.kind === "lot" && (
            <p>
              The label of <strong>{reply.name}</strong>. Enter opens the lot.
            </p>
          )}
          {reply.kind === "piece" && <PieceLine answer={reply.answer} units={units} />}
          {reply.kind === "rings" && <RingLine reply={reply} units={units} />}
          {reply.kind === "weave" && <WeaveLine answer={reply.answer} units={units} />}
          {reply.kind === "form" && <FormLine answer={reply.answer} units={units} />}
        </div>
      )}
    </form>
  );
}
