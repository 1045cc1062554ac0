import { defineConfig } from "vitest/config";

/** Measures the screen's part of one change on the Shapes place; writes a table to TOROID_OUT. */
export default defineConfig({
  test: { include: ["checks/geometry.ts"], environment: "node", testTimeout: 120_000 },
});
