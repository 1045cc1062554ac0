import { defineConfig } from "vitest/config";

/** Checks of what a running server exports, by readers that know nothing of it. TOROID_URL says where it runs. */
export default defineConfig({
  test: { include: ["checks/**/*.test.ts"], environment: "node", testTimeout: 60_000 },
});
