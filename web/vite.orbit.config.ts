import { defineConfig } from "vite";

/** One script for a page of its own, to measure how fast many rings turn. */
export default defineConfig({
  publicDir: false,
  build: {
    outDir: "dist-orbit",
    target: "es2022",
    lib: { entry: "checks/orbit.ts", formats: ["iife"], name: "orbit", fileName: () => "orbit.js" },
  },
});
