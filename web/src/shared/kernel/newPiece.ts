/** Starting a piece: from a starter, from the bench line, from one part. */
import { call } from "../../api/client";
import { keepNew } from "./keepNew";
import { queries } from "../../api/queries";
import type { BodyPart, BodyView, Choices, FormJobData, PieceJobData, Starter } from "../../api/types";

/** A piece as the maker's preferences would have it; its body of a usual size until it is measured. */
export function blankPiece(
  piece: Pick<Starter, "name" | "line" | "metal" | "body">,
  choices: Choices,
  bodies: readonly BodyView[],
): PieceJobData {
  const body = bodies.find((one) => one.part === piece.body);
  return {
    name: piece.name,
    line: piece.line,
    spoolId: null,
    metal: piece.metal,
    temper: "HALF_HARD",
    body: body
      ? {
          part: body.part,
          girthMm: body.usualGirthMm,
          easeMm: (body.eases[1] ?? body.eases[0])?.easeMm ?? null,
        }
      : null,
    finish: null,
    sparePercent: choices.sparePercent,
    note: "",
  };
}

export const keepPiece = (data: PieceJobData): Promise<string> => keepNew("piece", data);

const BEGINS = /^(pair|mirror|round|strand|chain|cord|finding|stone|medallion|sheet)\s/;

/** Whether what is typed is meant as a piece: parts between dashes surely, a word of its grammar or a count perhaps. */
export function pieceMeant(text: string): "yes" | "perhaps" | "no" {
  if (/\S - \S/.test(text)) {
    return "yes";
  }
  return BEGINS.test(text.trim()) || /^\d+ \* /.test(text.trim()) ? "perhaps" : "no";
}

/** A piece of the form a job draws: a bracelet of it, a pair of drops, or a chain it closes. */
export async function takeForm(form: FormJobData, choices: Choices): Promise<string> {
  const { formId, wireDiameterMm, metal, temper, parameters } = form;
  const question = { formId, wireDiameterMm, metal, temper, parameters };
  const begun = await call<{ line: string; body: BodyPart }>("POST", "/api/pieces/begin", question);
  const piece = blankPiece({ name: `A piece of ${form.name}`, metal, ...begun }, choices, await bodies());
  return keepPiece({ ...piece, temper });
}

const bodies = () =>
  queries.ensureQueryData({
    queryKey: ["pieces", "bodies"],
    queryFn: () => call<BodyView[]>("GET", "/api/pieces/bodies"),
  });

/** A piece from the bench line, for a wrist until the maker says otherwise. */
export async function takePieceLine(line: string, choices: Choices): Promise<string> {
  const wrist = { name: "New piece", line, metal: "copper", body: "WRIST" as const };
  return keepPiece(blankPiece(wrist, choices, await bodies()));
}
