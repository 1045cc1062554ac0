import { cleanup, fireEvent, screen } from "@testing-library/react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { press, PREFERENCES, serve, show, type Answers } from "../../test/app";
import { FORM } from "../../test/form";
import { hooks } from "../../test/runs";
import { spoken } from "./ReadAloud";
import { RunPage } from "./RunPage";

const BASE: Answers = {
  ...PREFERENCES,
  "GET /api/readings/of-run/": [],
  "GET /api/runs/": { form: FORM, shapes: [] },
  "GET /api/notebook": [],
  "PUT /api/runs/": (body: unknown) => ({ id: "x", version: 1, data: (body as { data: unknown }).data }),
};

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

function voice() {
  const said: string[] = [];
  vi.stubGlobal("speechSynthesis", {
    cancel: vi.fn(),
    getVoices: () => [],
    speak: (one: { text: string }) => said.push(one.text),
  });
  vi.stubGlobal(
    "SpeechSynthesisUtterance",
    class {
      constructor(readonly text: string) {}
      lang = "";
    },
  );
  return said;
}

it("says units as words", () => {
  expect(spoken("66.4 mm, bend to 187°")).toBe("66.4 millimetres, bend to 187 degrees");
});

it("is silent until asked, then reads each step as it comes, and no count twice", () => {
  const said = voice();
  serve(BASE);
  show(<RunPage run={hooks(1, 1)} />);
  expect(said).toEqual([]);
  press("v", document.body);
  expect(said).toHaveLength(1);
  expect(said[0]).toContain("Cut the wire");
  expect(said[0]).toContain("66.4 millimetres");
  expect(said[0]).toContain("Glasses on");
  press(" ", document.body);
  expect(said).toHaveLength(2);
  expect(said[1]).toContain("Form the hook");
  fireEvent.click(screen.getByRole("button", { name: "reading aloud" }));
  press("Backspace", document.body);
  expect(said).toHaveLength(2);
});

it("is not offered where there is no voice", () => {
  vi.stubGlobal("speechSynthesis", undefined);
  // @ts-expect-error: as a browser without one
  delete window.speechSynthesis;
  serve(BASE);
  show(<RunPage run={hooks(1, 1)} />);
  expect(screen.queryByText("read aloud")).toBeNull();
});
