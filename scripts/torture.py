"""Makers at work on a running workshop while its server and its database are killed: nothing acknowledged may be lost or doubled.

Usage: torture.py URL SERVER-KILLS DATABASE-KILLS SEED, with START (a command that mends what is dead), SERVER_PID and POSTMASTER_PID
(files that hold the processes) in the environment.

Each maker makes copies of an ear wire from a spool of their own: goes on and back along the plan, notes measurements, lets copies fail,
photographs them, writes another note on the job, and books wire in and out by hand. What is asked is asked again, as the app does, until
it is answered; what was answered is remembered. At the end the workshop has to be what was remembered, to the last reading and the last millimetre.
"""

import http.client
import http.cookiejar
import json
import os
import random
import signal
import struct
import subprocess
import sys
import threading
import time
import urllib.error
import urllib.request
import uuid
import zlib

URL, SERVER_KILLS, DATABASE_KILLS, SEED = sys.argv[1], int(sys.argv[2]), int(sys.argv[3]), int(sys.argv[4])
MAKERS = 4
COPIES = 40
MOST_PHOTOS = 30
# a machine three times slower still answers within this
PATIENCE_SECONDS = 600
SPOOL_MM = 90_000.0
# sums of moves end in such crumbs
CRUMB_MM = 1e-6

faults: list[str] = []
over = threading.Event()


class Refused(Exception):
    """What was asked is answered, and not as asked."""


class Workshop:
    """One device: asks again until it is answered."""

    def __init__(self):
        self.cookies = http.cookiejar.CookieJar()
        self.opener = urllib.request.build_opener(urllib.request.HTTPCookieProcessor(self.cookies))
        self.again = 0

    def token(self):
        return next((one.value for one in self.cookies if one.name == "XSRF-TOKEN"), "")

    def ask(self, method, path, body=None):
        until = time.monotonic() + PATIENCE_SECONDS
        while time.monotonic() < until:
            try:
                return self.once(method, path, body)
            except urllib.error.HTTPError as answer:
                told = answer.read().decode(errors="replace")
                if answer.code == 403 and method != "GET":
                    self.quietly("/api/session")
                elif answer.code < 500:
                    raise Refused(f"{method} {path}: {answer.code} {told[:300]}") from answer
                elif answer.code == 500:
                    faults.append(f"a fault is not one: {method} {path}: {told[:300]}")
            except (OSError, ValueError, http.client.HTTPException):
                pass  # cut off, or half an answer
            self.again += 1
            time.sleep(0.05)
        raise Refused(f"{method} {path}: not answered for {PATIENCE_SECONDS} s")

    def once(self, method, path, body):
        as_it_is = isinstance(body, bytes)
        data = body if as_it_is or body is None else json.dumps(body).encode()
        request = urllib.request.Request(URL + path, data, method=method)
        request.add_header("Content-Type", "application/octet-stream" if as_it_is else "application/json")
        request.add_header("X-XSRF-TOKEN", self.token())
        with self.opener.open(request, timeout=20) as answer:
            text = answer.read()
            told = json.loads(text) if text else None
            # worked at: asked for by its number; one that died with its server is begun anew
            return self.later(told["effort"], method, path, body) if answer.status == 202 else told

    def later(self, number, method, path, body):
        time.sleep(0.2)
        try:
            return self.once("GET", f"/api/efforts/{number}", None)
        except urllib.error.HTTPError as answer:
            if answer.code == 404:
                return self.once(method, path, body)
            raise

    def quietly(self, path):
        try:
            self.once("GET", path, None)
        except (OSError, ValueError, http.client.HTTPException):
            pass


def picture(dice):
    """A PNG of one colour, by hand: eight points a side."""
    row = b"\0" + bytes(dice.randrange(256) for _ in range(3)) * 8

    def chunk(kind, data):
        return struct.pack(">I", len(data)) + kind + data + struct.pack(">I", zlib.crc32(kind + data))

    head = struct.pack(">IIBBBBB", 8, 8, 8, 2, 0, 0, 0)
    return b"\x89PNG\r\n\x1a\n" + chunk(b"IHDR", head) + chunk(b"IDAT", zlib.compress(row * 8)) + chunk(b"IEND", b"")


