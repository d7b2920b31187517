import fc from 'fast-check';
import { exactly, type Range } from '../units/range';
import { inside, ofThumb, stateOf, under, unknown, yesNo, type RoomBody } from '../judge/room';
import type { Room, RoomId } from './rooms';
import { byTightness, tightestOf } from './tightest';

const spoken = { now: '', gap: '', until: '', reasons: [] };
const room = (id: string, body: RoomBody): Room => ({
  id: id as RoomId,
  title: id,
  short: id,
  stop: 'rod',
  ...body,
});
const amount = (id: string, fraction: Range) =>
  room(id, {
    ...under('A', exactly(0), exactly(1), spoken),
    fraction,
    left: fraction,
    state: stateOf(fraction),
  });
const ids = (rooms: readonly Room[]) => byTightness(rooms).map(({ id }) => id);

describe('states come from the bad end', () => {
  test.each([
    [-0.01, 'none'],
    [0, 'tight'],
    [0.0999, 'tight'],
    [0.1, 'snug'],
    [0.2999, 'snug'],
    [0.3, 'roomy'],
    [NaN, 'none'],
  ] as const)('%f is %s', (low, state) => expect(stateOf({ low, nominal: 0.5, high: 1 })).toBe(state));

  test('a value under a limit leaves the difference, worst end against worst end', () => {
    const body = under('A', { low: 50, nominal: 55, high: 60 }, { low: 58, nominal: 61, high: 66 }, spoken);
    expect(body.left).toEqual({ low: -2, nominal: 6, high: 16 });
    expect(body.state).toBe('none');
  });

  test('inside a window the nearer end counts, and the middle is whole', () => {
    expect(
      inside('A', exactly(75), { low: 50, high: 100 }, { ...spoken, lowWords: 'low' }).fraction?.nominal,
    ).toBe(1);
    expect(inside('A', exactly(55), { low: 50, high: 100 }, { ...spoken, lowWords: 'low' })).toMatchObject({
      until: 'low',
      left: exactly(5),
    });
    expect(inside('A', exactly(105), { low: 50, high: 100 }, { ...spoken, lowWords: 'low' }).state).toBe(
      'none',
    );
  });

  // Our judgement: a quarter of the way from the middle to the good end.
  test('a rule of thumb likely fails where its middle lies well past the limit', () => {
    const thumb = (nominal: number) =>
      ofThumb(under('A', { low: 90, nominal, high: 120 }, exactly(100), spoken), 'maybe');
    expect(thumb(102.8)).toMatchObject({ state: 'tight', gap: 'maybe' });
    expect(thumb(102.8).likely).toBeUndefined();
    expect(thumb(104).likely).toBe(true);
  });

  test('a number gone missing makes the room unknown, never NaN', () => {
    expect(under('A', exactly(NaN), exactly(1), spoken)).toMatchObject({
      state: 'unknown',
      left: null,
      fraction: null,
    });
  });
});

describe('the order', () => {
  const closed = room('closed', yesNo('closed', spoken));
  const departure = room('departure', yesNo('departure', spoken));
  const hurts = room('hurts', unknown({ ...spoken, ask: '?' }, true));
  const harmless = room('harmless', unknown({ ...spoken, ask: '?' }, false));
  const none = amount('none', { low: -0.5, nominal: -0.4, high: -0.3 });
  const tight = amount('tight', { low: 0.06, nominal: 0.08, high: 0.11 });
  const snug = amount('snug', { low: 0.2, nominal: 0.25, high: 0.3 });
  const roomy = amount('roomy', { low: 0.6, nominal: 0.7, high: 0.8 });

  test('closed yes-or-no, passed, tight with what could hurt, snug, roomy, then harmless unknowns', () => {
    const order = ids([roomy, harmless, snug, hurts, tight, departure, none, closed]);
    expect(order.slice(0, 2)).toEqual(['closed', 'none']);
    expect(new Set(order.slice(2, 5))).toEqual(new Set(['tight', 'departure', 'hurts']));
    expect(order.slice(5)).toEqual(['snug', 'roomy', 'harmless']);
  });

  test('at equal room the piece stands before machine, hand and socket, and what is only taken to be so behind', () => {
    const share = { low: 0.2, nominal: 0.25, high: 0.3 };
    const of = (id: string, more: Partial<Room>): Room => ({ ...amount(id, share), ...more });
    const alike = [
      of('taken', { taken: true }),
      of('socket', { stop: 'power' }),
      of('hand', { bears: 'hand' }),
      of('machine', { stop: 'power', bears: 'machine' }),
      of('piece', {}),
    ];
    expect(ids(alike)).toEqual(['piece', 'machine', 'hand', 'socket', 'taken']);
    // Much less room outweighs whose it is.
    expect(ids([amount('half', exactly(0.5)), of('socket', { stop: 'power' })])).toEqual(['socket', 'half']);
  });

  // How far each stands behind the piece, as a share of its limit: our judgement.
  test.each([
    ['machine', { bears: 'machine' }, 0.05],
    ['hand', { bears: 'hand' }, 0.09],
    ['socket', { stop: 'power' }, 0.12],
    ['taken', { taken: true }, 0.15],
  ] as const)('%s stands behind the piece by just so much', (id, more, behind) => {
    const piece = (share: number) => amount('piece', exactly(share));
    const other: Room = { ...amount(id, exactly(0.2)), ...more };
    expect(ids([other, piece(0.2 + behind - 0.004)])).toEqual(['piece', id]);
    expect(ids([piece(0.2 + behind + 0.004), other])).toEqual([id, 'piece']);
  });

  test('an unknown that could hurt stands where 4 % are left (our judgement)', () => {
    expect(ids([hurts, amount('less', exactly(0.037))])).toEqual(['less', 'hurts']);
    expect(ids([amount('more', exactly(0.043)), hurts])).toEqual(['hurts', 'more']);
  });

  test('a limit that is shut by a guess stands behind one that is shut for sure', () => {
    expect(
      ids([{ ...closed, id: 'guess' as RoomId, taken: true }, amount('sure', exactly(-0.1)), closed]),
    ).toEqual(['closed', 'sure', 'guess']);
  });

  test('of two alike, the one nearer in its own doubt is tighter', () => {
    const vague = amount('vague', { low: 0.31, nominal: 0.6, high: 0.9 });
    const sure = amount('sure', { low: 0.5, nominal: 0.55, high: 0.6 });
    expect(ids([sure, vague])).toEqual(['vague', 'sure']);
  });

  test('any order in gives the same tightest out, and nothing is lost', () => {
    const all = [closed, departure, hurts, harmless, none, tight, snug, roomy];
    fc.assert(
      fc.property(fc.shuffledSubarray(all, { minLength: 1 }), (some) => {
        const sorted = byTightness(some);
        return (
          sorted.length === some.length && tightestOf(some)?.id === byTightness([...some].reverse())[0]?.id
        );
      }),
    );
    expect(tightestOf([])).toBeNull();
  });
});
