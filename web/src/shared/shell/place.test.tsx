import { cleanup, render, screen } from "@testing-library/react";
import { Suspense } from "react";
import { afterEach, expect, it } from "vitest";
import { fetchNow, loadTheRest, place } from "./place";

afterEach(cleanup);

it("comes when it is gone to, and beforehand once there is time", async () => {
  let loaded = 0;
  const load = () => {
    loaded++;
    return Promise.resolve({ There: () => <p>here it is</p> });
  };
  const There = place(load, "There");
  expect(loaded).toBe(0);
  await loadTheRest();
  expect(loaded).toBe(1);
  render(
    <Suspense fallback={null}>
      <There />
    </Suspense>,
  );
  expect(await screen.findByText("here it is")).toBeTruthy();
});

it("begins with what an address shows before it is drawn, and with nothing else", () => {
  const asked: string[] = [];
  const named = (name: string) =>
    place(() => {
      asked.push(name);
      return Promise.reject(new TypeError("failed to fetch"));
    }, name);
  const [Shown, Other] = [named("Shown"), named("Other")];
  fetchNow([<Shown key="shown" />, <p key="plain">no place</p>, undefined]);
  expect(asked).toEqual(["Shown"]);
  expect(Other).toBeTruthy();
});

it("that does not come says so, with a way on", async () => {
  const Gone = place(() => Promise.reject(new TypeError("failed to fetch")), "Gone");
  await loadTheRest();
  render(
    <Suspense fallback={null}>
      <Gone />
    </Suspense>,
  );
  expect(await screen.findByText("This place did not come")).toBeTruthy();
  expect(screen.getByRole("button", { name: "Load the page again" })).toBeTruthy();
});
