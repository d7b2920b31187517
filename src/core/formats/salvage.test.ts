import fc from 'fast-check';
import { applyEdits } from './edits';
import { blankJob } from './blankJob';
import { Job } from './job';
import { salvage } from './salvage';

const blank = blankJob('a', '2026-01-01T00:00:00.000Z');
const sound = applyEdits(blank, [
  { path: 'title', value: 'Guard' },
  { path: 'joint.gap_mm', value: 2 },
  { path: 'typed.joint.gap_mm', value: '2 mm' },
]);

describe('what can be kept of a record', () => {
  test('a sound one is itself, with nothing lost', () =>
    expect(salvage(Job, sound, blank)).toEqual({ data: sound, lost: [] }));

  test.each([
    ['a number past its ends', 'joint.gap_mm', -4, null],
    ['a word that is none', 'look.position', 'sideways', null],
    ['a text too long', 'title', 'x'.repeat(300), 'x'.repeat(120)],
    ['a text where a yes or no belongs', 'look.food', 'perhaps', false],
    ['an entry of a list', 'rod.beadShares', [1, 99, 1.5], [1, 1.5]],
    ['an answer that is none', 'look.stopWork', { dry: 'maybe', heat: 'no' }, { heat: 'no' }],
  ])('%s goes, and no more', (_, path, wrong, kept) => {
    const read = salvage(Job, applyEdits(sound, [{ path, value: wrong }]), blank);
    expect(read?.data).toEqual(applyEdits(sound, [{ path, value: kept }]));
    expect(read?.lost).toHaveLength(1);
    expect(read?.lost[0]?.path.join('.').startsWith(path)).toBe(true);
    expect(read?.lost[0]?.reason).toContain(path);
  });

  test('a missing leaf is filled in and not missed; a missing section is another record', () => {
    expect(salvage(Job, applyEdits(sound, [{ path: 'joint.leg_mm', value: undefined }]), blank)).toEqual({
      data: sound,
      lost: [],
    });
    expect(salvage(Job, applyEdits(sound, [{ path: 'joint', value: undefined }]), blank)).toBeNull();
    for (const other of [null, 5, 'text', [], {}]) expect(salvage(Job, other, blank)).toBeNull();
  });

  test('whatever is put anywhere, the answer passes the schema or there is none', () => {
    const paths = [
      'title',
      'look',
      'look.wind_m_s',
      'metal.sideA.evidence',
      'order.pattern',
      'typed',
      'power.cord2',
    ];
    fc.assert(
      fc.property(fc.constantFrom(...paths), fc.jsonValue(), (path, value) => {
        const read = salvage(Job, applyEdits(sound, [{ path, value }]), blank);
        return read === null || Job.safeParse(read.data).success;
      }),
    );
  });
});
