import { readdirSync, readFileSync, statSync } from "node:fs";
import { join, relative } from "node:path";
import { expect, it } from "vitest";

const ROOT = join(__dirname, "..");

function files(folder: string): string[] {
  return readdirSync(folder).flatMap((name) => {
    const path = join(folder, name);
    return statSync(path).isDirectory() ? files(path) : /\.tsx?$/.test(name) ? [path] : [];
  });
}

/** What each folder may import from: drawing is pure, and nothing below the places knows a place. */
const ALLOWED: Record<string, string[]> = {
  api: ["api"],
  quantity: ["quantity", "api"],
  drawing: ["drawing", "quantity"],
  scene: ["scene", "drawing"],
  shared: ["shared", "api", "quantity", "drawing", "scene"],
  "shared/kernel": ["shared/kernel", "shared/words", "api", "quantity", "drawing"],
  "shared/words": ["shared/words", "api", "quantity", "drawing"],
};

it("data flows one way through the folders", () => {
  const wrong: string[] = [];
  for (const file of files(ROOT).filter((path) => !path.includes(".test."))) {
    const parts = relative(ROOT, file).split("/");
    const allowed = ALLOWED[`${parts[0]}/${parts[1]}`] ?? ALLOWED[parts[0]!];
    for (const [, target] of readFileSync(file, "utf8").matchAll(/from "(\.[^"]+)"/g)) {
      const to = relative(ROOT, join(file, "..", target!));
      if (
        allowed &&
        !allowed.some((prefix) => to === prefix || to.startsWith(`${prefix}/`) || to.split("/")[0] === prefix)
      ) {
        wrong.push(`${relative(ROOT, file)} -> ${to}`);
      }
    }
  }
  expect(wrong).toEqual([]);
});

it("turns inches into millimetres in one place", () => {
  const wrong = files(ROOT)
    .filter((file) => !file.includes(".test.") && relative(ROOT, file) !== "quantity/inches.ts")
    .filter((file) => /\b25\.4\b/.test(readFileSync(file, "utf8")));
  expect(wrong).toEqual([]);
});

/** What a file of the app imports of the app. */
function imports(file: string): string[] {
  return [...readFileSync(file, "utf8").matchAll(/from "(\.[^"]+)"/g)]
    .map(([, target]) => join(file, "..", target!))
    .map(
      (path) =>
        [path, `${path}.ts`, `${path}.tsx`].find((one) => /\.(tsx?|json)$/.test(one) && exists(one)) ?? path,
    );
}

function exists(path: string): boolean {
  return statSync(path, { throwIfNoEntry: false })?.isFile() ?? false;
}

it("no place imports another", () => {
  const place = (path: string) => /^places\/([^/]+)\//.exec(relative(ROOT, path))?.[1];
  const wrong = files(ROOT)
    .filter((file) => !file.includes(".test."))
    .flatMap((file) => imports(file).map((to) => [file, to] as const))
    .filter(([file, to]) => place(file) && place(to) && place(file) !== place(to))
    .map(([file, to]) => `${relative(ROOT, file)} -> ${relative(ROOT, to)}`);
  expect(wrong).toEqual([]);
});

it("imports go in no circle", () => {
  const graph = new Map(files(ROOT).map((file) => [file, imports(file)]));
  const done = new Set<string>();
  const circles: string[] = [];
  const walk = (file: string, above: string[]) => {
    if (above.includes(file)) {
      circles.push(
        [...above.slice(above.indexOf(file)), file].map((one) => relative(ROOT, one)).join(" -> "),
      );
    } else if (!done.has(file)) {
      for (const to of graph.get(file) ?? []) {
        walk(to, [...above, file]);
      }
      done.add(file);
    }
  };
  [...graph.keys()].forEach((file) => walk(file, []));
  expect(circles).toEqual([]);
});

it("tells the stages by the core's names, in the core's order, as the server does", () => {
  const repository = join(ROOT, "../..");
  const core = readFileSync(join(repository, "core/src/main/java/toroid/core/work/Stage.java"), "utf8");
  const stages = /enum Stage \{([^}]*)\}/.exec(core)![1]!.match(/[A-Z]+/g);
  const api = JSON.parse(readFileSync(join(repository, "docs/openapi.json"), "utf8")) as {
    components: { schemas: { Operation: { properties: { stage: { enum: string[] } } } } };
  };
  expect(api.components.schemas.Operation.properties.stage.enum).toEqual(stages);
  const web = readFileSync(join(ROOT, "shared/shell/StageRing.tsx"), "utf8");
  expect([...web.matchAll(/\["([A-Z]+)", "[A-Z][a-z]+"\]/g)].map(([, name]) => name)).toEqual(stages);
});

it("drawing functions know nothing of React", () => {
  for (const file of files(join(ROOT, "drawing"))) {
    expect(readFileSync(file, "utf8")).not.toMatch(/from "react"/);
  }
});

it("asks nothing of the browser that plain HTTP under a host's name does not have", () => {
  const secureOnly =
    /crypto\.(randomUUID|subtle)|navigator\.(clipboard|serviceWorker|storage|locks|wakeLock|serial|usb|mediaDevices|geolocation)|\bcaches\.|isSecureContext/;
  const wrong = files(ROOT)
    .filter((path) => !path.includes(".test."))
    .filter((path) => secureOnly.test(readFileSync(path, "utf8")));
  expect(wrong).toEqual([]);
});

it("greys no button without saying why: it is a ShutButton, or it goes away at the end of its way", () => {
  const wrong: string[] = [];
  for (const file of files(ROOT).filter((path) => path.endsWith(".tsx") && !path.includes(".test."))) {
    const text = readFileSync(file, "utf8");
    for (const [tag] of text.matchAll(/<(?:button|input|select)\b(?:[^>]|=>)*?>/g)) {
      if (/\sdisabled=/.test(tag) && !/at-end/.test(tag) && !file.endsWith("ShutButton.tsx")) {
        wrong.push(`${relative(ROOT, file)}: ${tag}`);
      }
    }
  }
  expect(wrong).toEqual([]);
});

it("names every package by one exact version", () => {
  const kept = JSON.parse(readFileSync(join(ROOT, "..", "package.json"), "utf8")) as {
    dependencies: Record<string, string>;
    devDependencies: Record<string, string>;
  };
  const loose = Object.entries({ ...kept.dependencies, ...kept.devDependencies }).filter(
    ([, version]) => !/^\d+\.\d+\.\d+(-[\w.]+)?$/.test(version),
  );
  expect(loose).toEqual([]);
});
