/** How large a file is, and when it was made. */
const KIB = 1024;

export const bytesWords = (bytes: number): string =>
  bytes < KIB * KIB ? `${Math.max(1, Math.round(bytes / KIB))} KiB` : `${(bytes / KIB / KIB).toFixed(1)} MiB`;

export const timeOf = (moment: string): string =>
  new Date(moment).toLocaleTimeString([], { hour: "2-digit", minute: "2-digit" });
