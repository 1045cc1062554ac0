"""Writes docs/performance.md from a JMH result (JSON) and the API load's table (Markdown)."""

import datetime
import json
import os
import platform
import sys

UNIT = "springbackOfOneRing"

results = json.load(open(sys.argv[1], encoding="utf-8"))
scores = {r["benchmark"].rsplit(".", 1)[1]: r["primaryMetric"] for r in results if not r.get("params")}
forms = {r["params"]["form"]: r["primaryMetric"] for r in results if "form" in r.get("params", {})}
weaves = {}
for r in results:
    if "weave" in r.get("params", {}):
        weaves.setdefault(r["params"]["weave"], {})[r["benchmark"].rsplit(".", 1)[1]] = r["primaryMetric"]
unit = scores[UNIT]["score"]

print("# Performance\n")
print("Measured with `./toroid bench`: JMH for the core, then the API loaded from the same machine by four clients.")
print("The machine is shared and noisy: read the ratios, which come from one run.\n")
print(f"Last run {datetime.date.today().isoformat()}, {os.cpu_count()} cores, Java {results[0]['jdkVersion']}, {platform.system()}.\n")
print("## Core, one thread\n")
print("| work | µs | ± µs (99.9 %) | against one springback |")
print("| --- | --- | --- | --- |")
for name, metric in sorted(scores.items(), key=lambda item: item[1]["score"]):
    print(f"| {name} | {metric['score']:.2f} | {metric['scoreError']:.2f} | {metric['score'] / unit:.1f}× |")
print("\n## Forms, one thread\n")
print("Every form of the catalogue, worked out whole: bent, checked for contact, its steps ordered.\n")
print("| form | median, µs | 95 %, µs | median against one springback |")
print("| --- | --- | --- | --- |")
for name, metric in sorted(forms.items(), key=lambda item: item[1]["scorePercentiles"]["50.0"]):
    median, slow = metric["scorePercentiles"]["50.0"], metric["scorePercentiles"]["95.0"]
    print(f"| {name} | {median:.0f} | {slow:.0f} | {median / unit:.0f}× |")
print("\n## Weaves, one thread\n")
print("The smallest aspect ratio from the start pose (four starts), and the taut pitch at 15 % play (four starts).\n")
print("| weave | smallest AR, median ms | taut pitch, median ms |")
print("| --- | --- | --- |")


# finite patches have no pitch to pull
ROSETTES = {name for name in weaves if name.startswith("mobius-")}


def median_ms(weave, benchmark):
    return weaves[weave][benchmark]["scorePercentiles"]["50.0"] / 1000


for name in sorted(weaves, key=lambda one: median_ms(one, "smallestAspectRatio")):
    taut = "none" if name in ROSETTES else f"{median_ms(name, 'tautPitch'):.1f}"
    print(f"| {name} | {median_ms(name, 'smallestAspectRatio'):.1f} | {taut} |")
for benchmark, words in (("smallestAspectRatio", "smallest AR"), ("tautPitch", "taut pitch")):
    counted = [name for name in weaves if benchmark != "tautPitch" or name not in ROSETTES]
    times = sorted(median_ms(name, benchmark) for name in counted)
    if times:
        print(f"\nMedian of the catalogue, {words}: {times[len(times) // 2]:.1f} ms.")
print("\n## Cutting plans, and a general solver\n")
print("Ours stops when no plan can be better, or after its time; OR-Tools' CP-SAT with one worker gets ten times that in the same run.\n")
print(open(sys.argv[6], encoding="utf-8").read())
print("\n## Weaves by a general solver\n")
print("The same problem, one start each, by Hipparchus' `SQPOptimizerS` and by ours in one run; short by, in ring radii: how far each")
print("is below the wider of the two gaps. Failed: it threw, or ended in another weave.\n")
print(open(sys.argv[4], encoding="utf-8").read())
print("\n## In the round\n")
print(open(sys.argv[5], encoding="utf-8").read())
print("Software drawing, without a graphics card; each frame is read back.\n")
print("The screen's part of one change: the wires' skins made anew from the points the server sent, in Node, median of 50.\n")
print(open(sys.argv[3], encoding="utf-8").read())
print("\n## API on loopback, demo workshop\n")
print("Each call against the server's own no-op (the health answer) in the same run, median of three rounds.")
print("The server runs as `./toroid start` runs it, with the quick-starting compiler only.\n")
print(open(sys.argv[2], encoding="utf-8").read())