class Maker(threading.Thread):
    def __init__(self, number):
        super().__init__(name=f"maker {number}", daemon=True)
        self.dice = random.Random(SEED * 100 + number)
        self.workshop = Workshop()
        self.spool = str(uuid.uuid4())
        self.job = str(uuid.uuid4())
        self.by_hand = 0.0
        self.readings: dict[str, float] = {}
        self.photos: set[str] = set()
        self.place = 0
        self.spoilt: list[dict] = []
        self.told = 0

    def run(self):
        try:
            self.begin()
            while not over.is_set():
                self.dice.choice([self.go, self.go, self.go, self.measure, self.book, self.fail, self.photograph, self.write])()
                self.told += 1
        except Refused as refused:
            faults.append(f"{self.name}: {refused}")
        except Exception as fault:  # the maker's own
            faults.append(f"{self.name}: {fault!r}")

    def begin(self):
        ask = self.workshop.ask
        ask("GET", "/api/session")
        wire = {"name": self.name, "metal": "copper", "temper": "HALF_HARD", "wireDiameterMm": 0.8, "pricePerMetre": None, "note": ""}
        ask("PUT", f"/api/spools/{self.spool}", {"version": None, "data": wire | {"lengthLeftMm": SPOOL_MM}})
        form = {
            "name": self.name, "formId": "fish-hook", "spoolId": self.spool, "metal": "copper", "temper": "HALF_HARD",
            "wireDiameterMm": 0.8, "parameters": {}, "hand": "RIGHT", "copies": COPIES, "rhythm": "BATCH", "cutting": "PRE_CUT",
            "plainFromMm": 1.0, "tailFactor": 1.0, "lots": {}, "note": "",
        }
        self.form = ask("PUT", f"/api/jobs/form/{self.job}", {"version": None, "data": form})
        self.run_kept = ask("POST", f"/api/jobs/form/{self.job}/runs", {})
        self.version = self.run_kept["version"]
        plan = self.run_kept["data"]["plan"]
        self.plan = plan
        self.steps = [one["id"] for one in plan["operations"]]
        self.cuts = {one["id"]: sum(d["amount"] for d in one["draws"] if d["lot"] == self.spool) for one in plan["operations"]}
        # the copies of this maker in groups of three: many places to be at
        self.done = {step: 0 for step in self.steps}

    def keep(self):
        data = {"done": self.done, "counts": {}, "more": 0, "spoilt": self.spoilt, "skipped": [], "note": f"place {self.place}"}
        kept = self.workshop.ask("PUT", f"/api/runs/{self.run_kept['id']}", {"version": self.version, "data": data})
        self.version = kept["version"]

    def at(self, place):
        """Everything before a place done: copy after copy, each from its first step to its last."""
        self.place = max(0, min(len(self.steps) * COPIES - 1, place))
        copies, within = divmod(self.place, len(self.steps))
        self.done = {step: copies + (1 if i < within else 0) for i, step in enumerate(self.steps)}

    def go(self):
        self.at(self.place + self.dice.choice([1, 1, 1, 2, 5, -1, -3]))
        self.keep()

    def fail(self):
        if len(self.spoilt) < 150:
            entry = {"operation": self.dice.choice(self.steps), "times": 1, "why": "BROKE", "said": ""}
            self.spoilt = [*self.spoilt, entry]
            self.keep()

    def measure(self):
        step = next((one for one in self.plan["operations"] if any(m["quantity"] == "CUT_LENGTH" for m in one["measurable"])), None)
        if step is None:
            return
        planned = next(m["planned"] for m in step["measurable"] if m["quantity"] == "CUT_LENGTH")
        value = round(planned + self.dice.uniform(-0.5, 0.5), 2)
        reading = {
            "runId": self.run_kept["id"], "operation": step["id"], "lotId": None, "sessionId": None, "quantity": "CUT_LENGTH",
            "value": value, "planned": None, "context": None, "takenAt": "2026-03-01T10:00:00Z", "note": "",
        }
        name = str(uuid.uuid4())
        self.workshop.ask("PUT", f"/api/readings/{name}", {"version": None, "data": reading})
        self.readings[name] = value

    def photograph(self):
        if len(self.photos) < MOST_PHOTOS:
            name = str(uuid.uuid4())
            self.workshop.ask("PUT", f"/api/photos/{name}/picture?run={self.run_kept['id']}", picture(self.dice))
            self.photos.add(name)

    def write(self):
        data = self.form["data"] | {"note": f"note {self.told}"}
        self.form = self.workshop.ask("PUT", f"/api/jobs/form/{self.job}", {"version": self.form["version"], "data": data})

    def book(self):
        what = self.dice.choice(["RECEIVED", "LOST"])
        amount = float(self.dice.randint(1, 40))
        move = {"id": str(uuid.uuid4()), "what": what, "amount": amount, "note": ""}
        self.workshop.ask("POST", f"/api/lots/{self.spool}/moves", move)
        self.by_hand += amount if what == "RECEIVED" else -amount

    def drawn(self):
        chain = 0.0
        for entry in self.spoilt:
            upto = self.steps.index(entry["operation"])
            chain += sum(self.cuts[step] for step in self.steps[: upto + 1])
        return chain + sum(self.cuts[step] * self.done[step] for step in self.steps)

    def check(self):
        ask = self.workshop.ask
        run = ask("GET", f"/api/runs/{self.run_kept['id']}")
        # who has not gone on yet is nowhere: nothing is said of any step
        done = {step: run["data"]["done"].get(step, 0) for step in self.steps}
        same(f"{self.name}: the place", done, self.done)
        same(f"{self.name}: what failed", len(run["data"]["spoilt"]), len(self.spoilt))
        same(f"{self.name}: the note", run["data"]["note"], f"place {self.place}" if self.version else "")
        again = ask("POST", f"/api/jobs/form/{self.job}/runs", {})
        same(f"{self.name}: the run taken up again", again["id"], self.run_kept["id"])
        kept = {one["id"]: one["data"]["value"] for one in ask("GET", f"/api/readings/of-run/{self.run_kept['id']}")}
        same(f"{self.name}: the readings", kept, self.readings)
        same(f"{self.name}: the photos", sorted(one["id"] for one in ask("GET", f"/api/photos?run={self.run_kept['id']}")), sorted(self.photos))
        job = ask("GET", f"/api/jobs/form/{self.job}")
        same(f"{self.name}: the job", (job["version"], job["data"]["note"]), (self.form["version"], self.form["data"]["note"]))
        left = ask("GET", f"/api/lots/{self.spool}")["data"]["left"]
        should = SPOOL_MM + self.by_hand - self.drawn()
        if abs(left - should) > CRUMB_MM:
            faults.append(f"{self.name}: {left} mm are left where {should} should be")
        moves = self.ledger()
        same(f"{self.name}: moves told twice", len(moves), len({one["id"] for one in moves}))
        summed = sum(one["amount"] for one in moves)
        if abs(summed - left) > CRUMB_MM:
            faults.append(f"{self.name}: the ledger sums to {summed} mm, the lot has {left}")

    def ledger(self):
        path = f"/api/lots/{self.spool}/moves"
        moves = page = self.workshop.ask("GET", path)
        while page:
            page = self.workshop.ask("GET", f"{path}?before={page[-1]['id']}")
            moves = moves + page
        return moves


