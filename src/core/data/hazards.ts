import type { FamilyId } from './families';

/** Metals that hurt somebody when heated, ground or welded by mistake: how, how to leave one safe, and what never to do. Common practice. */
export interface Hazard {
  /** What it is that hurts. */
  name: string;
  words: string;
  /** How the piece is left until somebody has decided. */
  safe: string;
  /** What it asks to be kept away from it: flame and hot work, and anything that makes chips or dust. */
  noFlame: boolean;
  noDust: boolean;
}

export const HAZARDS: Readonly<Partial<Record<FamilyId, Hazard>>> = {
  magnesium: {
    name: 'magnesium',
    words:
      'Chips, dust and the part itself burn white hot; water feeds the fire. Weigh it before grinding or heating.',
    safe: 'Sweep chips up dry into a lidded steel tin. Never water on burning magnesium: dry sand or a class D extinguisher.',
    noFlame: true,
    noDust: true,
  },
  titanium: {
    name: 'titanium',
    words: 'Fine chips and dust burn white hot, and the hot metal turns brittle in air.',
    safe: 'Keep sparks and flame off its chips. Never water on burning titanium: dry sand or a class D extinguisher.',
    noFlame: true,
    noDust: true,
  },
  'zinc-die-cast': {
    name: 'zinc',
    words: 'Zinc boils off long before it can be welded: fume fever.',
    safe: 'Do not heat it. Breathed its fume already? Out into the air; see a doctor if you feel feverish.',
    noFlame: true,
    noDust: false,
  },
  lead: {
    name: 'lead',
    words: 'Lead fume and dust poison, and are carried home on clothes.',
    safe: 'Wash hands before you eat or smoke; wipe dust up wet.',
    noFlame: true,
    noDust: true,
  },
  'leaded-brass': {
    name: 'lead',
    words: 'Lead and zinc fume together.',
    safe: 'Wash hands before you eat or smoke; wipe filings up wet.',
    noFlame: false,
    noDust: false,
  },
  'leaded-red-brass': {
    name: 'lead',
    words: 'Lead and zinc fume together.',
    safe: 'Wash hands before you eat or smoke; wipe filings up wet.',
    noFlame: false,
    noDust: false,
  },
  'leaded-tin-bronze': {
    name: 'lead',
    words: 'Up to a fifth of it is lead: it sweats out long before the bronze melts, and fumes.',
    safe: 'Wash hands before you eat or smoke; wipe filings up wet.',
    noFlame: false,
    noDust: false,
  },
  'beryllium-copper': {
    name: 'beryllium',
    words: 'Beryllium dust and fume destroy lungs, years later. No grinding, filing, heating.',
    safe: 'Wipe any dust up wet, bag it and the piece, label it beryllium.',
    noFlame: true,
    noDust: true,
  },
};

/** It burns or poisons: cleared only by a test of its own. */
export const isHazard = (family: FamilyId): boolean => HAZARDS[family] !== undefined;
export const HAZARD_IDS = Object.keys(HAZARDS) as FamilyId[];
