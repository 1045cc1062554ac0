/** The browser's own voice. Nothing leaves the device: a voice that would be fetched from elsewhere is not used. */

/** Whether this browser can speak at all. */
export const canSpeak = (): boolean => "speechSynthesis" in window;

/** Says that now, whatever it was saying. */
export function speak(words: string): void {
  if (!canSpeak()) {
    return;
  }
  hush();
  const said = new SpeechSynthesisUtterance(words);
  said.lang = "en";
  const voice = speechSynthesis.getVoices().find((one) => one.localService && one.lang.startsWith("en"));
  if (voice) {
    said.voice = voice;
  }
  speechSynthesis.speak(said);
}

export function hush(): void {
  if (canSpeak()) {
    speechSynthesis.cancel();
  }
}
