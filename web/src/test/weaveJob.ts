/** For tests: a byzantine chain of four units. */
import type { WeaveJobData } from "../api/types";
import { usualPatch } from "../shared/kernel/newWeave";

export const CHAIN_JOB: WeaveJobData = {
  name: "Rope of the tide",
  weaveId: "byzantine",
  spoolId: null,
  metal: "copper",
  wireDiameterMm: 1,
  innerDiameterMm: [3.8],
  patch: { ...usualPatch("CHAIN", 5), lengthMm: null, units: 4 },
  colours: { palette: ["copper", "#2f6f8f"], by: "RING", sequence: [0, 0, 0, 0, 0, 0], painted: [] },
  note: "",
};
