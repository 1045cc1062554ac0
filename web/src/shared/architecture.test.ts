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
  drawing: ["drawing"],
  scene: ["scene", "drawing"],
  shared: ["shared", "api", "quantity", "drawing"],
};

it("data flows one way through the folders", () => {
  const wrong: string[] = [];
  for (const file of files(ROOT).filter((path) => !path.includes(".test."))) {
    const folder = relative(ROOT, file).split("/")[0]!;
    const allowed = ALLOWED[folder];
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
