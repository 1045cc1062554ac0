import { describe, expect, it } from "vitest";
import { formToFind, matches, OTHERS, ownToFind, ranked, weaveToFind } from "./finder";

const POST = formToFind({
  id: "ear-post",
  name: "post with a loop",
  does: "a straight post, a small loop in front",
  familyName: "ear findings",
  alsoCalled: ["post", "stud"],
});
const LINK = formToFind({
  id: "bead-link",
  name: "bead link",
  does: "a bead between two loops",
  familyName: "bead links",
  alsoCalled: ["pearl link"],
});
const EIGHT = formToFind({
  id: "figure-eight",
  name: "figure-eight",
  does: "two loops in one wire",
  familyName: "hooks and clasps",
  alsoCalled: ["figure of eight", "figure 8"],
});
const BYZANTINE = weaveToFind({ id: "byzantine", name: "byzantine", kind: "CHAIN" });
const ALL = [POST, LINK, EIGHT, BYZANTINE, ...OTHERS];

function found(typed: string): string[] {
  return ALL.filter((one) => matches(one, typed)).map((one) => one.name);
}

describe("finding", () => {
  it.each([
    ["jump ring", "jump rings"],
    ["jump rings", "jump rings"],
    ["hoop", "hoops and bangles"],
    ["earring", "hoops and bangles"],
    ["stud", "post with a loop"],
    ["EAR POST", "post with a loop"],
    ["pearl", "bead link"],
    ["rosary", "bead link"],
    ["bracelet", "byzantine"],
    ["chainmail", "byzantine"],
    ["figure of eight", "figure-eight"],
    ["figure 8", "figure-eight"],
    ["pendant", "cross, star, medallion"],
  ])("%s leads to %s", (typed, name) => {
    expect(found(typed)).toContain(name);
  });

  it("asks every word typed to begin one of its own", () => {
    expect(found("anvil")).toEqual([]);
    expect(found("bead anvil")).toEqual([]);
    expect(found("oop")).toEqual([]);
  });

  it("puts what is so called before what is of its like", () => {
    expect(ranked(ALL, (one) => one, "link").map((one) => one.name)[0]).toBe("bead link");
    expect(ranked(ALL, (one) => one, "chain").map((one) => one.name)).toContain("byzantine");
  });

  it("finds the workshop's own by name", () => {
    const own = ownToFind("Rings", [{ id: "r", data: { name: "Mail collar, sea queen" } }]);
    expect(own.filter((one) => matches(one, "sea qu"))).toHaveLength(1);
    expect(own[0]!.to).toBe("/rings/r");
  });
});
