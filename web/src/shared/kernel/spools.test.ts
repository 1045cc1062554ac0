import { afterEach, expect, it, vi } from "vitest";
import { changed, queries } from "../../api/queries";
import type { Kept, SpoolData } from "../../api/types";
import { serve } from "../../test/app";
import { spoolOf, spoolsNow } from "./spools";

const spool = (id: string, metal: string, wireDiameterMm: number) =>
  ({ id, version: 0, data: { metal, wireDiameterMm } }) as unknown as Kept<SpoolData>;

afterEach(() => {
  queries.clear();
  vi.unstubAllGlobals();
});

it("takes wire that was put down a moment ago, whatever stood here before", async () => {
  let there: Kept<SpoolData>[] = [];
  serve({ "GET /api/spools": () => there });
  expect(await spoolsNow()).toEqual([]);
  there = [spool("brass", "yellow-brass", 1)];
  changed("spools");
  const found = spoolOf(await spoolsNow(), { metal: "yellow-brass", wireDiameterMm: 1.02 });
  expect(found?.id).toBe("brass");
});

it("takes no wire of another metal or size", () => {
  const there = [spool("brass", "yellow-brass", 1), spool("thin", "copper", 0.8)];
  expect(spoolOf(there, { metal: "copper", wireDiameterMm: 1 })).toBeUndefined();
  expect(spoolOf(there, { metal: "yellow-brass", wireDiameterMm: 1.1 })).toBeUndefined();
});
