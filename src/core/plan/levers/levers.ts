import { applyEdits } from '../../formats/edits';
import { NUMBER_FIELDS, refuseNumber, type NumberPath } from '../../formats/fields';
import type { Job } from '../../formats/job';
import type { Kit } from '../../formats/kit';
import type { UnitSystem } from '../../units/kinds';
import { toldThroughout } from '../../units/inUnitsOf';
import { assess, type Assessment } from '../assess';
import type { Room, RoomId } from '../rooms';
import { CHANGE_MAKERS } from './changes';
import type { Lever, LeverEffect } from './lever';
import type { Change } from '../../judge/change';
import { testLevers } from './tests';

/** Changes in fraction smaller than this are noise. */
const NOTICEABLE = 0.005;

/**
 * Answers "what would give me more room?": judges the job again with each change made, one at a time, and keeps those that
 * move something. Best first for the tightest room; what closes another room stands behind what does not.
 */
export function findLevers(
  job: Job,
  kit: Kit,
  before: Assessment = assess(job, kit),
  system: UnitSystem = 'metric',
): Lever[] {
  const makers = before.withheld === null ? CHANGE_MAKERS : [];
  const levers = makers
    .flatMap((make) => make(before.situation).filter(canBeTyped))
    .flatMap((change) => {
      const lever = judge(change, job, kit, before, system);
      return lever.effects.length > 0 ? [lever] : [];
    });
  const all = toldThroughout([...levers, ...testLevers(before.situation, before.rooms)], system);
  return before.tightest ? rankFor(before.tightest.id, all) : all;
}

/** No lever writes what the welder could not type: five amps less stops at the least there are. */
export const canBeTyped = ({ edits }: Change): boolean =>
  edits.every(
    ({ path, value }) =>
      typeof value !== 'number' ||
      !(path in NUMBER_FIELDS) ||
      refuseNumber(path as NumberPath, value, 'metric') === null,
  );

function judge(change: Change, job: Job, kit: Kit, assessed: Assessment, system: UnitSystem): Lever {
  const before = assessed.rooms;
  const { now_ms, preferred } = assessed.situation;
  const changed = assess(applyEdits(job, change.edits), kit, system, now_ms, preferred);
  const after = changed.rooms;
  const stillPlanned = changed.withheld === null && changed.situation.beads !== null;
  const effects = before.flatMap((room): LeverEffect[] => {
    const then = after.find(({ id }) => id === room.id);
    if (!then) return stillPlanned && isShut(room) ? [goneWith(room)] : [];
    if (then === room) return [];
    const gainShare = share(then) - share(room);
    if (then.state === room.state && Math.abs(gainShare) < NOTICEABLE) return [];
    return [
      {
        roomId: room.id,
        title: room.title,
        before: room.state,
        after: then.state,
        gain:
          room.left && then.left && room.unit === then.unit ? then.left.nominal - room.left.nominal : null,
        unit: room.unit,
        gainShare,
      },
    ];
  });
  const closes = [
    ...effects.filter(({ before: was, after: is }) => is === 'none' && was !== 'none'),
    // A limit that was not there before: a generator has one that a socket has not.
    ...after.filter(({ id, state }) => state === 'none' && before.every((room) => room.id !== id)),
  ].map(({ title }) => title);
  const deepens = effects
    .filter(({ before: was, after: is, gainShare }) => was === 'none' && is === 'none' && gainShare < 0)
    .map(({ title }) => title);
  return { ...change, effects, closes, deepens };
}

const isShut = ({ state }: Room): boolean => state === 'none';

/** A limit that was passed, and that no longer is one: a root that is cut out need not be dug through. */
const goneWith = (room: Room): LeverEffect => ({
  roomId: room.id,
  title: room.title,
  before: room.state,
  after: 'roomy',
  gain: null,
  unit: room.unit,
  gainShare: 1 - share(room),
});

/** Share of the limit left at the bad end; an unknown counts as nothing left. */
const share = (room: Room): number => room.fraction?.low ?? 0;

/** What a lever does to one room; null where it leaves it alone. */
export const effectOn = (lever: Lever, roomId: RoomId): LeverEffect | null =>
  lever.effects.find((effect) => effect.roomId === roomId) ?? null;

/** Share a lever buys a room: nothing where the bad end gains but the middle loses. */
function boughtBy(lever: Lever, roomId: RoomId): number {
  const effect = effectOn(lever, roomId);
  if (!effect) return 0;
  return effect.gain !== null && effect.gain <= 0 ? Math.min(effect.gainShare, 0) : effect.gainShare;
}

/** Levers for one room, best first: those that open it and close nothing, then by what they buy it. */
export function rankFor(roomId: RoomId, levers: readonly Lever[]): Lever[] {
  const bought = (lever: Lever) => boughtBy(lever, roomId);
  const order = (lever: Lever) =>
    bought(lever) <= 0 ? 2 : lever.closes.length + lever.deepens.length > 0 ? 1 : 0;
  return [...levers].sort((a, b) => order(a) - order(b) || bought(b) - bought(a));
}

/** Levers that buy a room something, best first. */
export const leversFor = (roomId: RoomId, levers: readonly Lever[]): Lever[] =>
  rankFor(roomId, levers).filter((lever) => boughtBy(lever, roomId) > 0);