def same(what, found, remembered):
    if found != remembered:
        faults.append(f"{what}: {str(found)[:200]} where {str(remembered)[:200]} was acknowledged")


def kill(pid_file):
    with open(pid_file) as file:
        os.kill(int(file.readline()), signal.SIGKILL)


def main():
    makers = [Maker(number) for number in range(MAKERS)]
    for maker in makers:
        maker.start()
    dice = random.Random(SEED)
    kills = [os.environ["SERVER_PID"]] * SERVER_KILLS + [os.environ["POSTMASTER_PID"]] * DATABASE_KILLS
    dice.shuffle(kills)
    for number, pid_file in enumerate(kills, 1):
        seen = sum(maker.told for maker in makers)
        # something happens between two kills, and they fall anywhere
        while sum(maker.told for maker in makers) < seen + 8 and not faults:
            time.sleep(0.02)
        time.sleep(dice.uniform(0, 0.7))
        if faults:
            break
        kill(pid_file)
        mended = subprocess.run(os.environ["START"], shell=True, capture_output=True, text=True)
        if mended.returncode != 0:
            faults.append(f"it did not start again: {mended.returncode}: {(mended.stdout + mended.stderr)[-400:]}")
            break
        if number % 10 == 0:
            print(f"toroid: {number} of {len(kills)} kills, {sum(m.told for m in makers)} things done", file=sys.stderr, flush=True)
    over.set()
    for maker in makers:
        # nobody is waited for where it is over already
        maker.join(1 if faults else PATIENCE_SECONDS)
    if not faults:
        for maker in makers:
            maker.check()
    done, again = sum(m.told for m in makers), sum(m.workshop.again for m in makers)
    for fault in faults:
        print(f"toroid: {fault}", file=sys.stderr)
    print(f"{SERVER_KILLS} kills of the server and {DATABASE_KILLS} of its database: {done} things done, asked again {again} times, {len(faults)} faults")
    sys.exit(1 if faults else 0)


main()
