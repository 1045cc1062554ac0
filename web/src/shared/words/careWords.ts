/** How a finished piece is kept, by its metal; common practice of the trade, in a sentence each. */

const TARNISHES = "It darkens with air and skin: a soft cloth brings it back; keep it dry, in a closed bag.";

const CARE: Record<string, string> = {
  copper: `${TARNISHES} It may leave a green trace on skin; that washes off.`,
  "yellow-brass": `${TARNISHES} It may leave a green trace on skin; that washes off.`,
  "red-brass": `${TARNISHES} It may leave a green trace on skin; that washes off.`,
  "phosphor-bronze": TARNISHES,
  "sterling-silver":
    "It tarnishes by sulphur in the air: polish with a silver cloth, keep it in a closed bag, off for swimming.",
  "fine-silver": "It is soft: no pulling. It tarnishes slowly; a soft cloth is enough.",
  "gold-filled": "Its gold is a layer: wash in warm water and a drop of soap, rub softly, never with polish.",
  "gold-14k": "Warm water, a drop of soap and a soft brush keep it bright.",
  aluminium: "It is soft: keep it apart from harder pieces. No lye, no dishwasher; colours fade when rubbed.",
  "aluminium-magnesium": "Light and tough; no lye, no dishwasher.",
  titanium: "It needs no care; colours of oxide wear off where it rubs.",
  niobium: "It needs no care; colours of oxide wear off where it rubs.",
  "stainless-304": "Warm water and soap. It holds some nickel: not for a fresh piercing.",
};

/** Of what was darkened in a bath. */
export const COLOURED_CARE =
  "Its colour is on the surface: no silver dip, no polish, no tumbling; wax keeps it, once a year.";

/** Also of what is not named here. */
export const careWords = (metal: string): string =>
  CARE[metal] ?? "Keep it dry, wipe it with a soft cloth after wearing.";
