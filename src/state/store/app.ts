import { nanoid } from 'nanoid/non-secure';
import { create } from 'zustand';
import { EMPTY_KIT } from '@core/formats/blankKit';
import type { JobRecord, KitRecord, SetAside, Settings } from '../record';
import { DEFAULT_SETTINGS } from '../settings';
import { deviceWords, type LastWords } from '../lastWords';
import { hasNoRoom } from '../reserve';
import { deviceStorage, isFull, type KeyValueStorage } from '../storage';

/** Something said once across the bottom, with an act to undo where there is one. */
export interface Notice {
  id: string;
  words: string;
  undo?: () => void;
}

/** What could not be read, or not be laid on its record: kept as it is, and offered. */
export interface Damaged extends SetAside {
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
  /** Records of a newer app, by key, and what they are called: to be read here, never changed. */
  newer: Readonly<Record<string, string>>;
  notice: Notice | null;
  /** Why something entered is not on disk; null while all of it is. */
  saveProblem: string | null;
}

/** What the stores write to: the device's own, or what a test hands in. */
export const kept: { storage: KeyValueStorage; words: LastWords } = {
  storage: deviceStorage,
  words: deviceWords,
};

/** This window, for as long as it is open. */
export const TAB = nanoid(6);

export const useApp = create<AppState>(() => ({
  ready: false,
  jobs: {},
  kit: { kit: EMPTY_KIT, history: [] },
  settings: DEFAULT_SETTINGS,
  damaged: [],
  newer: {},
  notice: null,
  saveProblem: null,
}));

export const { setState: set, getState: get } = useApp;
export const now = (): string => new Date().toISOString();

/** Whether it was for want of room that the storage refused. */
export const isForRoom = async (error: unknown): Promise<boolean> => isFull(error) || (await hasNoRoom());

/** What is said of a refusal. */
export const saveWords = (isForRoom: boolean): string =>
  isForRoom
    ? 'Storage is full: the last changes are not kept. Export your jobs, then delete some.'
    : 'This browser refuses to store anything: nothing is kept. Export your jobs before you close it.';

export const notify = (words: string, undo?: () => void): void =>
  set({ notice: { id: nanoid(6), words, undo } });
export const dismissNotice = (): void => set({ notice: null });
