import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, expect, it, vi } from "vitest";
import type { Choices, Person } from "../../api/types";
import { Says } from "../../shared/kernel/says";
import { PREFERENCES, Refused, serve, show } from "../../test/app";
import { People } from "./People";

const QUEEN: Person = { name: "The sea queen", part: "WRIST", girthMm: 158, easeMm: 12 };
const BOY: Person = { name: "The diver's boy", part: "NECK", girthMm: 340, easeMm: 20 };

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

function open(answer: unknown) {
  const changed: Partial<Choices>[] = [];
  const asked = serve({ ...PREFERENCES, "GET /api/pieces/bodies": [], "POST /api/people/import": answer });
  show(
    <>
      <People people={[QUEEN]} change={(patch) => changed.push(patch)} />
      <Says />
    </>,
  );
  return { changed, asked };
}

const bring = () =>
  fireEvent.change(screen.getByLabelText("A file of sizes"), {
    target: { files: [new File(["{}"], "sizes.json")] },
  });

it("puts down who comes in a file, and nobody twice", async () => {
  const { changed } = open({ people: [QUEEN, BOY] });
  bring();
  await waitFor(() => expect(changed).toEqual([{ people: [QUEEN, BOY] }]));
});

it("says why a file is none, and puts nobody down", async () => {
  const { changed } = open(new Refused({ code: "no-people-file" }));
  bring();
  expect(await screen.findByText(/nobody was put down of it/)).toBeTruthy();
  expect(changed).toEqual([]);
});
