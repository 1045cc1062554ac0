/** The colours of metals, kept for metal. Deep edge, body, light along the crown, by metal id. */
export interface Tone {
  deep: string;
  body: string;
  light: string;
}

const TONES: Record<string, Tone> = {
  copper: { deep: "#6b351a", body: "#b8703f", light: "#f3c9a0" },
  "yellow-brass": { deep: "#6b4f13", body: "#c19a3c", light: "#f6e3a1" },
  "red-brass": { deep: "#6d3d19", body: "#bb7f3d", light: "#f2cd95" },
  "phosphor-bronze": { deep: "#5d3a18", body: "#b0783a", light: "#eec78d" },
  "sterling-silver": { deep: "#5f666b", body: "#b3babd", light: "#fbfcfc" },
  "fine-silver": { deep: "#676d70", body: "#c2c7c8", light: "#ffffff" },
  "gold-filled": { deep: "#72541a", body: "#cfa549", light: "#fbe9b2" },
  "gold-14k": { deep: "#74551a", body: "#d3aa4e", light: "#fdeebc" },
  aluminium: { deep: "#666d72", body: "#b9c1c6", light: "#f7fafb" },
  titanium: { deep: "#46494d", body: "#8b8f94", light: "#d3d6d9" },
  niobium: { deep: "#4b4a4e", body: "#96949a", light: "#dcdae0" },
  "stainless-304": { deep: "#4a5257", body: "#929ba1", light: "#e4eaed" },
};

const UNKNOWN: Tone = { deep: "#555a5e", body: "#9aa0a4", light: "#dfe3e5" };

export function toneOf(metal: string): Tone {
  return TONES[metal] ?? UNKNOWN;
}
