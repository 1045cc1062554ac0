import { cleanup, render, screen } from "@testing-library/react";
import { readFileSync } from "node:fs";
import { afterEach, describe, expect, it } from "vitest";
import { SAFETY } from "../../shared/words/safetyWords";
import { SafetyPage } from "./SafetyPage";

afterEach(cleanup);

describe("the page of cautions", () => {
  it("has every caution a step can show, once", () => {
    const api = JSON.parse(readFileSync("../docs/openapi.json", "utf8")) as {
      components: { schemas: { Operation: { properties: { cautions: { items: { enum: string[] } } } } } };
    };
    const all = api.components.schemas.Operation.properties.cautions.items.enum;
    expect(SAFETY.flatMap((section) => section.cautions).sort()).toEqual([...all].sort());
  });

  it("defers to local rules before all else, and names the nickel regulation", () => {
    render(<SafetyPage />);
    const text = document.body.textContent;
    expect(text.indexOf("Local rules")).toBeLessThan(text.indexOf("Glasses on"));
    expect(screen.getByText(/REACH, Annex XVII, entry 27/)).toBeTruthy();
  });
});
