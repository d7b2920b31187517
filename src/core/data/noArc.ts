import type { CheckId, SymptomId } from './noArcIds';

/** Finding out why there is no arc: what it does, where to look, in what order, and what to do about it. */

/** A place to look. */
export interface Check {
  name: string;
  /** What to do there. */
  look: string;
  /** What to do where that was it. */
  mend: string;
  /** What it does when the fault is here. */
  shows: readonly SymptomId[];
}

/** In the order that finds it soonest: first what is loose or dirty and can be seen. Common practice. */
export const CHECKS: Readonly<Record<CheckId, Check>> = {
  clamp: {
    name: 'Work clamp',
    look: 'Clamp on bright metal of the piece itself, near the weld, tight, and not hot to the touch. A painted or rusty bench carries nothing.',
    mend: 'Grind a bright patch, clamp hard on the piece. A worn spring or a burnt jaw: change the clamp.',
    shows: ['nothing', 'sparks', 'sticks'],
  },
  leads: {
    name: 'Leads and holder',
    look: 'Machine off. Plugs at the machine pushed in and turned tight; no cut, crushed or hot place along the leads; jaws of the holder clean.',
    mend: 'Tighten, clean, or change the lead. Never bind a bare place with tape and go on.',
    shows: ['nothing', 'sparks', 'sticks'],
  },
  pole: {
    name: 'Pole',
    look: 'Holder and clamp on the poles that this rod wants; a switch between AC and DC, or between stick and another process, set right.',
    mend: 'Machine off, swap the plugs.',
    shows: ['sparks', 'sticks'],
  },
  ocv: {
    name: 'Open-circuit volts',
    look: 'Meter on DC or AC as the machine gives, from holder to clamp, no rod touching. Dry gloves: these volts bite. A device that cuts the volts until the rod touches reads under 35 V and is no fault.',
    mend: 'None or far too few at the machine’s own plugs: the machine is at fault and goes to a repairer. Right there and missing at the holder: a lead.',
    shows: ['nothing', 'sparks', 'sticks'],
  },
  rod: {
    name: 'Rod',
    look: 'Tip with bare core showing, no glaze over it; coating whole; dry; a rod that this machine and pole can run; the bare end gripped, not the coating.',
    mend: 'Break the glaze off on a file, take a fresh rod, try another tin. A little more current or hot start for a rod that sticks.',
    shows: ['sparks', 'sticks'],
  },
  supply: {
    name: 'Supply',
    look: 'Lamp on the machine lit; breaker and residual-current switch in; plugs home; every cord off its drum; another load works on the same socket. Volts at the machine’s plug while somebody strikes: by somebody licensed for it.',
    mend: 'Shorter or heavier cord, another socket, nothing else on the circuit. A breaker that goes at once again: leave it off and have it looked at.',
    shows: ['nothing', 'sticks', 'trips'],
  },
  thermal: {
    name: 'Thermal lamp',
    look: 'Lamp for too hot lit, fan running, slots free. It comes back by itself: leave it switched on so that the fan cools it.',
    mend: 'Wait with the fan on, then rest as the duty says. Blow the dust out with the plug pulled.',
    shows: ['nothing', 'stops'],
  },
};
