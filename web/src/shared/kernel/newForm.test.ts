import { describe, expect, it } from "vitest";
import type { Choices } from "../../api/types";
import { CHOICES } from "../../test/app";
import { blankForm } from "./newForm";

const form = (...ids: string[]) => ({
  id: "some",
  name: "some form",
  usualWireMm: 0.8,
  parameters: ids.map((id) => ({ id })),
});
const wraps = (count: number) => ({ ...CHOICES, wraps: count }) as unknown as Choices;

describe("a new form's wraps", () => {
  it("follow the maker's habit where they close a loop, at each end that has one", () => {
    expect(blankForm(form("loop", "wraps"), wraps(2), []).parameters).toEqual({ wraps: 2 });
    const both = form("firstLoop", "firstWraps", "secondLoop", "secondWraps");
    expect(blankForm(both, wraps(2), []).parameters).toEqual({ firstWraps: 2, secondWraps: 2 });
  });

  it("are a binding's own, or the form's, otherwise", () => {
    expect(blankForm(form("base", "wraps"), wraps(2), []).parameters).toEqual({});
    expect(blankForm(form("loop", "wraps"), wraps(3), []).parameters).toEqual({});
  });
});
