import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { Editor } from "./editor";
import { forget, redo, undo } from "./undo";

interface Thing {
  name: string;
  size: number;
}

type Reply = { status: number; body: unknown } | "unreachable";

let replies: Reply[];
let sent: { url: string; body: { version: number | null; data: Thing } }[];

beforeEach(() => {
  vi.useFakeTimers();
  localStorage.clear();
  forget();
  replies = [];
  sent = [];
  vi.stubGlobal("fetch", (url: string, init: { body: string }) => {
    sent.push({ url, body: JSON.parse(init.body) as (typeof sent)[number]["body"] });
    const reply = replies.shift() ?? { status: 200, body: kept(sent.length) };
    if (reply === "unreachable") {
      return Promise.reject(new TypeError("failed to fetch"));
    }
    return Promise.resolve(new Response(JSON.stringify(reply.body), { status: reply.status }));
  });
});

afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

function kept(version: number, data: Partial<Thing> = {}) {
  return { id: "1", version, updatedAt: "", deleted: false, data: { name: "a", size: 1, ...data } };
}

function editor() {
  return new Editor<Thing>("things", "1", 0, { name: "a", size: 1 });
}

const held = () => localStorage.getItem("toroid:unsaved:things/1");

describe("an edit", () => {
  it("is shown at once, held at once, saved soon, and then no longer held", async () => {
    const e = editor();
    e.change({ size: 2 }, "size");
    expect(e.get().data.size).toBe(2);
    expect(held()).toContain('"size":2');
    await vi.advanceTimersByTimeAsync(300);
    expect(sent[0]!.body).toEqual({ version: 0, data: { name: "a", size: 2 } });
    expect(e.get().state.kind).toBe("saved");
    expect(held()).toBeNull();
  });

  it("made while another is on its way follows it with the new version", async () => {
    const e = editor();
    e.change({ size: 2 }, "size");
    void e.flush();
    e.change({ size: 3 }, "size");
    await vi.advanceTimersByTimeAsync(600);
    expect(sent.map((s) => s.body.version)).toEqual([0, 1]);
    expect(sent[1]!.body.data.size).toBe(3);
  });

  it("is tried again until the server answers", async () => {
    replies = ["unreachable", "unreachable"];
    const e = editor();
    e.change({ size: 2 }, "size");
    await vi.advanceTimersByTimeAsync(300);
    expect(e.get().state.kind).toBe("waiting");
    expect(held()).not.toBeNull();
    await vi.advanceTimersByTimeAsync(5000);
    expect(e.get().state.kind).toBe("saved");
    expect(sent).toHaveLength(3);
  });

  it("left unsaved by a closed tab is taken up again", async () => {
    localStorage.setItem("toroid:unsaved:things/1", JSON.stringify({ name: "a", size: 9 }));
    const e = editor();
    expect(e.get().data.size).toBe(9);
    await vi.advanceTimersByTimeAsync(50);
    expect(sent[0]!.body.data.size).toBe(9);
  });

  it("left unsaved in an earlier version is taken up by today's names", async () => {
    localStorage.setItem("toroid:unsaved:jobs/form/1", JSON.stringify({ name: "hooks", pieces: 7 }));
    const e = new Editor("jobs/form", "1", 0, { name: "hooks", copies: 2 });
    expect(e.get().data).toEqual({ name: "hooks", copies: 7 });
    await vi.advanceTimersByTimeAsync(300);
    expect(sent[0]!.body.data).toEqual({ name: "hooks", copies: 7 });
  });

  it("is given up when it is dropped: what the server has stands again, and nothing more is sent", async () => {
    replies = ["unreachable"];
    const e = editor();
    e.change({ size: 2 }, "size");
    await vi.advanceTimersByTimeAsync(300);
    e.drop();
    expect(e.get()).toEqual({ data: { name: "a", size: 1 }, state: { kind: "saved" } });
    expect(held()).toBeNull();
    await vi.advanceTimersByTimeAsync(5000);
    expect(sent).toHaveLength(1);
  });

  it("that is refused stays on the screen with the reason", async () => {
    replies = [{ status: 400, body: { code: "out-of-range" } }];
    const e = editor();
    e.change({ size: 999 }, "size");
    await vi.advanceTimersByTimeAsync(300);
    expect(e.get().state).toMatchObject({ kind: "refused", problem: { code: "out-of-range", field: null } });
    expect(e.get().data.size).toBe(999);
    e.change({ size: 5 }, "size");
    await vi.advanceTimersByTimeAsync(300);
    expect(e.get().state.kind).toBe("saved");
  });
});

describe("two tabs", () => {
  const conflict: Reply = {
    status: 409,
    body: { code: "changed-elsewhere", current: kept(7, { name: "theirs" }) },
  };

  it("ask, and keep mine over theirs when told", async () => {
    replies = [conflict];
    const e = editor();
    e.change({ name: "mine" }, "name");
    await vi.advanceTimersByTimeAsync(300);
    expect(e.get().state.kind).toBe("conflict");
    expect(e.get().data.name).toBe("mine");
    e.keepMine();
    await vi.advanceTimersByTimeAsync(50);
    expect(sent[1]!.body).toEqual({ version: 7, data: { name: "mine", size: 1 } });
    expect(e.get().state.kind).toBe("saved");
  });

  it("take theirs when told, and send nothing", async () => {
    replies = [conflict];
    const e = editor();
    e.change({ name: "mine" }, "name");
    await vi.advanceTimersByTimeAsync(300);
    e.takeTheirs();
    await vi.advanceTimersByTimeAsync(3000);
    expect(e.get().data.name).toBe("theirs");
    expect(sent).toHaveLength(1);
    expect(held()).toBeNull();
  });

  it("see what the other saved when nothing is pending here", () => {
    const e = editor();
    e.refresh(kept(4, { size: 8 }));
    expect(e.get().data.size).toBe(8);
    e.refresh(kept(3, { size: 1 }));
    expect(e.get().data.size).toBe(8);
  });
});

describe("undo", () => {
  it("puts back a run of small edits at once, and does them again", async () => {
    const e = editor();
    e.change({ size: 2 }, "size");
    e.change({ size: 3 }, "size");
    e.change({ name: "b" }, "name");
    expect(undo()).toBe(true);
    expect(e.get().data).toEqual({ name: "a", size: 3 });
    undo();
    expect(e.get().data).toEqual({ name: "a", size: 1 });
    expect(undo()).toBe(false);
    redo();
    expect(e.get().data.size).toBe(3);
    await vi.advanceTimersByTimeAsync(400);
    expect(sent.at(-1)!.body.data).toEqual({ name: "a", size: 3 });
  });

  it("is forgotten by a new edit", () => {
    const e = editor();
    e.change({ size: 2 }, "size");
    undo();
    e.change({ name: "c" }, "name");
    expect(redo()).toBe(false);
  });
});
