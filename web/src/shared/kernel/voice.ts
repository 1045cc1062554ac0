/** The browser's own voice. Nothing leaves the device: a voice that is fetched from elsewhere is not used. */

/** Whether this browser can speak at all. */
export const canSpeak = (): boolean => "speechSynthesis" in window;

/** Voices may come a moment after they are first asked for. */
function voices(): Promise<SpeechSynthesisVoice[]> {
  const there = speechSynthesis.getVoices();
  return there.length > 0
    ? Promise.resolve(there)
    : new Promise((resolve) => {
        speechSynthesis.addEventListener("voiceschanged", () => resolve(speechSynthesis.getVoices()), {
          once: true,
        });
      });
}

/** What is to be said last: whatever was asked for before is not begun any more. */
let latest = "";

/** Says that, whatever it was saying; answers whether this device has a voice of its own. */
export async function speak(words: string): Promise<boolean> {
  hush();
  latest = words;
  const own = (await voices()).find((one) => one.localService && one.lang.startsWith("en"));
  if (own && latest === words) {
    const said = new SpeechSynthesisUtterance(words);
    said.voice = own;
    said.lang = own.lang;
    speechSynthesis.speak(said);
  }
  return own !== undefined;
}

export function hush(): void {
  latest = "";
  if (canSpeak()) {
    speechSynthesis.cancel();
  }
}
