/** A colour of the theme as a picture in the round wants it: in hex, or another where the theme says it otherwise. */
export function themeColour(name: string, otherwise: string): string {
  const value = getComputedStyle(document.documentElement).getPropertyValue(name).trim();
  return /^#[0-9a-f]{3,8}$/i.test(value) ? value : otherwise;
}
