import { useSyncExternalStore } from 'react';

export type ColourMode = 'system' | 'light' | 'dark';
const KEY = 'feverfew.light';
const listeners = new Set<() => void>();
const prefersDark = matchMedia('(prefers-color-scheme: dark)');

const read = (): ColourMode => {
  const kept = localStorage.getItem(KEY);
  return kept === 'light' || kept === 'dark' ? kept : 'system';
};

/** Puts the chosen light on the page; the theme reads the class. */
export function applyColourMode(): void {
  const mode = read();
  const dark = mode === 'dark' || (mode === 'system' && prefersDark.matches);
  document.documentElement.classList.toggle('dark', dark);
  document.documentElement.classList.toggle('light', !dark);
  document.documentElement.style.colorScheme = dark ? 'dark' : 'light';
}

export function setColourMode(mode: ColourMode): void {
  localStorage.setItem(KEY, mode);
  applyColourMode();
  for (const listener of listeners) listener();
}

prefersDark.addEventListener('change', applyColourMode);

export const useColourMode = (): ColourMode =>
  useSyncExternalStore((listener) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  }, read);
