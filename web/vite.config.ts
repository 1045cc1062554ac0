import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { readFileSync } from "node:fs";
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

export default defineConfig({
  plugins: [react(), tailwindcss(), licencesOfStyles()],
  build: { target: "es2022", assetsInlineLimit: 0, license: { fileName: "licences.txt" } },
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
