import { beforeEach, describe, expect, it } from "vitest";
import { moment, takeUpMoment } from "./moment";
import { clockText, moreTime, readTimer, readTimers, setTimer, stopTimer } from "./timers";

beforeEach(() => {
  localStorage.clear();
  takeUpMoment();
});

describe("a timer as it is typed", () => {
  it("is minutes first, then what for", () => {
    expect(readTimer("10 pickle")).toEqual({ minutes: 10, label: "pickle" });
    expect(readTimer("2,5")).toEqual({ minutes: 2.5, label: "" });
    expect(readTimer("1:30 glue")).toEqual({ minutes: 90, label: "glue" });
    expect(readTimer("24 h glue")).toEqual({ minutes: 1440, label: "glue" });
    expect(readTimer("5 min cool it")).toEqual({ minutes: 5, label: "cool it" });
    expect(readTimer("5 hammers")).toEqual({ minutes: 5, label: "hammers" });
    expect(readTimer("pickle")).toBeNull();
  });

  it("is refused in words where it is no time", () => {
    expect(() => setTimer(0, "")).toThrow(/Give minutes/);
    expect(() => setTimer(1e9, "")).toThrow(/7 days/);
    expect(readTimers()).toEqual([]);
  });
});

describe("timers", () => {
  it("are several, kept on the device, each stopped by itself", () => {
    const pickle = setTimer(10, "pickle");
    const glue = setTimer(1440, "glue");
    expect(readTimers().map((one) => one.label)).toEqual(["pickle", "glue"]);
    expect(pickle.ends - moment()).toBeLessThanOrEqual(600_000);
    moreTime(pickle.id, 5);
    expect(readTimers()[0]!.ends).toBeGreaterThan(pickle.ends);
    stopTimer(pickle.id);
    expect(readTimers().map((one) => one.id)).toEqual([glue.id]);
  });

  it("what another program wrote there is no timer", () => {
    localStorage.setItem("toroid:timers", '[{"label": 3}]');
    expect(readTimers()).toEqual([]);
  });

  it("say what is left as clocks do", () => {
    expect(clockText(9 * 60_000 + 4_100)).toBe("9:05");
    expect(clockText(3_750_000)).toBe("1:02:30");
    expect(clockText(900)).toBe("0:01");
    expect(clockText(-61_000)).toBe("1:01");
  });
});

describe("the moment", () => {
  it("never goes back, whatever the clock is set to, over a reload too", () => {
    const start = moment(1_000_000);
    expect(moment(1_060_000) - start).toBe(60_000);
    // set an hour back
    const set = moment(1_060_000 - 3_600_000);
    expect(set).toBe(start + 60_000);
    expect(moment(1_061_000 - 3_600_000) - set).toBe(1000);
    takeUpMoment();
    expect(moment(1_062_000 - 3_600_000) - set).toBe(2000);
  });
});
