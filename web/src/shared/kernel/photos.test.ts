import "fake-indexeddb/auto";
import { clear, createStore, keys } from "idb-keyval";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { Refused, serve } from "../../test/app";
import { Problem } from "../../api/client";
import { sendPhotos, takePhoto } from "./photos";

const here = () => createStore("toroid-photos", "waiting");
const PICTURE = new Blob(["points"], { type: "image/png" });
const PUT = "PUT /api/photos/";

const waits = async () => (await keys(here())).length;
const marked = () => Object.keys(localStorage).filter((key) => key.startsWith("toroid:unsaved:photo-files/"));

/** A server that is not there until it is back. */
function awayAtFirst() {
  let away = true;
  const asked = serve({
    [PUT]: () => {
      if (away) {
        throw new TypeError("no network");
      }
      return {};
    },
  });
  return { asked, back: () => (away = false) };
}

beforeEach(async () => {
  localStorage.clear();
  await clear(here());
});
afterEach(() => vi.unstubAllGlobals());

describe("photos on their way", () => {
  it("are sent as they are where this browser cannot draw them, and nothing stays here", async () => {
    const asked = serve({ [PUT]: {} });
    expect(await takePhoto("7", "step 1", PICTURE)).toBe(true);
    expect(asked.map((one) => one.path)).toEqual([
      expect.stringMatching(/^\/api\/photos\/[0-9a-f-]{36}\/picture\?run=7&operation=step%201$/),
    ]);
    expect(await waits()).toBe(0);
    expect(marked()).toEqual([]);
  });

  it("wait here while the server is away, and are sent once under the id they were taken with", async () => {
    const { asked, back } = awayAtFirst();
    expect(await takePhoto("7", null, PICTURE)).toBe(false);
    expect(await waits()).toBe(1);
    expect(marked()).toHaveLength(1);
    back();
    await Promise.all([sendPhotos(), sendPhotos()]);
    expect(await waits()).toBe(0);
    expect(marked()).toEqual([]);
    expect(asked).toHaveLength(2);
    expect(asked[1]!.path).toBe(asked[0]!.path);
    await sendPhotos();
    expect(asked).toHaveLength(2);
  });

  it("that are refused are told of, and are not kept to be refused again", async () => {
    serve({ [PUT]: new Refused({ code: "no-picture" }) });
    await expect(takePhoto("7", null, PICTURE)).rejects.toThrow(Problem);
    expect(await waits()).toBe(0);
    expect(marked()).toEqual([]);
  });

  it("given up in the outbox are not sent", async () => {
    const { asked, back } = awayAtFirst();
    await takePhoto("7", null, PICTURE);
    back();
    localStorage.removeItem(marked()[0]!);
    await sendPhotos();
    expect(asked).toHaveLength(1);
    expect(await waits()).toBe(0);
  });
});
