import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig } from "vitest/config";

export default defineConfig({
  plugins: [react(), tailwindcss()],
  build: { target: "es2022", assetsInlineLimit: 0 },
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
