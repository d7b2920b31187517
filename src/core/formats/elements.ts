import type { ElementReading } from './evidence';

/** Elements that alloys are told apart by, and those an analyser reports beside them. */
export const ELEMENTS: readonly string[] =
  'Ag Al As Au B Be Bi C Ca Cd Ce Co Cr Cu Fe Hf Hg In La Li Mg Mn Mo N Nb Ni O P Pb Pd Re S Sb Se Si Sn Ta Te Ti V W Y Zn Zr'.split(
    ' ',
  );

export type Elements = Record<string, ElementReading>;
