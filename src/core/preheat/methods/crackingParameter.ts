import { ITO_BESSYO } from '../../units/sources';
import { asks, CARBON_END_pct, outside, OVER_CARBON, type PreheatMethod } from './method';

/** Hydrogen as glycerine shows it, from hydrogen by mercury: 0.67 H - 0.8, not under 0.5 (from memory). */
export const glycerine_ml = (hydrogen_ml: number): number => Math.max(0.5, 0.67 * hydrogen_ml - 0.8);

/** Tp = 1440 (Pcm + H/60 + t/600) - 392, °C, with hydrogen by glycerine (Ito and Bessyo 1968, from memory). */
export const crackingPreheat_C = (pcm: number, glycerine: number, thick_mm: number): number =>
  1440 * (pcm + glycerine / 60 + thick_mm / 600) - 392;

export const CRACKING_PARAMETER_METHOD: PreheatMethod = {
  id: 'cracking-parameter',
  name: 'Cracking parameter, Pcm',
  looksAt: 'Chemistry, thickness and hydrogen by glycerine; plates held fast.',
  source: ITO_BESSYO,
  judge(steel, { thick_mm, hydrogen_ml }) {
    const glycerine = glycerine_ml(hydrogen_ml);
    if (steel.carbon > CARBON_END_pct) return outside(OVER_CARBON);
    if (thick_mm < 19) return outside('Thinner than 19 mm.');
    if (thick_mm > 50) return outside('Thicker than 50 mm.');
    if (glycerine < 1) return outside('Less hydrogen than was tried.');
    if (glycerine > 5) return outside('Rod brings more hydrogen than was tried.');
    return asks(crackingPreheat_C(steel.pcm, glycerine, thick_mm));
  },
};
