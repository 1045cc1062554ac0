/** What each family of verbs shows of an operation: one entry for each. */
import type { Family } from "../../api/types";
import { CHECKING } from "./CheckingOperation";
import { FINISHING } from "./FinishingOperation";
import { FORMING } from "./FormingOperation";
import type { FamilyView } from "./operation";
import { JOINING } from "./JoiningOperation";
import { RINGS } from "./RingsOperation";
import { WEAVING } from "./WeavingOperation";

export const FAMILIES: Record<Family, FamilyView> = {
  rings: RINGS,
  forming: FORMING,
  weaving: WEAVING,
  joining: JOINING,
  checking: CHECKING,
  finishing: FINISHING,
};
