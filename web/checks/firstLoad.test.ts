import { readdirSync, readFileSync } from "node:fs";
import { gzipSync } from "node:zlib";
import { expect, it } from "vitest";
import { URL_OF_SERVER } from "./server";

/** The bench's first load, bytes of script as they are sent. */
const MOST = 150_000;

/** The scripts of one place: a browser asks for six at a time. */
const MOST_FILES = 8;

const built = (path: string) => readFileSync(new URL(`../dist/${path}`, import.meta.url));

/** What a script cannot begin without: itself and all that it and those import at once, not what comes when it is asked for. */
function atOnce(script: string, known = new Set<string>()): Set<string> {
  if (!known.has(script)) {
    known.add(script);
    const text = built(`assets/${script}`).toString();
    for (const [, other] of text.matchAll(/(?:from|import)\s*"\.\/([^"]+\.js)"/g)) {
      atOnce(other!, known);
    }
  }
  return known;
}

it("the bench comes with little script", () => {
  const first = /<script[^>]*src="\/assets\/([^"]+)"/.exec(built("index.html").toString())![1]!;
  const scripts = [...atOnce(first)];
  const sizes = scripts.map((script) => gzipSync(built(`assets/${script}`)).length);
  // the bench is among them, and a place of others is not
  const text = scripts.map((script) => built(`assets/${script}`).toString()).join("");
  expect(text).toContain("On the bench");
  expect(text).not.toContain("From pushed together to taut");
  expect(sizes.reduce((sum, size) => sum + size, 0)).toBeLessThan(MOST);
});

it("scripts and styles are sent squeezed, and are what was built", async () => {
  for (const name of readdirSync(new URL("../dist/assets", import.meta.url)).filter((one) =>
    /\.(?:js|css)$/.test(one),
  )) {
    for (const [taken, sent] of [
      ["br, gzip", "br"],
      ["gzip", "gzip"],
      ["identity", null],
    ] as const) {
      const answer = await fetch(`${URL_OF_SERVER}/assets/${name}`, {
        headers: { "Accept-Encoding": taken },
      });
      expect(answer.headers.get("content-encoding"), name).toBe(sent);
      expect(answer.headers.get("content-type"), name).toMatch(/javascript|css/);
      expect(sent === null || /accept-encoding/i.test(answer.headers.get("vary")!), name).toBe(true);
      expect(answer.headers.get("cache-control"), name).toContain("immutable");
      expect(Buffer.from(await answer.arrayBuffer()).equals(built(`assets/${name}`)), name).toBe(true);
    }
  }
});

it("a place comes in few files, and only those that draw in the round with what does", () => {
  const places = readdirSync(new URL("../dist/assets", import.meta.url)).filter((name) =>
    /(?:Place|Page|Door)-[^.]*\.js$/.test(name),
  );
  expect(places.length).toBeGreaterThan(20);
  const needed = new Map(places.map((place) => [place.replace(/-.*/, ""), [...atOnce(place)]]));
  for (const [place, scripts] of needed) {
    expect(scripts.length, place).toBeLessThanOrEqual(MOST_FILES);
  }
  const inTheRound = (place: string) => needed.get(place)!.some((script) => script.startsWith("round-"));
  expect(inTheRound("WeavesPlace")).toBe(true);
  expect(["NotebookPlace", "StockPlace", "PiecesDoor", "PreferencesPlace"].filter(inTheRound)).toEqual([]);
});
