import { QueryObserver } from "@tanstack/react-query";
import { describe, expect, it, vi } from "vitest";
import { Problem, Unreachable } from "./client";
import { refusal } from "../test/app";
import { askedAgain, changed, queries } from "./queries";

describe("asking again", () => {
  it("does not ask a second time for what is refused", () => {
    expect(askedAgain(0, new Problem(404, refusal("not-kept")))).toBe(false);
    expect(askedAgain(0, new Problem(422, refusal("no-way")))).toBe(false);
  });

  it("asks twice more where the connection is lost or the server stumbles", () => {
    const stumbled = new Problem(503, refusal("busy"));
    for (const failure of [new Unreachable(), stumbled]) {
      expect([0, 1, 2].map((times) => askedAgain(times, failure))).toEqual([true, true, false]);
    }
  });
});

describe("what changed", () => {
  it("is asked for again where its first answer is on its way from before", async () => {
    let asked = 0;
    const answers: ((value: string) => void)[] = [];
    const observer = new QueryObserver(queries, {
      queryKey: ["changed-meanwhile"],
      queryFn: () => {
        asked++;
        return new Promise<string>((answer) => answers.push(answer));
      },
    });
    const off = observer.subscribe(() => undefined);
    expect(asked).toBe(1);
    changed("changed-meanwhile");
    await vi.waitFor(() => expect(asked).toBe(2));
    answers[0]!("from before");
    answers[1]!("as it is");
    await vi.waitFor(() => expect(observer.getCurrentResult().data).toBe("as it is"));
    off();
  });
});
