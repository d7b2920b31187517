import { ALUMINIUM } from '../data/procedures';
import { SOFTENS } from '../data/heatLimits';
import type { FamilyId } from '../data/families';
import { metalFamily } from '../data/metals';
import { PRACTICE } from '../units/sources';
import { inWords, trimmed } from '../units/format';
import type { Situation } from '../judge/situation';
import { fallingAmps, waitsOf } from '../preheat/beadByBead';
import { note, part, type Note, type Procedure } from './procedure';

/** Heat-treated, or with so much magnesium that warmth harms it. */
const HARMED_BY_WARMTH: readonly FamilyId[] = ['al-6xxx', 'al-2xxx-7xxx', 'al-5xxx'];

/** Aluminium by stick: crude beside TIG, for repairs where nothing else will do. */
export function aluminium(situation: Situation): Procedure | null {
  const { wants, system, heat, rod, current_A, timeline, job } = situation;
  const families = wants.families.filter((id) => metalFamily(id).group === 'aluminium');
  if (families.length === 0 || wants.verdict === 'never') return null;
  const say = inWords(system);
  const rows = fallingAmps(situation);
  const amps = rows.map(({ current_A: amps_A }) => amps_A);
  const [from, to] = [amps[0] ?? current_A?.value ?? null, amps[amps.length - 1] ?? null];
  const waits = waitsOf(rows);
  const harmed = families.some((id) => HARMED_BY_WARMTH.includes(id));
  const hotSchool = job.heat.goStraightOn;
  const warm_min = timeline && heat.preheat ? timeline.elapsed_s / 60 : null;
  return {
    id: 'aluminium',
    title: 'Aluminium by stick',
    answer:
      from !== null && to !== null && rows.length > 1 && to === from
        ? `${from} A held over ${rows.length} rods: ${waits.count > 0 ? `about ${say.time(waits.usual_s)} between them keeps` : 'the piece draws enough away to keep'} it cool enough.`
        : from !== null && to !== null && rows.length > 1
          ? `Amps down from ${from} to ${to} A over ${rows.length} rods as it warms${waits.count > 0 ? `, about ${say.time(waits.usual_s)} between` : ''}.`
          : `Oil off, then oxide, weld at once; amps come down as the part warms.`,
    beads: rows,
    parts: {
      prepare: part({
        actions: [
          note(
            'In this order: soap and water, dry; acetone, let it dry; then the oxide off with a stainless brush kept for aluminium.',
            PRACTICE,
          ),
          note(
            'Weld at once: the oxide is back within minutes, and melts at three times the heat of the metal.',
            PRACTICE,
          ),
        ],
        cautions: [
          'Acetone burns: dry, and the rag gone, before any flame or arc.',
          'Never a chlorinated cleaner near an arc.',
        ],
      }),
      warm: part({
        holds: [
          ...(harmed && warm_min !== null && warm_min > ALUMINIUM.warmMost_min
            ? [
                note(
                  `It would stay warm for about ${trimmed(warm_min, 0)} min: over ${ALUMINIUM.warmMost_min} min takes more strength. Weld it in two goes, cooled between.`,
                  ALUMINIUM.source,
                ),
              ]
            : []),
        ],
      }),
      weld: part({
        settings:
          rows.length > 1
            ? []
            : [{ label: 'Amps as it warms', value: 'down 10 to 15 % over a run of beads' }],
        actions: [
          note('Electrode positive, always; a long arc throws balls.', PRACTICE),
          note(
            'Straight beads. Break the flux cup off the tip before every restart; begin with a light tap.',
            PRACTICE,
          ),
          note('A skin of flux at a tack looks like lack of fusion until it is chipped off.', PRACTICE),
          hotSchool
            ? note(
                'Kept hot, bead on bead: only under its ceiling, and never on metal that was heat-treated.',
                PRACTICE,
              )
            : note('Let it cool between beads and step the amps down: the pool stays in hand.', PRACTICE),
        ],
        holds:
          hotSchool && harmed
            ? [note('Heat-treated metal is not kept hot: wait between beads.', ALUMINIUM.source)]
            : [],
      }),
      after: part({
        actions: [
          note(
            'All of the flux off, now: hot water and a stiff brush, then look for white bloom the next day and wash again. What stays eats through.',
            PRACTICE,
          ),
          ...families.flatMap((id) => strengthLeft(id)),
          ...(rod ? [] : [note('No stick rod suits: TIG or wire.', PRACTICE)]),
        ],
        cautions: ['Flux on the skin burns when it is wet: gloves while you wash it.'],
      }),
    },
  };
}

function strengthLeft(id: FamilyId): Note[] {
  if (!Object.hasOwn(SOFTENS, id)) return [];
  const { left, source } = SOFTENS[id as keyof typeof SOFTENS];
  return [
    note(
      `${metalFamily(id).name}: about ${trimmed(100 * left.low, 0)} to ${trimmed(100 * left.high, 0)} % of its strength is left beside the weld, if it was rolled or aged hard. Only new heat treatment brings it back.`,
      source,
    ),
  ];
}
