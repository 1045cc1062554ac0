import { cleanup, fireEvent, screen } from "@testing-library/react";
import { useState } from "react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import type { Finishing, FinishWork, PieceAnswer, PieceJobData } from "../../api/types";
import { serve, show } from "../../test/app";
import { PIECE, PIECE_JOB } from "../../test/piece";
import { Finished } from "./Finished";

const METALS = [
  { id: "copper", name: "copper", darkens: true },
  { id: "titanium", name: "titanium", darkens: false },
];

const BEADED: PieceAnswer = {
  ...PIECE,
  bought: [{ kind: "BEAD", name: "bead", sizesMm: [6, 6, 1], amount: 2 }],
};

const step = (finish: FinishWork["finish"], whole: boolean, lots: FinishWork["lots"] = []): FinishWork => ({
  finish,
  joined: whole ? 3 : 1,
  whole,
  lots,
});

let seen: (Finishing | null)[] = [];

function Kept({ data, piece }: { data: PieceJobData; piece: PieceAnswer }) {
  const [now, setNow] = useState(data);
  return (
    <Finished
      data={now}
      piece={piece}
      change={(patch) => {
        seen.push(patch.finish ?? null);
        setNow({ ...now, ...patch });
      }}
    />
  );
}

function open(over: Partial<PieceJobData> = {}, piece: PieceAnswer = BEADED) {
  seen = [];
  serve({ "GET /api/metals": METALS });
  show(<Kept data={{ ...PIECE_JOB.data, ...over }} piece={piece} />);
}

const press = (name: string) => fireEvent.click(screen.getByRole("button", { name }));

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

it("offers to rub back only what is coloured, and takes both off together", () => {
  open();
  expect(screen.queryByRole("button", { name: "rubbed back" })).toBeNull();
  press("waxed");
  press("coloured");
  press("rubbed back");
  expect(seen.at(-1)).toEqual({ finishes: ["COLOUR", "RUB_BACK", "SEAL"], hardBeads: false });
  press("coloured");
  expect(seen.at(-1)).toEqual({ finishes: ["SEAL"], hardBeads: false });
  press("waxed");
  expect(seen.at(-1)).toBeNull();
});

it("asks what its beads are only where a bath or a barrel meets them", () => {
  open();
  press("waxed");
  expect(screen.queryByLabelText("What its beads are")).toBeNull();
  press("tumbled");
  expect(screen.getByLabelText<HTMLSelectElement>("What its beads are").value).toBe("soft");
});

it("offers no colour to what does not darken", async () => {
  open({ metal: "titanium" });
  expect(await screen.findByText(/does not darken this metal/)).toBeTruthy();
  expect(screen.queryByRole("button", { name: "coloured" })).toBeNull();
});

it("says when, and what goes in how", () => {
  const lots: FinishWork["lots"] = [
    { going: "WHOLE", what: "ring", first: 0, count: 3 },
    { going: "BEFORE_THREADING", what: "bead link", first: 1, count: 2 },
  ];
  open(
    { finish: { finishes: ["COLOUR", "TUMBLE", "SEAL"], hardBeads: false } },
    { ...BEADED, finishes: [step("COLOUR", false, lots), step("TUMBLE", false, lots), step("SEAL", true)] },
  );
  expect(
    screen.getByText(/^Coloured and tumbled after 1 of \d+ joins?; waxed once all is joined\.$/),
  ).toBeTruthy();
  expect(screen.getByText("Not in the barrel, but polished with a cloth: 2 bead links.")).toBeTruthy();
});
