import type { ComponentType } from "react";
import type { Kept, Operation, RunData } from "../../api/types";
import type { Place } from "./rhythm";

/** What an operation's components are given. */
export interface OperationProps {
  run: Kept<RunData>;
  operation: Operation;
  place: Place;
}

/** What a family of verbs shows of an operation. */
export interface FamilyView {
  /** How it is done. */
  Picture: ComponentType<OperationProps>;
  /** The number that matters and the words that go with it. */
  Words: ComponentType<OperationProps>;
  /** Where the operation's own title says too little. */
  Title?: ComponentType<OperationProps>;
}
