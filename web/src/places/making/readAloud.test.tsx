import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { press, serve, show } from "../../test/app";
import { AT_THE_BENCH, hooks } from "../../test/runs";
import { Says } from "../../shared/kernel/says";
import { spoken } from "./ReadAloud";
import { RunPage } from "./RunPage";

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const OWN = { localService: true, lang: "en-GB" };
const FAR = { localService: false, lang: "en-US" };

function voice(voices: object[] = [FAR, OWN]) {
  const said: string[] = [];
  vi.stubGlobal("speechSynthesis", {
    cancel: vi.fn(),
    getVoices: () => voices,
    addEventListener: vi.fn(),
    speak: (one: { text: string }) => said.push(one.text),
  });
  vi.stubGlobal(
    "SpeechSynthesisUtterance",
    class {
      constructor(readonly text: string) {}
      lang = "";
      voice: unknown = null;
    },
  );
  return said;
}

it("says units as words", () => {
  expect(spoken("66.4 mm, bend to 187°")).toBe("66.4 millimetres, bend to 187 degrees");
});

it("is silent until asked, then reads each step as it comes, and no count twice", async () => {
  const said = voice();
  serve(AT_THE_BENCH);
  show(<RunPage run={hooks(1, 1)} />);
  expect(said).toEqual([]);
  press("v", document.body);
  await waitFor(() => expect(said).toHaveLength(1));
  expect(said[0]).toContain("Cut the wire");
  expect(said[0]).toContain("66.4 millimetres");
  expect(said[0]).toContain("Glasses on");
  press(" ", document.body);
  await waitFor(() => expect(said).toHaveLength(2));
  expect(said[1]).toContain("Form the hook");
  fireEvent.click(screen.getByRole("button", { name: "reading aloud" }));
  press("Backspace", document.body);
  expect(said).toHaveLength(2);
});

it("uses no voice from elsewhere, and says so", async () => {
  const said = voice([FAR]);
  serve(AT_THE_BENCH);
  show(
    <>
      <RunPage run={hooks(1, 1)} />
      <Says />
    </>,
  );
  press("v", document.body);
  expect(await screen.findByText(/no English voice of its own/)).toBeTruthy();
  expect(said).toEqual([]);
});

it("is not offered where there is no voice", () => {
  vi.stubGlobal("speechSynthesis", undefined);
  // @ts-expect-error: as a browser without one
  delete window.speechSynthesis;
  serve(AT_THE_BENCH);
  show(<RunPage run={hooks(1, 1)} />);
  expect(screen.queryByText("read aloud")).toBeNull();
});
