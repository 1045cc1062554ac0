import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, expect, it, vi } from "vitest";
import { serve, show } from "../../test/app";
import { WhoIsIn } from "./WhoIsIn";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const seen = (id: string, own: boolean, browser: string) => ({
  id,
  own,
  browser,
  from: "10.0.0.7",
  since: "2026-11-29T10:00:00Z",
  used: "2026-11-29T11:30:00Z",
});

it("tells every browser that is in, this one apart, and shows one out", async () => {
  const asked = serve({
    "GET /api/session/open": [
      seen("a", true, "Mozilla/5.0 (X11; Linux x86_64) AppleWebKit/537.36 Chrome/140.0 Safari/537.36"),
      seen("b", false, "Mozilla/5.0 (iPad; CPU OS 17_0) AppleWebKit/605.1 Safari/604.1"),
      seen("c", false, "curl/8"),
    ],
    "DELETE /api/session/open": {},
  });
  show(<WhoIsIn />);
  expect((await screen.findByText("Chrome, Linux")).parentElement!.textContent).toContain("this one");
  expect(screen.getByText("Safari, iPad").parentElement!.textContent).toContain("from 10.0.0.7");
  expect(screen.getByText("a program")).toBeTruthy();
  fireEvent.click(screen.getAllByRole("button", { name: "show out" })[0]!);
  await waitFor(() =>
    expect(asked.some((one) => one.method === "DELETE" && one.path === "/api/session/open/b")).toBe(true),
  );
  fireEvent.click(screen.getByRole("button", { name: "show all others out" }));
  await waitFor(() =>
    expect(asked.some((one) => one.method === "DELETE" && one.path === "/api/session/open")).toBe(true),
  );
});
