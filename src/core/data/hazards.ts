import type { FamilyId } from './families';

/** Metals that hurt somebody when heated, ground or welded by mistake, with how and what to do instead. Common practice. */
export const HAZARDS: Readonly<Partial<Record<FamilyId, { name: string; words: string }>>> = {
  magnesium: {
    name: 'magnesium',
    words:
      'Chips, dust and the part itself burn white hot; water feeds the fire. Weigh it before grinding or heating.',
  },
  'zinc-die-cast': { name: 'zinc', words: 'Zinc boils off long before it can be welded: fume fever.' },
  lead: { name: 'lead', words: 'Lead fume and dust poison, and are carried home on clothes.' },
  'leaded-brass': { name: 'lead', words: 'Lead and zinc fume together.' },
  'beryllium-copper': {
    name: 'beryllium',
    words: 'Beryllium dust and fume destroy lungs, years later. No grinding, filing, heating.',
  },
};

export const isHazard = (family: FamilyId): boolean => HAZARDS[family] !== undefined;
