import { OUR_JUDGEMENT } from '../units/sources';

/** What one unit of each thing costs an order: degrees of its hottest start are the measure. */
export interface OrderWeights {
  /** For each degree that the hottest start stands over the metal, and that it stands over the coolest. */
  hottest: number;
  spread: number;
  /** A start that nothing runs over, and a step of the hand over the fewest there can be. */
  bareStart: number;
  move: number;
  /** All of the pull that an order can bring, from none to the most. */
  pull: number;
  /** A minute, waits and walks and all. */
  minute: number;
  /** The field so many times over its limit, and a start on which a sheet holes. */
  blowOver: number;
  hole: number;
}

const EVEN: OrderWeights = {
  hottest: 1,
  spread: 0.5,
  bareStart: 0.6,
  move: 0.15,
  pull: 25,
  minute: 1.5,
  blowOver: 200,
  hole: 100,
};

/** What a welder may want most of an order. The weights are ours; what the arc and the sheet do not stand weighs the same in all. */
export const GOALS = {
  even: { name: 'A bit of everything', weights: EVEN },
  cool: { name: 'Coolest starts', weights: { ...EVEN, hottest: 6, spread: 2, bareStart: 0.1, pull: 2 } },
  straight: { name: 'Pulls least', weights: { ...EVEN, hottest: 0.1, spread: 0, pull: 300, bareStart: 0.1 } },
  ties: { name: 'Fewest bare starts', weights: { ...EVEN, hottest: 0.1, spread: 0, pull: 3, bareStart: 40 } },
  quick: { name: 'Quickest', weights: { ...EVEN, hottest: 0.1, spread: 0, pull: 2, minute: 60, move: 2 } },
} as const satisfies Record<string, { name: string; weights: OrderWeights }>;
export type GoalId = keyof typeof GOALS;
export const GOALS_SOURCE = OUR_JUDGEMENT;
/** Of the starts but the first, the share that may stay bare before it is worth another order. */
export const MANY_BARE = { share: 0.5, source: OUR_JUDGEMENT } as const;

/** What the hand takes for a step along the seam that is not to the next segment, s. */
export const STEP_s = { value: 4, source: OUR_JUDGEMENT } as const;
