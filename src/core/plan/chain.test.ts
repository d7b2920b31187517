import fc from 'fast-check';
import { demoJob } from '../../../tests/support/demo';
import { DEMO_KIT } from '../../demo/kit';
import { assess } from './assess';
import { powerChain, weakestLink } from './chain';

const at = (edits: Record<string, unknown> = {}, id = 'ramp-guard') => {
  const assessment = assess(demoJob(id, edits), DEMO_KIT);
  return { ...assessment, chain: powerChain(assessment.situation, assessment.rooms) };
};
const named = (chain: ReturnType<typeof at>['chain'], id: string) => chain?.find((link) => link.id === id);

describe('the chain from socket to arc', () => {
  test('what leaves the source is what the arc gives and what every link keeps (Kirchhoff)', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 40, max: 150 }),
        fc.integer({ min: 1, max: 60 }),
        fc.constantFrom('mm2-2.5', 'mm2-4', 'mm2-6'),
        fc.constantFrom(null, 'leads-short', 'leads-long'),
        fc.constantFrom('workshop-32', 'far-pier'),
        fc.constantFrom(null, 15),
        (amps, cord, size, leads, supply, second) => {
          const { chain } = at({
            'rod.current_A': amps,
            'power.cordLength_m': cord,
            'power.cordSize': size,
            'power.leadsId': leads,
            'power.supplyId': supply,
            'power.cord2.length_m': second,
          });
          if (!chain) return;
          const [source, ...rest] = chain;
          expect(rest.reduce((sum, link) => sum + link.power_W, 0)).toBeCloseTo(source?.power_W ?? NaN, 6);
          for (const link of chain) expect(link.power_W).toBeGreaterThanOrEqual(0);
        },
      ),
    );
  });

  test('volts only fall on the way, and the arc burns at what the leads leave', () => {
    const { chain } = at({ 'power.leadsId': 'leads-long' });
    const volts = (id: string) => named(chain, id)?.volts_V ?? NaN;
    expect(volts('cord')).toBeLessThan(volts('source'));
    expect(volts('arc')).toBeLessThan(volts('machine'));
    expect(volts('clamp')).toBe(volts('arc'));
    expect(volts('clamp')).toBeLessThan(volts('leads'));
    // IEC 60974-1: 20 + 0.04 I at the machine.
    expect(volts('machine')).toBeCloseTo(20 + 0.04 * (named(chain, 'arc')?.current_A ?? NaN), 9);
  });

  test('no cord and leads not named are left out; a machine with a battery is its own source', () => {
    const { chain } = at({ 'power.cordLie': 'none' });
    expect(named(chain, 'cord')).toBeUndefined();
    expect(at({ 'power.machineId': 'battery-120' }).chain?.map(({ id }) => id)).toEqual([
      'machine',
      'clamp',
      'arc',
    ]);
    expect(named(chain, 'leads')).toBeUndefined();
  });

  test('the weakest link is the one that holds the tightest limit: on the far pier the cord', () => {
    const { chain, rooms } = at({ 'rod.current_A': 60 }, 'pier-ladder');
    if (chain) expect(weakestLink(chain, rooms)?.id).toBe('cord');
    const { chain: none } = at({ 'power.cordLength_m': 400, 'power.cordSize': 'mm2-1.5' });
    expect(none).toBeNull();
  });
});
