/** A record of the server as it arrives: what OpenAPI calls optional comes as null. */
import type { components } from "./schema";

export type Schemas = components["schemas"];

export type Received<T> = T extends (infer U)[]
  ? Received<U>[]
  : T extends object
    ? { [K in keyof T]-?: Received<Exclude<T[K], undefined>> | (undefined extends T[K] ? null : never) }
    : T;
