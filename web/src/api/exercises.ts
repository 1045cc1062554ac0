/** What is practised, and what counted coils teach. */
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { call } from "./client";
import type { Received, Schemas } from "./received";

export type CoilLosses = Received<Schemas["CoilLosses"]>;
export type Remark = Received<Schemas["Remark"]>;
export type PractiseSession = Omit<Received<Schemas["PractiseSession"]>, "verdict"> & {
  verdict: Omit<Received<Schemas["Verdict"]>, "remarks" | "spread"> & {
    remarks: Remark[];
    spread: Received<Schemas["Repeatability"]> | null;
  };
};
export type ExerciseView = Omit<
  Received<Schemas["ExerciseView"]>,
  "sessions" | "criteria" | "season" | "info"
> & {
  info: Received<Schemas["ExerciseInfo"]>;
  criteria: Received<Schemas["Criterion"]>[];
  season: Received<Schemas["Season"]>;
  sessions: PractiseSession[];
};
export type Aim = Received<Schemas["Aim"]>;

/** The exercises there are, each with its sessions. */
export function useExercises() {
  return useQuery({
    queryKey: ["readings", "exercises"],
    queryFn: ({ signal }) => call<ExerciseView[]>("GET", "/api/exercises", undefined, signal),
  });
}

export function useExercise(id: string) {
  return useQuery({
    queryKey: ["readings", "exercises", id],
    queryFn: ({ signal }) => call<ExerciseView>("GET", `/api/exercises/${id}`, undefined, signal),
    placeholderData: keepPreviousData,
  });
}

/** What one of an exercise should come out at, with that wire and size. */
export function useAims(id: string, wireMm: number | null, sizeMm: number | null) {
  const asked = new URLSearchParams();
  if (wireMm !== null) {
    asked.set("wireMm", `${wireMm}`);
  }
  if (sizeMm !== null) {
    asked.set("sizeMm", `${sizeMm}`);
  }
  return useQuery({
    queryKey: ["exercise-aims", id, wireMm, sizeMm],
    queryFn: ({ signal }) => call<Aim[]>("GET", `/api/exercises/${id}/aims?${asked}`, undefined, signal),
    placeholderData: keepPreviousData,
  }).data;
}

/** Turns of each coil that come to no good ring. */
export const useCoilLosses = () =>
  useQuery({
    queryKey: ["readings", "coil-losses"],
    queryFn: ({ signal }) => call<CoilLosses>("GET", "/api/readings/coil-losses", undefined, signal),
  }).data;
