import { SHELTERED_m_s } from '../data/processChoice';
import { ARC_PROCESSES, NEEDS, PROCESSES, type NeedId, type ProcessId } from '../data/processIds';
import { POLES } from '../data/rods';
import { midSentence } from '../units/format';
import { exactly } from '../units/range';
import { rankProcesses, type Place } from './rank';

/** A change to the place, and the process that would then come first. */
export interface WhatIf {
  change: string;
  first: ProcessId;
  name: string;
}

/** Answers "what would change the order?": judges the place again with one thing changed, and keeps what puts another first. */
export function whatWouldChange(place: Place): WhatIf[] {
  const now = firstOf(place);
  return changesOf(place).flatMap(({ change, to }) => {
    const first = firstOf(to);
    return first === null || first === now ? [] : [{ change, first, name: PROCESSES[first] }];
  });
}

/** The process at the head of the order; null where none is possible. */
export function firstOf(place: Place): ProcessId | null {
  const [first] = rankProcesses(place);
  return first?.possible ? first.id : null;
}

function changesOf(place: Place): { change: string; to: Place }[] {
  const { wind_m_s, surface, machine, have } = place;
  const missing = (Object.keys(NEEDS) as NeedId[]).filter((need) => !have.has(need));
  return [
    ...(wind_m_s !== null && wind_m_s.high > SHELTERED_m_s
      ? [{ change: 'Behind a wind screen', to: { ...place, wind_m_s: exactly(SHELTERED_m_s) } }]
      : []),
    ...(surface !== null && surface !== 'bright'
      ? [{ change: 'Ground bright', to: { ...place, surface: 'bright' as const } }]
      : []),
    ...missing.map((need) => ({
      change: `With ${midSentence(NEEDS[need].name)}`,
      to: { ...place, have: new Set([...have, need]) },
    })),
    ...[...have].map((need) => ({
      change: `Without ${midSentence(NEEDS[need].name)}`,
      to: { ...place, have: new Set([...have].filter((n) => n !== need)) },
    })),
    ...(machine !== null
      ? [
          {
            change: 'With a machine that does all, and its wire, torch and gas',
            to: {
              ...place,
              machine: { processes: ARC_PROCESSES, poles: POLES },
              have: new Set(Object.keys(NEEDS) as NeedId[]),
            },
          },
        ]
      : []),
  ];
}
