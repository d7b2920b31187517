import { WIND_ASSUMED_m_s } from '../../data/limits';
import { edited, only, type Doubts } from './doubt';

/** What is not known of the piece, its place and the hand. */

export const gap: Doubts = ({ entered }) =>
  only(entered.joint.gap_mm === null && entered.joint.kind !== null, {
    id: 'gap',
    name: 'the gap',
    stop: 'joint',
    find: 'Push a feeler gauge or a rod’s core into it.',
    find_min: 1,
    supposed: [0, 1.5, 3].map((mm) => edited(`${mm} mm`, [{ path: 'joint.gap_mm', value: mm }])),
  });

/** What is measured is so to within a tenth: worn, pitted, painted. */
const THICKNESS_DOUBT = 0.1;
export const thickness: Doubts = ({ entered }) => {
  const { thicknessA_mm } = entered.joint;
  return only(thicknessA_mm !== null, {
    id: 'thickness',
    name: 'the thickness at its thinnest',
    stop: 'joint',
    find: 'Callipers at the edge, or a small hole, where it is worn most.',
    find_min: 3,
    supposed: [1 - THICKNESS_DOUBT, 1, 1 + THICKNESS_DOUBT / 2].map((share) =>
      edited(`${Number(((thicknessA_mm ?? 0) * share).toFixed(2))} mm`, [
        { path: 'joint.thicknessA_mm', value: (thicknessA_mm ?? 0) * share },
      ]),
    ),
  });
};

export const wind: Doubts = ({ entered }) => {
  const { place, wind_m_s } = entered.look;
  const { low, nominal, high } = WIND_ASSUMED_m_s[place ?? 'outdoors'];
  return only(wind_m_s === null && place === 'outdoors', {
    id: 'wind',
    name: 'the wind at the arc',
    stop: 'look',
    find: 'Watch smoke or a thread beside the joint.',
    find_min: 1,
    supposed: [low, nominal, high].map((value) => edited(`${value} m/s`, [{ path: 'look.wind_m_s', value }])),
  });
};

export const air: Doubts = ({ entered }) =>
  only(entered.look.air_C === null, {
    id: 'air',
    name: 'how cold it is',
    stop: 'look',
    find: 'Read a thermometer; touch the metal.',
    find_min: 1,
    supposed: [-5, 15, 32].map((value) => edited(`${value} °C`, [{ path: 'look.air_C', value }])),
  });

export const surface: Doubts = ({ entered }) =>
  only(entered.look.surface === null, {
    id: 'surface',
    name: 'how clean it comes',
    stop: 'look',
    find: 'Grind a patch as big as a hand.',
    find_min: 2,
    supposed: [
      edited('bright', [{ path: 'look.surface', value: 'bright' }]),
      edited('scale or light rust', [{ path: 'look.surface', value: 'scale' }]),
      edited('rust or paint that stays', [{ path: 'look.surface', value: 'rust' }]),
    ],
  });

export const hand: Doubts = ({ entered }) =>
  only(entered.rod.skill === null, {
    id: 'hand',
    name: 'how sure the hand is',
    stop: 'rod',
    find: 'One bead on scrap.',
    find_min: 5,
    supposed: [
      edited('some beads', [{ path: 'rod.skill', value: 'new' }]),
      edited('every week', [{ path: 'rod.skill', value: 'steady' }]),
    ],
  });

export const restraint: Doubts = ({ entered }) =>
  only(entered.heat.restraint === null, {
    id: 'restraint',
    name: 'how fast the joint is held',
    stop: 'heat',
    find: 'Look what would have to give for it to pull in.',
    find_min: 1,
    supposed: [
      edited('free', [{ path: 'heat.restraint', value: 'low' }]),
      edited('as in most repairs', [{ path: 'heat.restraint', value: 'medium' }]),
      edited('held fast', [{ path: 'heat.restraint', value: 'high' }]),
    ],
  });

export const piece: Doubts = ({ entered }) =>
  only(entered.heat.pieceWidth_mm === null && entered.joint.kind !== null, {
    id: 'piece',
    name: 'how wide the piece is',
    stop: 'heat',
    find: 'A tape across the weld.',
    find_min: 1,
    supposed: [80, 300, 1000].map((mm) => edited(`${mm} mm`, [{ path: 'heat.pieceWidth_mm', value: mm }])),
  });

export const residual: Doubts = ({ entered, blow }) =>
  only(entered.order.residual_G === null && blow?.piece.magnetic === true, {
    id: 'residual',
    name: 'whether the steel is magnetic already',
    stop: 'order',
    find: 'Hang a paper clip at the edge, or hold a field meter there.',
    find_min: 1,
    supposed: [
      { ...edited('not magnetic', [{ path: 'order.residual_G', value: 0 }]), odds: 19 },
      { ...edited('20 G', [{ path: 'order.residual_G', value: 20 }]), odds: 1 },
    ],
  });

export const tolerance: Doubts = ({ entered }) =>
  only(entered.order.tolerance_mm === null, {
    id: 'tolerance',
    name: 'how much it may move',
    stop: 'order',
    find: 'Ask who fits it afterwards.',
    find_min: 2,
    supposed: [1, 3, 8].map((value) => edited(`${value} mm`, [{ path: 'order.tolerance_mm', value }])),
  });
