import type { RunTimer } from '@feverfew/contracts';
import { useEffect } from 'react';
import { alarmTimes } from '../../../clock/timerView';

/** Longest delay setTimeout keeps, ms. */
const MAX_DELAY_MS = 2_147_000_000;

/** Calls at every look-in and end: sound, notification where allowed, and the page title. */
export function useAlarms(timer: RunTimer | null, offsetMs: number, what: string, path: string): void {
  const key = timer ? `${timer.startedAt} ${timer.readyAt} ${timer.latestAt} ${timer.pausedAt}` : '';
  // A new object with equal times must not restart it.
  // biome-ignore lint/correctness/useExhaustiveDependencies: the alarm's own times are its identity
  useEffect(() => {
    if (!timer || timer.pausedAt !== null) return;
    const nowMs = Date.now() + offsetMs;
    const waits = alarmTimes(timer)
      .filter((alarm) => alarm.at > nowMs && alarm.at - nowMs < MAX_DELAY_MS)
      .map((alarm) => setTimeout(() => call(alarm.text, what, path), alarm.at - nowMs));
    return () => waits.forEach(clearTimeout);
  }, [key, Math.round(offsetMs / 5000), what, path]);
}

/** Alarms since the last touch of the page: two soaks may call at once. */
const calls = new Set<string>();
window.addEventListener('pointerdown', () => {
  if (calls.size > 0) document.title = 'Feverfew';
  calls.clear();
});

function call(text: string, what: string, path: string): void {
  calls.add(text);
  document.title = `● ${[...calls].join(' · ')} — Feverfew`;
  ring();
  if ('Notification' in window && Notification.permission === 'granted') void notify(text, what, path);
}

/**
 * By the service worker if there is one: some phones accept notifications from nothing else. A tap on it opens the
 * run.
 */
async function notify(text: string, what: string, path: string): Promise<void> {
  const look = { body: what, icon: '/feverfew-192.png', tag: `${what}-${text}`, data: { path } };
  try {
    const worker = await navigator.serviceWorker?.getRegistration();
    if (worker?.active) await worker.showNotification(text, look);
    else new Notification(text, look);
  } catch {
    // Sound and title have called already.
  }
}

/** Three soft tones, made on the spot. */
function ring(): void {
  const audio = new AudioContext();
  [0, 0.35, 0.7].forEach((start, index) => {
    const tone = audio.createOscillator();
    const gain = audio.createGain();
    tone.frequency.value = [523, 659, 784][index] ?? 523;
    gain.gain.setValueAtTime(0.0001, audio.currentTime + start);
    gain.gain.exponentialRampToValueAtTime(0.3, audio.currentTime + start + 0.04);
    gain.gain.exponentialRampToValueAtTime(0.0001, audio.currentTime + start + 0.32);
    tone.connect(gain).connect(audio.destination);
    tone.start(audio.currentTime + start);
    tone.stop(audio.currentTime + start + 0.34);
  });
  setTimeout(() => void audio.close(), 1500);
}
