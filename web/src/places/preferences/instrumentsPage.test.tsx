import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, expect, it, vi } from "vitest";
import { PREFERENCES, serve, show } from "../../test/app";
import { InstrumentsPage } from "./InstrumentsPage";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

it("stands in with the noise that is set", async () => {
  serve({ ...PREFERENCES, "GET /api/instruments": [{ kind: "SCALE", connected: false }] });
  const heard: number[] = [];
  const channel = new BroadcastChannel("toroid:instruments");
  channel.onmessage = ({ data }: MessageEvent<{ value: number }>) => heard.push(data.value);
  show(<InstrumentsPage />);
  expect(await screen.findByText(/does not answer/)).toBeTruthy();
  fireEvent.change(screen.getByLabelText("Noise, mm"), { target: { value: "0" } });
  fireEvent.blur(screen.getByLabelText("Noise, mm"));
  fireEvent.click(screen.getByRole("button", { name: "Press its button" }));
  await waitFor(() => expect(heard).toEqual([3]));
  channel.close();
});
