import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { readFileSync, readdirSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { brotliCompressSync, gzipSync } from "node:zlib";
import type { Plugin } from "vite";
import { defineConfig } from "vitest/config";

/** What ships as fonts and styles; scripts are told by the bundler itself, in licences.txt. */
const STYLES = [
  "@fontsource-variable/bricolage-grotesque",
  "@fontsource-variable/hanken-grotesk",
  "@fontsource/noto-sans-math",
  "tailwindcss",
  "daisyui",
];

/** Their licences, whole, beside the app. */
function licencesOfStyles(): Plugin {
  const licence = (name: string) =>
    `${name}\n\n${readFileSync(new URL(`node_modules/${name}/LICENSE`, import.meta.url), "utf8")}`;
  return {
    name: "licences-of-styles",
    apply: "build",
    generateBundle() {
      const source = STYLES.map(licence).join(`\n\n${"-".repeat(72)}\n\n`);
      this.emitFile({ type: "asset", fileName: "licences-of-styles.txt", source });
    },
  };
}

/** Scripts and styles are squeezed once, beside themselves, and not at every load: by Brotli, and by gzip for browsers that come without https. */
function squeezed(): Plugin {
  return {
    name: "squeezed",
    apply: "build",
    writeBundle({ dir }) {
      const assets = join(dir!, "assets");
      for (const name of readdirSync(assets).filter((one) => /\.(?:js|css)$/.test(one))) {
        const whole = readFileSync(join(assets, name));
        writeFileSync(join(assets, `${name}.br`), brotliCompressSync(whole));
        writeFileSync(join(assets, `${name}.gz`), gzipSync(whole, { level: 9 }));
      }
    },
  };
}

/** What draws in the round: large, and not for the places that do not. */
const ROUND = /[\\/](?:node_modules[\\/]three|src[\\/]scene)[\\/]|(?:Scene|SceneLooks|RingsView)\.tsx$/;

const OF_ALL = /[\\/]src[\\/](?:api|drawing|quantity|shared)[\\/]/;

/**
 * Few files: a browser asks for six at a time, and a place in forty small ones waits for the last of seven rows. The bench begins with the
 * first alone; the others come with the first place that wants them.
 */
const CHUNKS = [
  { name: "first", tags: ["$initial" as const], priority: 4 },
  { name: "charts", test: /[\\/]node_modules[\\/]d3-/, priority: 3 },
  {
    name: "shared",
    test: (id: string) => OF_ALL.test(id) && !ROUND.test(id),
    minShareCount: 2,
    priority: 2,
  },
  { name: "round", test: ROUND, priority: 1 },
];

export default defineConfig({
  plugins: [react(), tailwindcss(), licencesOfStyles(), squeezed()],
  build: {
    target: "es2022",
    assetsInlineLimit: 0,
    license: { fileName: "licences.txt" },
    rolldownOptions: { output: { codeSplitting: { groups: CHUNKS } } },
  },
  server: { port: 8421, proxy: { "/api": "http://127.0.0.1:8420" } },
  test: {
    environment: "jsdom",
    setupFiles: ["src/test/patience.ts", "src/test/page.ts"],
    testTimeout: 60_000,
    coverage: {
      include: ["src/**/*.{ts,tsx}"],
      exclude: ["src/**/*.test.*", "src/test/**", "src/api/schema.ts"],
    },
    projects: [
      // one page for all: a page of its own for each file takes five times as long
      {
        extends: true,
        test: { name: "app", isolate: false, include: ["src/**/*.test.{ts,tsx}"], exclude: ["src/scene/**"] },
      },
      // these put a renderer of their own in place of three's
      { extends: true, test: { name: "scene", include: ["src/scene/**/*.test.ts"] } },
    ],
  },
});
