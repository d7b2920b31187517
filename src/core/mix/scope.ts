import { SCOPE } from '../data/constitution';
import { percentOf, type Chemistry } from './chemistry';

/**
 * Whether the diagrams may be asked at all. 'chart': ferrite and field. 'field-only': the field's name warns, a ferrite figure would
 * mean nothing. The rest: not a chart question.
 */
export type ScopeId =
  'chart' | 'field-only' | 'aluminium' | 'copper' | 'nickel' | 'iron-graphite' | 'plain-steel' | 'manganese';

export interface Scope {
  id: ScopeId;
  /** Why, and what to go by instead; empty where the diagrams answer. */
  instead: string;
}

const INSTEAD: Record<ScopeId, string> = {
  chart: '',
  'field-only': 'Too little chromium for a ferrite figure: only the field’s name counts.',
  aluminium: 'Aluminium: go by its own rules of rod, cleaning and heat.',
  copper: 'Copper weld metal: go by copper running into hot steel, and by preheat.',
  nickel: 'Nickel weld metal is austenitic throughout: go by what it picks up, by dirt and by hot cracks.',
  'iron-graphite': 'Cast iron: go by bead length, temperature and peening.',
  'plain-steel': 'Carbon and low-alloy steel: go by carbon equivalent, preheat and cooling time.',
  manganese: 'High-manganese steel is austenite: go by its temperature, not by the diagram.',
};

/** Answers "is this a question for the diagrams?" for a mixed weld. */
export function scopeOf(weld: Chemistry): Scope {
  const id = idOf(weld);
  return { id, instead: INSTEAD[id] };
}

function idOf(weld: Chemistry): ScopeId {
  const p = (element: Parameters<typeof percentOf>[1]) => percentOf(weld, element);
  if (p('Al') > SCOPE.aluminium) return 'aluminium';
  if (p('Cu') > SCOPE.copper && p('Cu') > p('Ni')) return 'copper';
  if (p('Ni') > SCOPE.nickel) return 'nickel';
  if (p('Cu') > SCOPE.copper) return 'copper';
  if (p('C') > SCOPE.carbonIron) return 'iron-graphite';
  if (p('Mn') > SCOPE.manganese.mn && p('C') > SCOPE.manganese.c) return 'manganese';
  if (p('Cr') + p('Ni') < SCOPE.plainSteel) return 'plain-steel';
  return p('Cr') < SCOPE.fullAnswerFrom_Cr ? 'field-only' : 'chart';
}
