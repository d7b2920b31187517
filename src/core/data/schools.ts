import { AWS_A5_1_CURRENT, PRACTICE, type Source } from '../units/sources';

/** Where welders disagree: each way with what it costs and what it buys, the one taken by default, and why that one. */

export interface Way {
  name: string;
  costs: string;
  buys: string;
}

export interface School {
  question: string;
  ways: Readonly<Record<string, Way>>;
  /** Key of the way that is taken where nobody says. */
  byDefault: string;
  why: string;
  source: Source;
}

const way = (name: string, buys: string, costs: string): Way => ({ name, buys, costs });

export const SCHOOLS = {
  structure: {
    question: 'Structure: stick or wire?',
    ways: {
      stick: way(
        'Stick',
        'puts up with wind, dirt and thickness, fuses what it touches',
        'slower, slag to chip, more stops',
      ),
      wire: way(
        'Wire with gas',
        'fast, long runs, little to clean',
        'clean metal and shelter only; over 10 mm it may lie on top and look sound',
      ),
    },
    byDefault: 'stick',
    why: 'Load, dirt and thickness rule on site. Both hold where they are done right: etch a scrap joint to decide.',
    source: PRACTICE,
  },
  'first-rod': {
    question: 'Is 6010 the rod to learn on?',
    ways: {
      yes: way(
        'Yes, 6010 first',
        'teaches to read and move the pool; the rest feels easy',
        'hard to hold, wants a machine that carries it, weeks of poor beads',
      ),
      no: way('No, 6013 or 7018 first', 'sound beads from the first week', 'pool control comes later'),
    },
    byDefault: 'no',
    why: 'A repair has to hold now, and many small machines will not run 6010 at all.',
    source: PRACTICE,
  },
  'moving-7018': {
    question: 'How is 7018 moved?',
    ways: {
      drag: way(
        'Straight drag',
        'no slag caught, low hydrogen kept, even legs',
        'narrow beads, more of them',
      ),
      weave: way(
        'Small weave, under 2.5 cores',
        'wets both sides, fewer beads',
        'more heat, slag at the edges if it grows wider',
      ),
    },
    byDefault: 'drag',
    why: 'What goes wrong with a drag is seen at once; what goes wrong with a weave lies underneath.',
    source: PRACTICE,
  },
  'force-7018': {
    question: 'Arc force with 7018: low or high?',
    ways: {
      low: way('Low', 'smooth arc, little spatter', 'may go out when held right in the joint'),
      high: way('Higher', 'can be pushed into the joint without sticking', 'a little spatter'),
    },
    byDefault: 'low',
    why: 'Most of a job is not the tight corner. Turn it up there.',
    source: PRACTICE,
  },
  'pole-on-sheet': {
    question: 'Sheet: which pole?',
    ways: {
      negative: way(
        'Electrode negative',
        'cooler on the plate, no undercut, bridges gaps, small mark behind',
        'shallow: the bead stands up like caulk and is welded over',
      ),
      positive: way(
        'Electrode positive',
        'measurably deeper, about 0.8 mm with 6013 on the flat',
        'burns through sooner',
      ),
    },
    byDefault: 'negative',
    why: 'With 1/16 and 5/64 rutile on 2 mm and under, holes are the trouble, not depth. From 2.5 mm up, and wherever strength matters, positive.',
    source: PRACTICE,
  },
  'negative-6011': {
    question: 'May 6011 run on electrode negative?',
    ways: {
      no: way('No', 'stays inside its class', 'deeper, holes thin sheet'),
      sheet: way(
        'On sheet to 2 mm that carries nothing',
        'fewer holes',
        'outside its class: a departure to be marked',
      ),
    },
    byDefault: 'no',
    why: 'The word on the rod says positive or AC. Never on a job under a code.',
    source: AWS_A5_1_CURRENT,
  },
  'rod-on-sheet': {
    question: 'Sheet: one run or stitches?',
    ways: {
      continuous: way('Continuous 6013', 'neat, even', 'warps; slag is caught at every restart'),
      stitched: way(
        'Stitched 6011: tack, tack, tack, come back between',
        'little warping, less slag caught',
        'slower, rougher to look at',
      ),
    },
    byDefault: 'continuous',
    why: 'The rod that sheet mostly gets runs so, end to end where it can. Stitch where warping would show.',
    source: PRACTICE,
  },
  'thin-to-thick': {
    question: 'Thin to thick: set for which?',
    ways: {
      lean: way(
        'Set for the thick one, lean onto it',
        'the thick side is truly fused',
        'one slip and the thin side is gone',
      ),
      flick: way(
        'Set for the thin one and 5 %, run on the thick side and flick over',
        'the thin side stays whole',
        'the thick side may only be wetted: warm it first',
      ),
    },
    byDefault: 'lean',
    why: 'While the thin side is 3 mm or more it forgives. Below that the other way.',
    source: PRACTICE,
  },
  'square-tube': {
    question: 'Square tube to plate: where do runs end?',
    ways: {
      backstep: way(
        'Backstep each side onto the start before',
        'every start is melted again while hot',
        'more starts',
      ),
      straight: way(
        'Straight on round, tie-ins off the corners',
        'fewer starts',
        'the rod must last, and corners come at the end of it',
      ),
    },
    byDefault: 'backstep',
    why: 'Cracks start at starts. Where a side is longer than a rod the tie-in goes mid-side, never on a corner.',
    source: PRACTICE,
  },
  strike: {
    question: 'How far ahead is the arc lit?',
    ways: {
      near: way('10 to 25 mm ahead', 'the strike is surely welded over', 'little time to settle the arc'),
      far: way(
        '50 to 75 mm ahead',
        'the arc is settled when it reaches the start',
        'a stray strike if the rod runs short',
      ),
    },
    byDefault: 'near',
    why: 'A strike left bare cracks, above all on steel that hardens.',
    source: PRACTICE,
  },
  'cast-iron': {
    question: 'Cast iron: hot, cold or brazed?',
    ways: {
      hot: way(
        'Hot: whole casting 500 to 650 °C, buried to cool a day',
        'machinable, fully fused',
        'a furnace, a day, and the whole casting out',
      ),
      cold: way(
        'Cold: 40 to 65 °C, nickel, 25 mm beads, peened',
        'in place, little pull',
        'a hard line beside the weld',
      ),
      braze: way('Brazed with bronze at dull red', 'no fused zone to crack', 'weak in heat, another colour'),
    },
    byDefault: 'cold',
    why: 'Big castings stay where they are. Hot for small ones that are to be machined; brazed where it will not be hot in service.',
    source: PRACTICE,
  },
  'aluminium-heat': {
    question: 'Aluminium: let it cool, or keep it hot?',
    ways: {
      cool: way(
        'Let it cool between beads, step the amps down',
        'the pool stays in hand, the temper suffers least',
        'slower',
      ),
      hot: way(
        'Keep it hot, bead on bead',
        'fast, fewer restarts',
        'only below its ceiling, and not on metal that was heat-treated',
      ),
    },
    byDefault: 'cool',
    why: 'Strength beside the weld falls to about half as it is; heat takes more.',
    source: PRACTICE,
  },
  'rod-oven': {
    question: 'One temperature for all rods?',
    ways: {
      one: way('About 50 °C for all', 'one box, simple', 'too low for basic rods: they take up water'),
      class: way('By class', 'each stays as it was made', 'two places to keep them'),
    },
    byDefault: 'class',
    why: 'Right for rutile, ruin for basic; and cellulosic rods must never see a hot oven.',
    source: PRACTICE,
  },
} as const satisfies Record<string, School>;

export type SchoolId = keyof typeof SCHOOLS;
export const SCHOOL_IDS = Object.keys(SCHOOLS) as [SchoolId, ...SchoolId[]];

/** A row, typed as the general shape. */
export const school = (id: SchoolId): School => SCHOOLS[id];
