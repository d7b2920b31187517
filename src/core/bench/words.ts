import type { Lessons, Learned } from './learn';
import type { BenchGain } from './next';
import { counted } from '../units/format';

const percent = (share: number): number => Math.round(100 * Math.abs(share));

/** "takes 12 % more than the chart, 5 to 19 %, by 4 beads". */
export function lessonInWords({ share, trials }: Learned): string {
  const off = share.nominal - 1;
  const by = `by ${counted(trials, 'bead')}`;
  if (percent(off) < 2)
    return `runs as the chart says, give or take ${percent(share.high / share.nominal - 1)} %, ${by}`;
  const side = off > 0 ? 'more' : 'less';
  const [near, far] = [share.low - 1, share.high - 1].sort((a, b) => Math.abs(a) - Math.abs(b)) as [
    number,
    number,
  ];
  const span = near * off <= 0 ? `up to ${percent(far)} %` : `${percent(near)} to ${percent(far)} %`;
  return `takes ${percent(off)} % ${side} than the chart (${span}), ${by}`;
}

/** "Amps are known to about 23 %; one bead makes that 13 %, three 9 %." Empty where nothing is gained. */
export function gainInWords(gains: readonly BenchGain[]): string {
  const [one, three] = gains;
  if (!one || !three || percent(one.now) - percent(three.then) < 1) return '';
  return `The amps that run right are known to about ${percent(one.now)} %; one bead on scrap makes that ${percent(one.then)} %, three ${percent(three.then)} %.`;
}

/** What does not go with the rest, in a sentence; empty where all does. */
export function oddInWords({ odd, drifted }: Lessons, name: (machineId: string) => string): string {
  return [
    ...(odd.length > 0
      ? [
          `${counted(odd.length, 'bead')} ${odd.length === 1 ? 'does' : 'do'} not go with the rest, and ${odd.length === 1 ? 'counts' : 'count'} for little.`,
        ]
      : []),
    ...drifted.map(
      (id) =>
        `${name(id)}: its later beads ran at other amps than its first. Try it again, or leave the old ones out.`,
    ),
  ].join(' ');
}
