/** How long the wires' skins take to make, form by form. A measurement, not a test: nothing here can fail by being slow. */
import { writeFileSync } from "node:fs";
import { it } from "vitest";
import { tube } from "../src/scene/tube";
import { catalogue, solve } from "./server";

const ROUNDS = 50;

it("is measured", async () => {
  const rows: { form: string; points: number; ms: number }[] = [];
  for (const form of await catalogue()) {
    const { wires } = await solve(form);
    const times: number[] = [];
    for (let i = 0; i < ROUNDS; i++) {
      const from = performance.now();
      wires.forEach((wire) => tube(wire.points, wire.diameterMm / 2, 16).dispose());
      times.push(performance.now() - from);
    }
    times.sort((a, b) => a - b);
    rows.push({
      form,
      points: wires.reduce((sum, wire) => sum + wire.points.length / 3, 0),
      ms: times[ROUNDS / 2]!,
    });
  }
  rows.sort((a, b) => b.ms - a.ms);
  const median = rows[Math.floor(rows.length / 2)]!;
  const table = rows
    .slice(0, 6)
    .concat(median)
    .map(
      (row) =>
        `| ${row.form}${row === median ? " (the median form)" : ""} | ${row.points} | ${row.ms.toFixed(2)} |`,
    );
  const text = ["| form | points | ms |", "| --- | --- | --- |", ...table, ""].join("\n");
  writeFileSync(process.env.TOROID_OUT ?? "/dev/stdout", text);
});
