import { act, cleanup, fireEvent, screen, within } from "@testing-library/react";
import { useState } from "react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { serve, show } from "../../test/app";
import { BASE, FORM } from "../../test/form";
import { FlatView } from "./FlatView";
import { Player } from "./Player";
import { WireStrip } from "../../shared/shell/WireStrip";

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe("the player", () => {
  function Bench() {
    const [step, setStep] = useState<number | null>(null);
    const [held, setHeld] = useState(false);
    return (
      <Player form={FORM} step={step} held={held} ready refusal={null} onStep={setStep} onHeld={setHeld} />
    );
  }

  it("goes step by step, each bend first in the tool and then sprung back", () => {
    serve(BASE);
    show(<Bench />);
    const on = screen.getByLabelText("One step on");
    fireEvent.click(on);
    expect(screen.getByText(/cut straight/)).toBeTruthy();
    fireEvent.click(on);
    fireEvent.click(on);
    fireEvent.click(on);
    expect(screen.getByText(/in the tool/)).toBeTruthy();
    fireEvent.click(on);
    expect(screen.getByText(/sprung back/)).toBeTruthy();
    expect(screen.getByText(/bend to 285°, it springs back to 280°/)).toBeTruthy();
    expect(screen.getByRole("slider").getAttribute("aria-valuenow")).toBe("3");
    fireEvent.keyDown(screen.getByRole("slider"), { key: "ArrowLeft" });
    expect(screen.getByRole("slider").getAttribute("aria-valuetext")).toBe("2, Leave straight");
    fireEvent.click(screen.getByText("done form"));
    expect(screen.queryByText(/sprung back/)).toBeNull();
  });

  it("plays through by itself, lets the last bend spring back and stops", async () => {
    vi.useFakeTimers();
    try {
      serve(BASE);
      show(<Bench />);
      fireEvent.click(screen.getByText("play the bends"));
      for (let i = 0; i < 8; i++) {
        await act(() => vi.advanceTimersByTimeAsync(800));
      }
      expect(screen.getByRole("slider").getAttribute("aria-valuenow")).toBe("3");
      expect(screen.getByText(/sprung back/)).toBeTruthy();
      expect(screen.getByText("play the bends")).toBeTruthy();
    } finally {
      vi.useRealTimers();
    }
  });
});

describe("the wire strip", () => {
  it("says what to cut, what comes back, and sets every mark", () => {
    serve(BASE);
    show(<WireStrip form={FORM} step={2} copies={4} />);
    expect(screen.getByText(/2.0 mm of it comes back; 4 copies take 76 mm/)).toBeTruthy();
    const strip = screen.getByTestId("wire-strip");
    expect(within(strip).getByText("8.0")).toBeTruthy();
    expect(within(strip).getByText("17.0")).toBeTruthy();
    expect(strip.querySelector("rect[fill='var(--mark)']")).not.toBeNull();
  });

  it("can be drawn larger than it is, and says so", () => {
    serve(BASE);
    show(<WireStrip form={FORM} step={null} copies={1} />);
    expect(screen.queryByText(/shown at/)).toBeNull();
    fireEvent.click(screen.getByText("as wide as it goes"));
    expect(screen.getByText(/shown at \d+ %/)).toBeTruthy();
  });
});

describe("the flat view", () => {
  it("at true size has the screen's own scale and its sizes over all", () => {
    serve({ ...BASE });
    show(
      <FlatView
        wires={[{ diameterMm: 1, points: FORM.wires[0]!.points }]}
        solids={[]}
        form={FORM}
        kind="true"
        dimensioned
      />,
    );
    expect(Number(screen.getByTestId("flat-view").dataset.scale)).toBeCloseTo(96 / 25.4, 6);
    expect(screen.getByText("11.0 mm")).toBeTruthy();
    expect(screen.getByText("4.0 mm")).toBeTruthy();
  });
});
