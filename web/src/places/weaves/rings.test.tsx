import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, describe, expect, it } from "vitest";
import type { PatchView, WeaveJobData } from "../../api/types";
import { laid, some } from "../../drawing/patch";
import sample from "../../test/patch.json";
import { turnByKeys } from "../../shared/kernel/turnKeys";
import { AssemblyScene } from "../../shared/shell/AssemblyScene";
import { madeOf } from "../../shared/shell/made";
import { FlatRings } from "../../shared/shell/FlatRings";
import { toneNamed } from "../../shared/shell/ringLooks";

const rings = laid(sample.poses[1]!, sample.patch.rings);
const count = sample.patch.colours.length;
const QUARTERS = 4;

afterEach(cleanup);

describe("rings on paper, where there is no 3D", () => {
  const patch = some(rings, [0, 1, 2, 3, 4], [0, 1]);
  const draw = (props: Partial<Parameters<typeof FlatRings>[0]> = {}) =>
    render(<FlatRings patch={patch} name="a chain" wireMm={1} palette={["copper", "#2f6f8f"]} {...props} />)
      .container;

  it("draws every ring in its own metal, near quarters last", () => {
    const drawn = draw();
    expect(screen.getByRole("img").getAttribute("aria-label")).toBe("a chain, 5 rings, flat");
    expect(drawn.querySelectorAll("g")).toHaveLength(5 * QUARTERS);
    const coated = drawn.querySelectorAll('path[stroke="#2f6f8f"]');
    expect(coated).toHaveLength(QUARTERS);
    const [left, top, width, height] = drawn
      .querySelector("svg")!
      .getAttribute("viewBox")!
      .split(" ")
      .map(Number) as [number, number, number, number];
    for (let n = 0; n < 5; n++) {
      const [x, y] = [patch.rings[7 * n]!, -patch.rings[7 * n + 1]!];
      expect(x).toBeGreaterThan(left);
      expect(x).toBeLessThan(left + width);
      expect(y).toBeGreaterThan(top);
      expect(y).toBeLessThan(top + height);
    }
  });

  it("marks the ring in hand, keeps those it goes through, dims the rest", () => {
    const drawn = draw({ chosen: new Set([0]), linked: new Set([1, 2]) });
    expect(drawn.querySelectorAll('path[stroke="var(--mark)"]')).toHaveLength(QUARTERS);
    expect(drawn.querySelectorAll('g[opacity="0.35"]')).toHaveLength(2 * QUARTERS);
  });

  it("tells which ring was pressed, and writes letters on them", () => {
    const picked: (number | null)[] = [];
    const drawn = draw({ onPick: (ring) => picked.push(ring), tags: [{ ring: 3, text: "A" }] });
    expect(screen.getByText("A")).toBeTruthy();
    drawn.querySelectorAll("g").forEach((quarter) => fireEvent.click(quarter));
    expect(picked).toHaveLength(5 * QUARTERS);
    expect(new Set(picked)).toEqual(new Set([0, 1, 2, 3, 4]));
  });
});

describe("a patch as it grows", () => {
  const JOB = {
    name: "Rope",
    wireDiameterMm: 1,
    colours: { palette: ["copper"], by: "RING", sequence: [0], painted: [] },
  } as unknown as WeaveJobData;

  it.each([1, 4, sample.patch.steps.length])("shows just the rings there after %i steps", (done) => {
    const { container } = render(
      <AssemblyScene
        made={madeOf(JOB)}
        patch={sample.patch as unknown as PatchView}
        rings={rings}
        done={done}
        fitKey="test"
      />,
    );
    const there = sample.patch.steps.slice(0, done).reduce((sum, step) => sum + 1 + step.pickUp.length, 0);
    expect(screen.getByRole("img").getAttribute("aria-label")).toContain(`${there} rings, flat`);
    const step = sample.patch.steps[done - 1]!;
    const letters = [...container.querySelectorAll("text")].map((text) => text.textContent);
    expect(letters).toHaveLength(step.passages.length);
    const lit = there - 1 - step.passages.length;
    expect(container.querySelectorAll('g[opacity="0.35"]')).toHaveLength(QUARTERS * Math.max(0, lit));
  });

  it("shows the finished patch with no ring in hand", () => {
    const { container } = render(
      <AssemblyScene
        made={madeOf(JOB)}
        patch={sample.patch as unknown as PatchView}
        rings={rings}
        done={sample.patch.steps.length}
        inHand={false}
        fitKey="test"
      />,
    );
    expect(container.querySelectorAll("g")).toHaveLength(QUARTERS * count);
    expect(container.querySelectorAll('g[opacity="0.35"]')).toHaveLength(0);
  });
});

describe("metals and keys", () => {
  it("names a metal's tone, or makes one of a coat", () => {
    expect(toneNamed("copper").body).toBe("#b8703f");
    expect(toneNamed("#2f6f8f").body).toBe("#2f6f8f");
    expect(toneNamed("#2f6f8f").deep).toContain("black");
  });

  it("turns by arrows and leaves other keys alone", () => {
    const turned: [number, number][] = [];
    const { container } = render(
      <div tabIndex={0} onKeyDown={(event) => turnByKeys(event, (a, b) => turned.push([a, b]))} />,
    );
    for (const key of ["ArrowLeft", "ArrowRight", "ArrowUp", "ArrowDown", "a", "Tab"]) {
      fireEvent.keyDown(container.firstElementChild!, { key });
    }
    expect(turned).toHaveLength(4);
    expect(turned[0]![0]).toBe(-turned[1]![0]);
    expect(turned[2]![1]).toBe(-turned[3]![1]);
  });
});
