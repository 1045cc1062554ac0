/** How a timer that is up makes itself known: a sound, the page's title, a notification where the device allows it. */

let audio: AudioContext | null = null;

/** Asked for as a timer is set: browsers let only a press begin a sound or ask for leave. */
export function readyToAnnounce(): void {
  try {
    audio ??= new AudioContext();
    void audio.resume();
  } catch {
    audio = null; // a device without sound
  }
  if ("Notification" in window && Notification.permission === "default") {
    void Notification.requestPermission();
  }
}

const NOTES_HZ = [660, 880];
const NOTE_S = 0.18;

/** Two short notes, once. */
export function ring(): void {
  if (!audio) {
    return;
  }
  NOTES_HZ.forEach((hz, i) => {
    const at = audio!.currentTime + i * NOTE_S * 1.2;
    const tone = audio!.createOscillator();
    const loud = audio!.createGain();
    tone.frequency.value = hz;
    loud.gain.setValueAtTime(0.0001, at);
    loud.gain.exponentialRampToValueAtTime(0.3, at + 0.02);
    loud.gain.exponentialRampToValueAtTime(0.0001, at + NOTE_S);
    tone.connect(loud).connect(audio!.destination);
    tone.start(at);
    tone.stop(at + NOTE_S);
  });
}

export function notify(words: string, id: string): void {
  if ("Notification" in window && Notification.permission === "granted") {
    try {
      new Notification(words, { tag: id });
    } catch {
      // some devices only let a service worker notify: the sound and the title say it
    }
  }
}
