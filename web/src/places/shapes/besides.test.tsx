import { cleanup, fireEvent, screen } from "@testing-library/react";
import { useState } from "react";
import { afterEach, describe, expect, it, vi } from "vitest";
import type { FormJobData } from "../../api/types";
import { serve, show } from "../../test/app";
import { BASE, FORM, JOB } from "../../test/form";
import { AlsoRow } from "./AlsoRow";
import { WireMetals } from "./WireMetals";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe("steps any form may have", () => {
  it("are on or off, and gone from what is kept when none is", () => {
    function Page() {
      const [data, set] = useState<FormJobData>({ ...JOB, parameters: { loop: 3 } });
      return (
        <>
          <AlsoRow data={data} change={(patch) => set({ ...data, ...patch })} />
          <output>{JSON.stringify(data.parameters)}</output>
        </>
      );
    }
    show(<Page />);
    const kept = () => JSON.parse(screen.getByRole("status").textContent) as unknown;
    const hammer = screen.getByRole("button", { name: "hammer" });
    fireEvent.click(hammer);
    fireEvent.click(screen.getByRole("button", { name: "anneal first" }));
    expect(hammer.getAttribute("aria-pressed")).toBe("true");
    expect(kept()).toEqual({ loop: 3, also: ["hammer", "anneal"] });
    fireEvent.click(hammer);
    fireEvent.click(screen.getByRole("button", { name: "anneal first" }));
    expect(kept()).toEqual({ loop: 3 });
  });
});

describe("wires of a metal of their own", () => {
  it("are offered where there are any, and kept by the wire's name", async () => {
    serve({
      ...BASE,
      "GET /api/metals": [
        { id: "copper", name: "copper" },
        { id: "fine-silver", name: "fine silver" },
      ],
    });
    const binding = { ...FORM.wires[0]!, name: "binding", ownMetal: true };
    const patches: Partial<FormJobData>[] = [];
    show(
      <WireMetals
        form={{ ...FORM, wires: [FORM.wires[0]!, binding] }}
        data={{ ...JOB, parameters: { metals: ["core=copper"] } }}
        change={(patch) => patches.push(patch)}
      />,
    );
    expect(screen.queryByLabelText("Metal of the loop")).toBeNull();
    await screen.findByRole("option", { name: "fine silver" });
    fireEvent.change(screen.getByLabelText("Metal of the binding"), { target: { value: "fine-silver" } });
    expect(patches).toEqual([{ parameters: { metals: ["core=copper", "binding=fine-silver"] }, lots: {} }]);
  });

  it("are cut from a spool of that very wire, if the maker says so", async () => {
    const spool = (id: string, metal: string, wireDiameterMm: number) => ({
      id,
      version: 0,
      data: { name: `Spool ${id}`, metal, wireDiameterMm },
    });
    serve({
      ...BASE,
      "GET /api/metals": [],
      "GET /api/spools": [
        spool("near", FORM.metal, 1.02),
        spool("thick", FORM.metal, 1.1),
        spool("other", "fine-silver", 1),
      ],
    });
    const binding = { ...FORM.wires[0]!, name: "binding", ownMetal: true };
    const patches: Partial<FormJobData>[] = [];
    show(
      <WireMetals
        form={{ ...FORM, wires: [FORM.wires[0]!, binding] }}
        data={{ ...JOB, lots: { core: "c" } }}
        change={(patch) => patches.push(patch)}
      />,
    );
    await screen.findByRole("option", { name: "from Spool near" });
    const select = screen.getByLabelText("Spool of the binding");
    expect(select.textContent).not.toMatch(/thick|other/);
    fireEvent.change(select, { target: { value: "near" } });
    expect(patches).toEqual([{ lots: { core: "c", binding: "near" } }]);
  });
});
