import { act, cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { Route, Routes } from "react-router";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { CHOICES, press, PREFERENCES, Refused, serve, show } from "../../test/app";
import { Gate } from "./Gate";
import { NumberInput } from "./NumberInput";
import { say, Says } from "../kernel/says";
import { Shortcuts } from "./Shortcuts";
import { forget, remember } from "../kernel/undo";

const pressed = (key: string, more: KeyboardEventInit = {}) =>
  press(key, document.activeElement ?? window, more);

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
  vi.useRealTimers();
  forget();
});

describe("the door", () => {
  it("lets in where no password is set", async () => {
    serve({ "GET /api/session": { in: true, demo: false } });
    show(<Gate>the workshop</Gate>);
    expect(await screen.findByText("the workshop")).toBeTruthy();
  });

  it("asks for the password, says when it is wrong, and opens when it is right", async () => {
    let inside = false;
    const asked = serve({
      "GET /api/session": () => ({ in: inside, demo: false }),
      "POST /api/session": (body: unknown) => {
        if ((body as { password: string }).password !== "anchor-and-rope") {
          return new Refused({ code: "wrong-password" });
        }
        inside = true;
        return null;
      },
    });
    show(<Gate>the workshop</Gate>);
    const field = await screen.findByLabelText("The workshop's password");
    expect(screen.queryByText("the workshop")).toBeNull();
    fireEvent.change(field, { target: { value: "anchor" } });
    fireEvent.click(screen.getByRole("button", { name: "Come in" }));
    expect((await screen.findByRole("alert")).textContent).toContain("not the workshop's password");
    expect(screen.queryByText("the workshop")).toBeNull();
    fireEvent.change(field, { target: { value: "anchor-and-rope" } });
    fireEvent.click(screen.getByRole("button", { name: "Come in" }));
    expect(await screen.findByText("the workshop")).toBeTruthy();
    expect(asked.filter((one) => one.method === "POST")).toHaveLength(2);
  });

  it("shuts again when the server no longer knows the visitor", async () => {
    let inside = true;
    serve({ "GET /api/session": () => ({ in: inside, demo: false }) });
    show(<Gate>the workshop</Gate>);
    await screen.findByText("the workshop");
    inside = false;
    act(() => void window.dispatchEvent(new Event("toroid:shut")));
    expect(await screen.findByLabelText("The workshop's password")).toBeTruthy();
    expect(screen.queryByText("the workshop")).toBeNull();
  });
});

describe("keys that work everywhere", () => {
  beforeEach(() => {
    HTMLDialogElement.prototype.showModal = function () {
      this.open = true;
    };
  });

  const places = (
    <>
      <Shortcuts />
      <Says />
      <Routes>
        <Route path="/" element={<p>bench</p>} />
        <Route path="/rings" element={<p>rings</p>} />
        <Route path="/weaves" element={<input aria-label="a field" />} />
      </Routes>
    </>
  );
  it("go to a place by two letters, and not by one", async () => {
    serve({});
    show(places);
    pressed("r");
    expect(screen.getByText("bench")).toBeTruthy();
    pressed("g");
    pressed("r");
    expect(await screen.findByText("rings")).toBeTruthy();
  });

  it("leave what is typed in a field alone", () => {
    serve({});
    show(places, "/weaves");
    const field = screen.getByLabelText("a field");
    field.focus();
    pressed("g");
    pressed("r");
    expect(screen.getByLabelText("a field")).toBeTruthy();
    const back = vi.fn();
    remember("a length", back, vi.fn());
    pressed("z", { ctrlKey: true });
    expect(back).not.toHaveBeenCalled();
  });

  it("undo, do again, and say so", () => {
    serve({});
    show(places);
    const [back, forth] = [vi.fn(), vi.fn()];
    remember("wire diameter", back, forth);
    pressed("z", { ctrlKey: true });
    expect(back).toHaveBeenCalledOnce();
    expect(screen.getByText("Undone: wire diameter")).toBeTruthy();
    pressed("Z", { ctrlKey: true, shiftKey: true });
    expect(forth).toHaveBeenCalledOnce();
    expect(screen.getByText("Done again: wire diameter")).toBeTruthy();
  });

  it("open the bench line and the sheet of keys", () => {
    serve({});
    show(places);
    const line = vi.fn();
    window.addEventListener("toroid:line", line);
    pressed("/");
    expect(line).toHaveBeenCalledOnce();
    window.removeEventListener("toroid:line", line);
    expect(screen.queryByRole("dialog")).toBeNull();
    pressed("?");
    expect(screen.getByRole("dialog").textContent).toContain("next, or one more ring");
  });
});

describe("what is said at the foot of the page", () => {
  it("goes by itself, and offers its one thing to do", () => {
    vi.useFakeTimers();
    serve({});
    show(<Says />);
    act(() => say("Saved."));
    expect(screen.getByText("Saved.")).toBeTruthy();
    act(() => void vi.advanceTimersByTime(3000));
    expect(screen.queryByText("Saved.")).toBeNull();
    const run = vi.fn();
    act(() => say("Rope is taken away.", { label: "Bring it back", run }));
    act(() => void vi.advanceTimersByTime(3000));
    fireEvent.click(screen.getByRole("button", { name: "Bring it back" }));
    expect(run).toHaveBeenCalledOnce();
    expect(screen.queryByText("Rope is taken away.")).toBeNull();
  });
});

