import { cleanup, screen } from "@testing-library/react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import type { Kept, RunData } from "../../api/types";
import { serve, show } from "../../test/app";
import { FORM } from "../../test/form";
import { AT_THE_BENCH, CUT, forming, hooks } from "../../test/runs";
import { RunPage } from "./RunPage";

const WRAP = forming(2, { kind: "WRAP", part: "neck", wire: FORM.wires[0]!.name });
/** The wire as it is after the cut and after the wrap: its points do not stand the same left and right. */
const SHAPE = {
  held: null,
  free: [[0, 0, 0, 10, 0, 0, 10, 4, 0]],
  sections: [[]],
};

function at(handed: boolean, twins: Kept<RunData>) {
  serve({
    ...AT_THE_BENCH,
    "GET /api/runs/": { form: { ...FORM, handed }, shapes: [SHAPE, SHAPE, SHAPE] },
  });
  if (twins.data.kind === "form") {
    twins.data.facts.job.hand = "PAIRS";
  }
  show(<RunPage run={twins} />);
}

const drawn = async () => {
  const picture = await screen.findByRole("img", { name: /after step/ });
  return {
    name: picture.getAttribute("aria-label"),
    wires: picture.querySelectorAll("g[fill=none]").length,
    d: picture.querySelector("g[fill=none] path")?.getAttribute("d"),
  };
};

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

it("says in tandem that one of the two is wound the other way, and shows both", async () => {
  at(true, hooks(2, 4, 1, [CUT, WRAP]));
  expect(
    await screen.findByText("One of the two is the mirror image: wind it the other way round."),
  ).toBeTruthy();
  const both = await drawn();
  expect(both.name).toContain("both twins");
  expect(both.wires).toBe(2);
});

it("says of a batch that half of them are", async () => {
  at(false, hooks(4, 4, 1, [CUT, WRAP]));
  expect(await screen.findByText("Half of them mirror images, as drawn.")).toBeTruthy();
});

it("one by one draws each second copy in the mirror, and says so", async () => {
  at(true, hooks(1, 2, 1, [CUT, WRAP]));
  const first = await drawn();
  expect(screen.queryByText(/mirror image/)).toBeNull();
  cleanup();
  at(true, hooks(1, 2, 3, [CUT, WRAP]));
  expect(await screen.findByText("The mirror image of the first: wind it the other way round.")).toBeTruthy();
  const second = await drawn();
  expect(second.wires).toBe(first.wires);
  expect(second.d).not.toBe(first.d);
});

it("says nothing where no twins are made, nor while wire is only cut", async () => {
  at(true, hooks(2, 4, 0, [CUT, WRAP]));
  await drawn();
  expect(screen.queryByText(/mirror image/)).toBeNull();
  cleanup();
  serve({
    ...AT_THE_BENCH,
    "GET /api/runs/": { form: { ...FORM, handed: true }, shapes: [SHAPE, SHAPE, SHAPE] },
  });
  show(<RunPage run={hooks(2, 4, 1, [CUT, WRAP])} />);
  await drawn();
  expect(screen.queryByText(/mirror image/)).toBeNull();
});
