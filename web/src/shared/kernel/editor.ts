/**
 * Edits one kept thing: shown at once, saved at once, in order, retried until the server has it. What is not yet saved is held
 * in the browser's storage, so that a reload loses nothing. When another tab changed the thing meanwhile, the editor stops and
 * asks which of the two to keep.
 */
import { inTodaysNames } from "./earlierDrafts";
import { call, Problem, Unreachable, type ProblemBody } from "../../api/client";
import { changed, outdated } from "../../api/queries";
import type { Kept } from "../../api/types";
import { extend, remember } from "./undo";

export type SaveState<D> =
  | { kind: "saved" }
  | { kind: "saving" }
  | { kind: "waiting" }
  | { kind: "refused"; problem: ProblemBody }
  | { kind: "conflict"; theirs: Kept<D> };

export interface Snapshot<D> {
  data: D;
  state: SaveState<D>;
}

/** Wire is a lot among lots: whoever changes one changes the other. */
const shownWith = (path: string) =>
  path === "spools" || path === "lots" ? ["spools", "lots", "cutting"] : [path];

const PAUSE_MS = 250;
const RETRY_MS = 2000;

export class Editor<D> {
  private snapshot: Snapshot<D>;
  private version: number | null;
  private savedText: string;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private busy = false;
  private lastTag = "";
  private lastTagAt = 0;
  private readonly listeners = new Set<() => void>();
  private readonly path: string;
  private readonly project: (data: D) => D;
  readonly id: string;

  /**
   * @param draft something looked at: nothing is kept until it is changed or made
   * @param project the part of the server's answer that is edited here, where it answers more
   */
  constructor(
    path: string,
    id: string,
    version: number | null,
    data: D,
    project: (data: D) => D = (all) => all,
    draft = false,
  ) {
    this.path = path;
    this.id = id;
    this.version = version;
    this.project = project;
    this.savedText = version === null ? "" : JSON.stringify(data);
    this.snapshot = { data, state: { kind: "saved" } };
    const held = this.held();
    if (held !== null && JSON.stringify(held) !== this.savedText) {
      this.snapshot = { data: held, state: { kind: "waiting" } };
      this.schedule(0);
    } else if (version === null && !draft) {
      this.hold();
      this.schedule(0);
    }
  }

  /** Whether the server has it; a draft is kept only once something is changed or made of it. */
  get isKept(): boolean {
    return this.version !== null;
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  get = (): Snapshot<D> => this.snapshot;

  /** Changes fields; edits with the same tag in quick succession are undone together. */
  change(patch: Partial<D>, tag: string): void {
    const before = this.snapshot.data;
    const after = { ...before, ...patch };
    if (JSON.stringify(before) === JSON.stringify(after)) {
      return;
    }
    const now = Date.now();
    const joined = tag === this.lastTag && now - this.lastTagAt < 900;
    this.lastTag = tag;
    this.lastTagAt = now;
    if (joined) {
      extend(() => this.replace(after));
    } else {
      remember(
        tag,
        () => this.replace(before),
        () => this.replace(after),
      );
    }
    this.replace(after);
  }

  /** The server's copy, unless something here is not saved yet. */
  refresh(kept: Kept<D>): void {
    const idle = this.snapshot.state.kind === "saved" && !this.busy;
    if (idle && this.version !== null && kept.version > this.version) {
      this.version = kept.version;
      this.savedText = JSON.stringify(kept.data);
      this.set({ data: kept.data, state: { kind: "saved" } });
    }
  }

  /** What is not kept is given up: what the server has stands again. */
  drop(): void {
    clearTimeout(this.timer);
    const { state } = this.snapshot;
    if (state.kind === "conflict") {
      this.takeTheirs();
    } else if (this.savedText !== "" && !this.busy) {
      this.set({ data: JSON.parse(this.savedText) as D, state: { kind: "saved" } });
      this.hold();
    }
  }

  keepMine(): void {
    if (this.snapshot.state.kind === "conflict") {
      this.version = this.snapshot.state.theirs.version;
      this.set({ ...this.snapshot, state: { kind: "waiting" } });
      void this.flush();
    }
  }

  takeTheirs(): void {
    if (this.snapshot.state.kind === "conflict") {
      const theirs = this.snapshot.state.theirs;
      const data = this.project(theirs.data);
      this.version = theirs.version;
      this.savedText = JSON.stringify(data);
      this.set({ data, state: { kind: "saved" } });
      this.hold();
    }
  }

  /** Saves now what waits; resolves when the server has answered. */
  async flush(): Promise<void> {
    clearTimeout(this.timer);
    if (this.busy || this.snapshot.state.kind === "conflict") {
      return;
    }
    const sent = this.snapshot.data;
    if (JSON.stringify(sent) === this.savedText) {
      this.set({ ...this.snapshot, state: { kind: "saved" } });
      this.hold();
      return;
    }
    this.busy = true;
    this.set({ ...this.snapshot, state: { kind: "saving" } });
    try {
      const kept = await call<Kept<D>>("PUT", `/api/${this.path}/${this.id}`, {
        version: this.version,
        data: sent,
      });
      this.version = kept.version;
      this.savedText = JSON.stringify(sent);
      this.busy = false;
      if (this.path.endsWith("runs")) {
        outdated(this.path);
        changed("bench", "notebook");
      } else {
        changed(...shownWith(this.path), "bench", "ring-table", "springback", "sheet", "notebook");
      }
      await this.flush();
    } catch (failure) {
      this.busy = false;
      this.failed(failure, sent);
    }
  }

  private failed(failure: unknown, sent: D): void {
    if (failure instanceof Problem && failure.status === 409 && failure.body.current) {
      const theirs = failure.body.current as Kept<D>;
      this.set({
        ...this.snapshot,
        state: { kind: "conflict", theirs: { ...theirs, data: this.project(theirs.data) } },
      });
    } else if (
      failure instanceof Problem &&
      failure.status < 500 &&
      failure.status !== 409 &&
      failure.status !== 401
    ) {
      this.set({ ...this.snapshot, state: { kind: "refused", problem: failure.body } });
      if (JSON.stringify(sent) !== JSON.stringify(this.snapshot.data)) {
        this.schedule(PAUSE_MS);
      }
    } else if (failure instanceof Unreachable || failure instanceof Problem) {
      this.set({ ...this.snapshot, state: { kind: "waiting" } });
      this.schedule(RETRY_MS);
    } else {
      throw failure;
    }
  }

  private replace(data: D): void {
    const conflict = this.snapshot.state.kind === "conflict";
    this.set({ data, state: conflict ? this.snapshot.state : { kind: "waiting" } });
    this.hold();
    this.schedule(PAUSE_MS);
  }

  private schedule(delay: number): void {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.flush(), delay);
  }

  private set(snapshot: Snapshot<D>): void {
    this.snapshot = snapshot;
    this.listeners.forEach((listener) => listener());
  }

  private holdKey(): string {
    return `toroid:unsaved:${this.path}/${this.id}`;
  }

  private hold(): void {
    if (JSON.stringify(this.snapshot.data) === this.savedText) {
      localStorage.removeItem(this.holdKey());
    } else {
      localStorage.setItem(this.holdKey(), JSON.stringify(this.snapshot.data));
    }
  }

  private held(): D | null {
    const text = localStorage.getItem(this.holdKey());
    return text === null ? null : (inTodaysNames(this.path, JSON.parse(text)) as D);
  }
}
