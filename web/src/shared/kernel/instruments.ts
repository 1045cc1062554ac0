/** Calipers and scales that speak for themselves: on a line the server listens to, or a stand-in in another window of this browser. */
import { useEffect, useRef } from "react";
import * as z from "zod/mini";
import { call } from "../../api/client";

export type InstrumentKind = "CALIPER" | "SCALE";

const READING = z.object({
  kind: z.enum(["CALIPER", "SCALE"]),
  value: z.number(),
  steady: z.boolean(),
});

/** mm of a caliper, g of a scale. */
export type InstrumentReading = z.infer<typeof READING>;

const CHANNEL = "toroid:instruments";

type Listener = (reading: InstrumentReading) => void;

const listeners = new Set<Listener>();
let source: EventSource | null = null;
let channel: BroadcastChannel | null = null;

function told(data: unknown): void {
  const reading = READING.safeParse(data);
  if (reading.success) {
    listeners.forEach((one) => one(reading.data));
  }
}

/** The server is listened to where it was started with an instrument. */
async function open(): Promise<void> {
  if (typeof BroadcastChannel !== "undefined") {
    channel = new BroadcastChannel(CHANNEL);
    channel.onmessage = ({ data }: MessageEvent<unknown>) => told(data);
  }
  try {
    const there = await call<unknown[]>("GET", "/api/instruments");
    if (there.length > 0 && listeners.size > 0 && !source && typeof EventSource !== "undefined") {
      source = new EventSource("/api/instruments/follow");
      source.addEventListener("reading", ({ data }: MessageEvent<string>) => told(JSON.parse(data)));
    }
  } catch {
    // without the server there is nothing to listen to; the stand-in needs none
  }
}

function close(): void {
  source?.close();
  channel?.close();
  source = channel = null;
}

/** Calls for each reading of that kind while the component stands; null listens to none. */
export function useInstrument(kind: InstrumentKind | null, onReading: Listener): void {
  const latest = useRef(onReading);
  useEffect(() => {
    latest.current = onReading;
  });
  useEffect(() => {
    if (kind === null) {
      return;
    }
    const hear: Listener = (reading) => reading.kind === kind && latest.current(reading);
    listeners.add(hear);
    if (listeners.size === 1) {
      void open();
    }
    return () => {
      listeners.delete(hear);
      if (listeners.size === 0) {
        close();
      }
    };
  }, [kind]);
}

/** A stand-in speaks: all other windows of this browser hear it. */
export function speakAs(reading: InstrumentReading): void {
  const speaking = new BroadcastChannel(CHANNEL);
  speaking.postMessage(reading);
  speaking.close();
}
