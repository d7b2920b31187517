/**
 * The questions asked before any planning. 'refuse': a yes cannot be planned around. 'condition': it can be met on site,
 * so a promise to meet it becomes a hold point on the sheet. 'warn': may be planned, with a warning.
 */
export interface StopWorkQuestion {
  /** The thing asked about, read after the group's "Is it…". */
  ask: string;
  kind: 'refuse' | 'condition' | 'warn';
  /** refuse: why it stops. condition: the hold point. warn: the warning. */
  because: string;
  /** What to do instead, or what to do about it. */
  instead: string;
  /** Who has to decide. */
  decides: string;
  /** The honest middle between no and yes, where there is one. */
  middle?: StopWorkMiddle;
  /** How the thing is left safe until then. */
  safe?: string;
  /** It may hold pressure or vapour: no flame, no drill and no hot way round the arc either. */
  holdsVapour?: true;
}

/**
 * What makes it more than a plain yes. 'technique': under a competent person's procedure the sheet is the technique part of it, and
 * releases nothing. 'hold': made safe, it becomes a hold point.
 */
export interface StopWorkMiddle {
  kind: 'technique' | 'hold';
  /** The answer to press. */
  answer: string;
  /** The hold point, or what the procedure has to say. */
  because: string;
}

export interface StopWorkGroup {
  title: string;
  /** The group in one breath, so that one "no" is an honest answer to all of it. */
  breath: string;
  questions: Record<string, StopWorkQuestion>;
}

const SITE = 'the site and its permit issuer';
const MAKER = "the maker's procedure and a competent person";

const refuse = (
  ask: string,
  because: string,
  instead: string,
  decides: string,
  more: Pick<StopWorkQuestion, 'middle' | 'safe' | 'holdsVapour'> = {},
): StopWorkQuestion => ({
  ...more,
  ask,
  kind: 'refuse',
  because,
  instead,
  decides,
});
const technique = (answer: string, because: string): StopWorkMiddle => ({
  kind: 'technique',
  answer,
  because,
});
const hold = (answer: string, because: string): StopWorkMiddle => ({ kind: 'hold', answer, because });
const underProcedure = technique(
  'Under a competent person’s procedure for this very repair',
  'The procedure decides metal, preheat, rod, sequence and inspection; where it says otherwise than this sheet, it is right.',
);
const condition = (ask: string, because: string, instead: string): StopWorkQuestion => ({
  ask,
  kind: 'condition',
  because,
  instead,
  decides: SITE,
});

