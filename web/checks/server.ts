/** The running server the checks ask. */
import type { WeavePose } from "../src/drawing/weave";

export const URL_OF_SERVER = process.env.TOROID_URL ?? "http://127.0.0.1:8420";

export interface Wire {
  name: string;
  diameterMm: number;
  lengthInPieceMm: number;
  lengthToCutMm: number;
  marks: { atMm: number; kind: string }[];
  points: number[];
}

export interface Answer {
  extentMm: { x: number; y: number; z: number };
  wireDiameterMm: number;
  lengthInPieceMm: number;
  wires: Wire[];
  contacts: { depthMm: number }[];
}

/** Asks, and asks again for what takes longer than a moment until it is there. */
async function ask(path: string, body: unknown): Promise<Response> {
  let response = await fetch(`${URL_OF_SERVER}${path}`, {
    method: "POST",
    headers: { "Content-Type": "application/json" },
    body: JSON.stringify(body),
  });
  while (response.status === 202) {
    const told = (await response.json()) as { effort: string };
    response = await fetch(`${URL_OF_SERVER}/api/efforts/${told.effort}`);
  }
  if (!response.ok) {
    throw new Error(`${path}: ${response.status} ${await response.text()}`);
  }
  return response;
}

export async function catalogue(): Promise<string[]> {
  const forms = (await (await fetch(`${URL_OF_SERVER}/api/forms`)).json()) as { id: string }[];
  return forms.map((form) => form.id);
}

export async function solve(form: string, question: unknown = {}): Promise<Answer> {
  return (await ask(`/api/forms/${form}/solve`, question)).json() as Promise<Answer>;
}

export async function exported(form: string, format: string, question: unknown = {}): Promise<ArrayBuffer> {
  return (await ask(`/api/forms/${form}/export/${format}`, question)).arrayBuffer();
}

/** A piece in an open format. */
export async function exportedPiece(line: string, format: string): Promise<ArrayBuffer> {
  return (await ask(`/api/pieces/export/${format}`, { line })).arrayBuffer();
}

/** Poses of a weave from the shortest cell to the longest. */
export async function poses(
  weave: string,
  wireDiameterMm: number,
  innerDiameterMm: number[],
  count: number,
): Promise<WeavePose[]> {
  const question = { wireDiameterMm, innerDiameterMm };
  return (await ask(`/api/weaves/${weave}/poses?count=${count}`, question)).json() as Promise<WeavePose[]>;
}

/** A patch of a weave in an open format. */
export async function exportedPatch(weave: string, format: string, question: unknown): Promise<ArrayBuffer> {
  return (await ask(`/api/weaves/${weave}/export/${format}`, question)).arrayBuffer();
}

/** How a patch is counted. */
export async function counted(
  weave: string,
  question: unknown,
): Promise<{ total: number; rest: { lengthMm: number; widthMm: number; heightMm: number } }> {
  return (await ask(`/api/weaves/${weave}/count`, question)).json() as never;
}

export interface PieceSolved {
  hangs: { touching: unknown[] } | null;
  drawing: {
    shapes: {
      tubes: {
        diameterMm: number;
        points: number[];
        closed: boolean;
        sections: number[];
        holes: { centre: number[]; axis: number[]; diameterMm: number; thickMm: number }[];
      }[];
    }[];
    shapeOf: number[];
    along: number[][];
    down: number[][];
  };
}

export async function solvePiece(line: string): Promise<PieceSolved> {
  return (await (await ask("/api/pieces/solve", { line, drawn: true })).json()) as PieceSolved;
}