describe("a number on a drawing", () => {
  const field = () => screen.getByRole<HTMLInputElement>("spinbutton");
  const type = (text: string) => {
    fireEvent.focus(field());
    fireEvent.change(field(), { target: { value: text } });
    fireEvent.blur(field());
  };

  it("takes a comma for a point, and is left as it was by nothing or the same", async () => {
    serve(PREFERENCES);
    const change = vi.fn();
    show(<NumberInput label="Wire" value={1} onChange={change} />);
    type("1,25");
    await waitFor(() => expect(change).toHaveBeenLastCalledWith(1.25));
    type("");
    type("1.00");
    expect(change).toHaveBeenCalledOnce();
  });

  it("has gauges read by the server, and says what they could also mean", async () => {
    const asked = serve({
      ...PREFERENCES,
      "POST /api/quantity/length": {
        millimetres: 1.0237,
        understoodAs: "18 AWG",
        otherName: "18 SWG",
        otherMillimetres: 1.2192,
        otherDifferencePercent: 19.1,
      },
    });
    const change = vi.fn();
    show(<NumberInput label="Wire" value={1} onChange={change} />);
    await waitFor(() => expect(asked.some((one) => one.path === "/api/preferences")).toBe(true));
    type("18ga");
    await waitFor(() => expect(change).toHaveBeenCalledWith(1.0237));
    expect(screen.getByRole("status").textContent).toBe(
      "Read as 18 AWG, 1.02 mm. 18 SWG would be 1.22 mm, +19 %.",
    );
  });

  it("says what the server cannot read, changing nothing", async () => {
    serve({
      ...PREFERENCES,
      "POST /api/quantity/length": new Refused({ code: "unreadable-length", value: "thick" }),
    });
    const change = vi.fn();
    show(<NumberInput label="Wire" value={1} onChange={change} />);
    type("thick");
    expect((await screen.findByRole("status")).textContent).toContain("is not a length I can read");
    expect(change).not.toHaveBeenCalled();
    expect(field().value).toBe("1.00");
  });

  it("takes bare inches where the workshop measures in inches", async () => {
    const asked = serve({
      "GET /api/preferences": {
        id: "p",
        version: 0,
        updatedAt: "",
        deleted: false,
        data: { ...CHOICES, units: "INCHES" },
      },
      "POST /api/quantity/length": { millimetres: 4.7625, understoodAs: "0.1875 in", otherName: null },
    });
    const change = vi.fn();
    show(<NumberInput label="Inside" value={4} onChange={change} />);
    await waitFor(() => expect(field().value).toBe("0.157"));
    type("0.1875");
    await waitFor(() => expect(change).toHaveBeenCalledWith(4.7625));
    expect(asked.find((one) => one.path === "/api/quantity/length")!.body).toMatchObject({
      text: "0.1875 in",
    });
  });

  it("refuses words for a bare number, and rounds where only whole ones count", async () => {
    serve(PREFERENCES);
    const change = vi.fn();
    show(<NumberInput label="Rings" kind="number" decimals={0} value={40} onChange={change} />);
    type("forty");
    expect((await screen.findByRole("status")).textContent).toContain("Rings was left as it was");
    type("41.6");
    expect(change).toHaveBeenCalledExactlyOnceWith(42);
  });

  it("steps by arrow keys, ten at once with Shift, never below its least", () => {
    serve(PREFERENCES);
    const change = vi.fn();
    show(<NumberInput label="Wire" value={0.3} step={0.05} minimum={0.2} onChange={change} />);
    fireEvent.keyDown(field(), { key: "ArrowUp" });
    expect(change).toHaveBeenLastCalledWith(0.35);
    fireEvent.keyDown(field(), { key: "ArrowUp", shiftKey: true });
    expect(change).toHaveBeenLastCalledWith(0.8);
    fireEvent.keyDown(field(), { key: "ArrowDown", shiftKey: true });
    expect(change).toHaveBeenLastCalledWith(0.2);
  });

  it("is dragged sideways, five pixels a step; a press alone lets type", () => {
    serve(PREFERENCES);
    const change = vi.fn();
    show(<NumberInput label="Wire" value={1} step={0.05} onChange={change} />);
    field().setPointerCapture = vi.fn();
    fireEvent.pointerDown(field(), { clientX: 100, pointerType: "mouse", pointerId: 1 });
    fireEvent.pointerMove(field(), { clientX: 120 });
    expect(change).toHaveBeenLastCalledWith(1.2);
    fireEvent.pointerMove(field(), { clientX: 80 });
    expect(change).toHaveBeenLastCalledWith(0.8);
    fireEvent.pointerUp(field());
    expect(document.activeElement).not.toBe(field());
    fireEvent.pointerDown(field(), { clientX: 100, pointerType: "mouse", pointerId: 1 });
    fireEvent.pointerUp(field());
    expect(document.activeElement).toBe(field());
  });

  it("forgets what was half typed on Escape", () => {
    serve(PREFERENCES);
    const change = vi.fn();
    show(<NumberInput label="Wire" value={1} onChange={change} />);
    fireEvent.change(field(), { target: { value: "7" } });
    fireEvent.keyDown(field(), { key: "Escape" });
    fireEvent.blur(field());
    expect(field().value).toBe("1.00");
    expect(change).not.toHaveBeenCalled();
  });
});