/** In the order they are asked. The first five are about the thing, the last two about the place and the current. */
export const STOP_WORK_GROUPS = {
  hollow: {
    title: 'Holds or held something',
    breath:
      'A tank, drum, container, pipe, boiler, gas cylinder, closed hollow section, or anything under pressure?',
    questions: {
      container: refuse(
        'a closed or once-filled tank, drum, container or pipe',
        'What it held, or steam, can explode when the arc touches it.',
        'Have it emptied, cleaned, gas tested and left open, with a certificate, or replace it.',
        'a competent person with a gas test',
        {
          holdsVapour: true,
          safe: 'Keep flame, sparks and hot work away from it. Open it to the air if it can be opened cold; tag it.',
          middle: technique(
            'Opened, emptied, cleaned, gas tested and left open by a competent person',
            'Emptied, cleaned, gas tested just before the arc and again after every break, and left open, by a competent person who signs.',
          ),
        },
      ),
      unvented: refuse(
        'a closed hollow section that cannot vent',
        'Air and damp shut inside it burst it when heated.',
        'Drill a vent at the low end first and answer again.',
        SITE,
        {
          middle: hold(
            'A vent is drilled at the low end and stays open',
            'Vent drilled at the low end, open, and not plugged while it is hot.',
          ),
        },
      ),
      pressure: refuse(
        'under pressure now, or has to hold pressure',
        'A repair to a pressure part needs a qualified procedure and a test.',
        'Depressurise and isolate; hand it to a pressure shop.',
        'the pressure inspector and a certified welder',
        {
          holdsVapour: true,
          safe: 'Isolate it, let the pressure down and lock it off. Tag it.',
          middle: technique(
            'Low-pressure water or air, isolated, drained and vented, with the responsible person’s consent',
            'Isolated, drained, vented and locked off; tested afterwards by whoever is responsible for it, never with air.',
          ),
        },
      ),
      cylinder: refuse(
        'a gas cylinder',
        'Cylinders are never repaired by welding.',
        'Tag it and return it.',
        'the gas supplier',
        { holdsVapour: true, safe: 'Stand it up, valve shut, away from heat. Tag it.' },
      ),
      boiler: refuse(
        'a boiler or its pressure parts',
        'Boiler repair is licensed work.',
        'Take it out of service and call the inspector.',
        'the boiler inspector',
        { holdsVapour: true, safe: 'Fire out, let it cool and the pressure down. Tag it.' },
      ),
      residue: refuse(
        'anything that held refrigerant or a chlorinated cleaner',
        'The arc turns what is left of it into phosgene and acid.',
        'Have it recovered and flushed by people equipped for it; then answer again.',
        'a competent person',
        {
          holdsVapour: true,
          middle: hold(
            'Recovered, flushed and blown through by a competent person',
            'Refrigerant or cleaner recovered, flushed and blown through; both ends open; extraction on.',
          ),
        },
      ),
      'zinc-inside': {
        ask: 'a closed tube or box galvanised inside',
        kind: 'warn',
        because: 'Its zinc boils inside and comes out of the vent: extraction at the vent, head out of it.',
        instead: '',
        decides: SITE,
      },
    },
  },
  lifting: {
    title: 'Lifts, hangs or carries people',
    breath:
      'A hook, lug, chain, shackle, rope fitting, fork, boom, tow or drag point, or anything that falls onto people if it breaks?',
    questions: {
      'lifting-gear': refuse(
        'lifting gear: hook, lug, chain, shackle, wire rope fitting',
        'The heat takes the strength that its certificate promises.',
        'Replace it and scrap the old one.',
        MAKER,
        { safe: 'Take it out of use and tag it.', middle: underProcedure },
      ),
      boom: refuse(
        'a fork, boom, jib or lifting frame',
        'It carries a load over people on steel of unknown treatment.',
        'Take it out of use; ask the maker for a repair procedure.',
        MAKER,
        { safe: 'Take it out of use and tag it.', middle: underProcedure },
      ),
      overhead: refuse(
        'something that falls onto people if it breaks',
        'A repair nobody has inspected would hang over people.',
        'Prop it, keep people out, get it designed and inspected.',
        'an engineer and an inspector',
        { safe: 'Prop it and keep people out from under it.', middle: underProcedure },
      ),
      people: refuse(
        'a tow, hold or step that carries a person',
        'It carries people.',
        'Replace it with a certified part.',
        MAKER,
      ),
      'drag-point': {
        ask: 'a pull, tie-down or drag point that never lifts a load or carries a person',
        kind: 'warn',
        because: 'Think where it flies if it breaks: keep people out of that line, mark it DRAG ONLY.',
        instead: '',
        decides: SITE,
      },
    },
  },
  vehicle: {
    title: 'Vehicle or stored force',
    breath:
      'Steering, suspension, brake, wheel or roll-over part, a tyre still fitted, a gas strut, accumulator or shock absorber?',
    questions: {
      'vehicle-safety': refuse(
        'a steering, suspension, brake, wheel or roll-over part',
        'It fails at speed, and its steel is usually treated.',
        'Replace it.',
        "the vehicle maker's repair instructions",
      ),
      tyre: refuse(
        'a wheel with its tyre fitted',
        'A heated tyre explodes, minutes later too.',
        'Take the tyre off, not only down.',
        'a tyre fitter',
        { safe: 'Let the pressure down by the valve, from the side, if it is cold. Never heat it.' },
      ),
      'stored-force': refuse(
        'a gas strut, accumulator or shock absorber',
        'It bursts when heated.',
        'Replace it.',
        "the maker's instructions",
        { safe: 'Do not heat, drill or cut it. Tag it.' },
      ),
      electrics: {
        ask: 'a vehicle with its batteries or airbags still connected',
        kind: 'warn',
        because:
          'Disconnect every battery, earth last, and wait as its maker says; airbags and belt tensioners out of the heat or off.',
        instead: '',
        decides: SITE,
      },
    },
  },
  coded: {
    title: 'Under a code',
    breath: 'Structural steel under a code, rail, aircraft, or pipe that will be X-rayed?',
    questions: {
      structural: refuse(
        'structural steel under a code',
        'It needs a qualified procedure, a qualified welder and inspection.',
        'Take this plan to the engineer as a proposal only.',
        'the engineer and the building authority',
        { middle: underProcedure },
      ),
      rail: refuse(
        'rail or a rail vehicle',
        'Rail work is licensed.',
        'Call the track owner.',
        'the track owner',
      ),
      aircraft: refuse(
        'part of an aircraft',
        'Aircraft repair is licensed.',
        'Ground it and call a licensed engineer.',
        'a licensed aircraft engineer',
      ),
      radiographed: refuse(
        'pipe or plate that will be X-rayed',
        'It needs a qualified procedure and a qualified welder.',
        'Use the qualified procedure.',
        'the client and the inspector',
        { middle: underProcedure },
      ),
    },
  },
  condition: {
    title: 'Hardened, or burns',
    breath: 'A heat-treated or quenched part whose strength matters, or magnesium chips and swarf about?',
    questions: {
      'heat-treated': refuse(
        'a heat-treated or quenched-and-tempered part whose strength matters',
        'The weld softens a band beside it, and nobody can see it.',
        'Replace it, or get a procedure with the heat treatment.',
        MAKER,
        { middle: underProcedure },
      ),
      swarf: refuse(
        'near magnesium chips or swarf',
        'They burn white hot and water makes it worse.',
        'Clear them away, dry, and keep a class D extinguisher by.',
        SITE,
        {
          safe: 'Never water on burning magnesium: dry sand or a class D extinguisher.',
          middle: hold(
            'Cleared away dry, class D extinguisher at hand',
            'Chips and swarf cleared away dry; class D extinguisher or dry sand within reach.',
          ),
        },
      ),
    },
  },
  site: {
    title: 'The place',
    breath: 'What must be so before you strike.',
    questions: {
      permit: condition(
        'hot-work permit where the site wants one',
        'Hot-work permit in hand.',
        'Get the permit.',
      ),
      clear: condition(
        'clear of anything that burns for 11 m (35 ft), and a fire watch',
        '11 m (35 ft) clear or covered; fire watch posted, and kept at least 60 minutes after the last arc.',
        'Move it outside or clear the area.',
      ),
      behind: condition(
        'what is behind, below and inside: other side of the wall, floors below, foam, upholstery, lining, cables',
        'Looked behind, below and inside: foam, upholstery, lining and cables out or covered, a watch on the other side.',
        'Take it out or cover it; post a watch on the other side.',
      ),
      dust: condition(
        'no dust that burns, lying or in the air: grain, flour, wood, coal, sugar, plastic, light metal',
        'No dust that burns, lying or in the air; swept or wetted down where it was.',
        'Clean it away first, without blowing it about.',
      ),
      air: condition(
        'air: no confined space, or a permit and ventilation',
        'Ventilation running; confined-space permit and a watcher if it is one.',
        'Bring it out into the open, or get the permit and ventilation.',
      ),
      dry: condition(
        'dry: no rain, wet clothing or standing water, on AC or DC',
        'Work, gloves and footing dry. In wet or cramped metal places: a machine marked for it (open circuit at most 48 V rms AC or 113 V DC), or a voltage-reducing device.',
        'Wait, tent it, or bring it in.',
      ),
    },
  },
  current: {
    title: 'The current',
    breath: 'Where it goes back.',
    questions: {
      return: condition(
        'work clamp on clean metal of the piece itself, near the weld, so that no current goes through a bearing, gear, hinge, chain, wire rope, rod, slide, spring or electronics',
        'Work clamp on clean metal of the piece, near the weld. Batteries and electronics disconnected. No current through bearings, gears, hinges, chains, ropes, hydraulic rods, slides, springs.',
        'Take the part off, or find a clean place on the piece itself.',
      ),
    },
  },
} as const satisfies Record<string, StopWorkGroup>;

export type StopWorkGroupId = keyof typeof STOP_WORK_GROUPS;
export const STOP_WORK_GROUP_IDS = Object.keys(STOP_WORK_GROUPS) as StopWorkGroupId[];

/** A group's row, typed as the general shape. */
export const stopWorkGroup = (id: StopWorkGroupId): StopWorkGroup => STOP_WORK_GROUPS[id];

/** Every question by its id, in order, with the group it stands in. */
export const STOP_WORK_QUESTIONS: readonly {
  id: string;
  group: StopWorkGroupId;
  question: StopWorkQuestion;
}[] = STOP_WORK_GROUP_IDS.flatMap((group) =>
  Object.entries(stopWorkGroup(group).questions).map(([id, question]) => ({ id, group, question })),
);
