import { cleanup, fireEvent, screen } from "@testing-library/react";
import { afterEach, expect, it, vi } from "vitest";
import { serve, show } from "../../test/app";
import { AT_THE_BENCH, CUT, forming, HOOK, hooks } from "../../test/runs";
import { RunPage } from "./RunPage";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const FINISH = forming(
  3,
  { kind: "CUT", part: "other end", lengthMm: 12 },
  { stage: "CUT", cautions: ["GLASSES_ENDS_FLY"] },
);

it("lays what is left on paper as it is printed, with its numbers and cautions, and nothing of what is done", () => {
  serve(AT_THE_BENCH);
  const print = vi.spyOn(window, "print").mockImplementation(() => {
    fireEvent(window, new Event("beforeprint"));
  });
  show(<RunPage run={hooks(1, 1, 1, [CUT, HOOK, FINISH])} />);
  expect(screen.queryByLabelText("What is left to do")).toBeNull();
  fireEvent.click(screen.getByRole("button", { name: "print the rest" }));
  expect(print).toHaveBeenCalledOnce();
  const paper = screen.getByLabelText("What is left to do");
  expect([...paper.querySelectorAll("h2")].map((one) => one.textContent)).toEqual([
    "Form the hook",
    "Cut the wire",
  ]);
  expect(paper.textContent).toContain("66.4");
  expect(paper.textContent).toContain("Glasses on");
  fireEvent(window, new Event("afterprint"));
  expect(screen.queryByLabelText("What is left to do")).toBeNull();
});
