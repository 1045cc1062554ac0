import { toneOf, type Tone } from "../../drawing/metals";

/** A letter on a ring, by its place in what is shown. */
export interface Tag {
  ring: number;
  text: string;
  picked?: boolean;
}

/** A metal's tone, or one made from #rrggbb. */
export function toneNamed(name: string): Tone {
  return name.startsWith("#") ? coated(name) : toneOf(name);
}

/** Metal under a coat of a colour. */
export function coated(colour: string): Tone {
  return {
    deep: `color-mix(in oklab, ${colour} 45%, black)`,
    body: colour,
    light: `color-mix(in oklab, ${colour} 40%, white)`,
  };
}
