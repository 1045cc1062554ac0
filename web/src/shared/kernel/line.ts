import { call, Problem } from "../../api/client";
import type {
  Choices,
  FormLineAnswer,
  Kept,
  LineAnswer,
  LotData,
  PieceAnswer,
  WeaveLineAnswer,
} from "../../api/types";
import { failureWords } from "../words/refused";
import { takeFormLine } from "./newForm";
import { keepJob, sheetOfLine, type RingLineReply } from "./newJob";
import { pieceMeant, takePieceLine } from "./newPiece";
import { takeWeaveLine } from "./newWeave";
import { codeIn } from "./scanner";

/** A line, and what it came to. */
export interface Answered {
  text: string;
  reply: Reply;
}

export type Reply =
  | ({ kind: "rings" } & RingLineReply)
  | { kind: "form"; answer: FormLineAnswer }
  | { kind: "weave"; answer: WeaveLineAnswer }
  | { kind: "piece"; answer: PieceAnswer }
  | { kind: "lot"; code: string; name: string }
  | { kind: "problem"; words: string };

/** Keeps what a line comes to; answers where it is drawn, or null for a line that comes to nothing. */
export async function keptAt(reply: Reply, text: string, choices: Choices): Promise<string | null> {
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

export function problem(failure: unknown): Reply {
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
export async function askedOf(text: string, choices: Choices, signal: AbortSignal): Promise<Reply> {
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
