import { readdirSync, readFileSync } from "node:fs";
import { expect, it } from "vitest";

const HERE = "src/styles";
const FILES = readdirSync(HERE)
  .filter((name) => name.endsWith(".css"))
  .map((name): [string, string] => [name, readFileSync(`${HERE}/${name}`, "utf8")]);

/** What each rule that stands by itself sets: selector, then property. */
function rules(css: string): [string, string[]][] {
  const bare = css.replace(/\/\*[^]*?\*\//g, "");
  return [...bare.matchAll(/([^{}]+)\{([^{}]*)\}/g)]
    .filter(({ index }) => {
      const before = bare.slice(0, index);
      return before.split("{").length === before.split("}").length;
    })
    .flatMap(([, selectors, body]) =>
      selectors!
        .split(",")
        .map((selector): [string, string[]] => [
          selector.trim(),
          body!.split(";").flatMap((line) => line.split(":")[0]!.trim() || []),
        ]),
    );
}

it("sets no property of one class in two files: what a later file says would be lost, or say it everywhere", () => {
  const said = new Map<string, Set<string>>();
  for (const [file, css] of FILES) {
    for (const [selector, properties] of rules(css)) {
      for (const property of properties) {
        const key = `${selector} { ${property} }`;
        said.set(key, (said.get(key) ?? new Set()).add(file));
      }
    }
  }
  expect(said.size).toBeGreaterThan(1000);
  expect([...said].filter(([, files]) => files.size > 1).map(([key]) => key)).toEqual([]);
});
