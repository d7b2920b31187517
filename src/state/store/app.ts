import { nanoid } from 'nanoid/non-secure';
import { create } from 'zustand';
import { EMPTY_KIT } from '@core/formats/blankKit';
import { SETTINGS_KEY, writeRecord } from '../keys';
import type { JobRecord, KitRecord, Settings } from '../record';
import { deviceStorage, type KeyValueStorage } from '../storage';

/** Something said once across the bottom, with an act to undo where there is one. */
export interface Notice {
  id: string;
  words: string;
  undo?: () => void;
}

/** A record that could not be read: set aside whole, and offered as a file. */
export interface Damaged {
  key: string;
  reason: string;
  text: string;
  /** Where it is kept until somebody lets it go. */
  heldAt: string;
}

export interface AppState {
  /** False until what is stored has been read. */
  ready: boolean;
  jobs: Readonly<Record<string, JobRecord>>;
  kit: KitRecord;
  settings: Settings;
  damaged: readonly Damaged[];
  notice: Notice | null;
  /** Why the last save failed; null while saving works. */
  saveProblem: string | null;
}

export const DEFAULT_SETTINGS: Settings = { system: 'metric', theme: 'daylight' };

/** What the stores write to: the device's own, or what a test hands in. */
export const kept: { storage: KeyValueStorage } = { storage: deviceStorage };

export const useApp = create<AppState>(() => ({
  ready: false,
  jobs: {},
  kit: { kit: EMPTY_KIT, history: [] },
  settings: DEFAULT_SETTINGS,
  damaged: [],
  notice: null,
  saveProblem: null,
}));

export const { setState: set, getState: get } = useApp;
export const now = (): string => new Date().toISOString();

export const saveWords = (error: unknown): string =>
  /quota|full/i.test(`${(error as Error)?.name} ${(error as Error)?.message}`)
    ? 'Storage is full: the last change is not saved. Export your jobs, then delete some.'
    : 'This browser refuses to store anything: nothing is saved. Export your jobs before you close it.';

/** Runs a save; a failure is said and stays said until a save works. */
export async function saving(work: () => Promise<void>): Promise<void> {
  try {
    await work();
    if (get().saveProblem !== null) set({ saveProblem: null });
  } catch (error) {
    set({ saveProblem: saveWords(error) });
  }
}

export const say = (words: string, undo?: () => void): void =>
  set({ notice: { id: nanoid(6), words, undo } });
export const hush = (): void => set({ notice: null });

export function changeSettings(change: Partial<Settings>): void {
  const settings = { ...get().settings, ...change };
  set({ settings });
  void saving(() => writeRecord(kept.storage, SETTINGS_KEY, settings));
}
