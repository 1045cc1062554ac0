import { QueryClientProvider } from "@tanstack/react-query";
import { cleanup, render, screen } from "@testing-library/react";
import { afterEach, expect, it } from "vitest";
import { queries } from "../../api/queries";
import { TwoServers } from "./TwoServers";

afterEach(() => {
  cleanup();
  queries.clear();
});

function shown(servers: number) {
  queries.setQueryData(["session"], { passwordNeeded: false, in: true, demo: false, servers });
  render(
    <QueryClientProvider client={queries}>
      <TwoServers />
    </QueryClientProvider>,
  );
}

it("says nothing of one server", () => {
  shown(1);
  expect(screen.queryByRole("status")).toBeNull();
});

it("says that there are two, and what ends one", () => {
  shown(2);
  expect(screen.getByRole("status").textContent).toMatch(
    /^Another server works.*Nothing is lost,.*\.\/toroid stop/,
  );
});

it("counts the others", () => {
  shown(3);
  expect(screen.getByRole("status").textContent).toMatch(/^2 other servers work on/);
});
