import { refuseNumber } from '../formats/fields';
import type { JobEdit, JobNumberPath } from '../formats/paths';
import { gaugeThickness_mm } from '../units/gauges';
import { inWords } from '../units/format';
import type { UnitSystem } from '../units/kinds';
import type { AddChip, Sentence } from './sentence';

/** Not the end of a word: the 1 of T1 is no size. "50x3" is one. */
const NUMBER = String.raw`(?<![a-wyz\d./])(\d+ \d+\/\d+|\d+\/\d+|\d*\.?\d+)`;
const LENGTH_UNIT = String.raw`(mm|mil+s?|millimet(?:re|er)s?|cm|centimet(?:re|er)s?|m\b|met(?:re|er)s?|inch(?:es)?|in\b|"|feet|foot|ft|')?`;
const SIZE = `${NUMBER}[ -]?${LENGTH_UNIT}`;

/** Millimetres of a number with its unit; bare, inches where it is a fraction, else what the reader works in. */
function sizeOf(number: string, unit: string | undefined, system: UnitSystem): number {
  const value = number
    .split(' ')
    .reduce((sum, part) => sum + (part.includes('/') ? fraction(part) : Number(part)), 0);
  const by = unit ?? (number.includes('/') || system === 'inch' ? 'in' : 'mm');
  if (/^(?:mm|mil)/.test(by)) return value;
  if (/^(?:cm|cent)/.test(by)) return 10 * value;
  if (/^(?:m$|met)/.test(by)) return 1000 * value;
  if (/^(?:f|')/.test(by)) return 304.8 * value;
  return 25.4 * value;
}

function fraction(part: string): number {
  const [top = 0, below = 1] = part.split('/').map(Number);
  return below === 0 ? NaN : top / below;
}

/** A number at a path, where the field takes it. */
export function at(path: JobNumberPath, value: number, system: UnitSystem): JobEdit[] | null {
  const rounded = Number(value.toPrecision(6));
  return refuseNumber(path, rounded, system) === null ? [{ path, value: rounded } as JobEdit] : null;
}

/** A square of less is a wall, not a tube. */
const LEAST_TUBE_mm = 15;

/** Not behind what is round: that is how thick it is through, and no wall. */
const NOT_ROUND = '(?<!(?:shaft|bar|pin|boss|hub|diameter|dia|round|bore|stub)(?: of)? )';

/** What is said without a word for it is the thickness to here, and how long the weld is from here on. Our judgement. */
const LEAST_LENGTH_mm = 60;

/** A T-fillet with its size, and another size that is neither a length nor across. */
const BESIDE_LEG = String.raw`t[- ]fillets?(?: of)? ${SIZE}(?! ?(?:long|thick|plate|wall|sheet|steel|to\b|onto\b)).*${NUMBER} ?(?:mm|inch(?:es)?|in\b|")(?! ?(?:long|of weld|length|run|gap|od|dia|pipe|root|deep|wide|apart|crack))`;

/** A face that is built up. */
const BUILT_UP = /build ?up|built up|\bpad(?:ded)?\b|hard ?fac|over ?lay|worn/;

/** Sizes with what they are of; a bare one is the thickness. */
export function readSizes(sentence: Sentence, system: UnitSystem, chip: AddChip): void {
  const say = inWords(system);
  const of = (id: string, name: string, path: JobNumberPath, pattern: string, [n, u]: [number, number]) => {
    const found = sentence.takeIf(new RegExp(pattern), (match) => {
      const mm = sizeOf(match[n] ?? '', match[u], system);
      const edits = at(path, mm, system);
      return edits && { said: match[0], mm, edits };
    });
    if (found) chip(id, `${name} ${say.size(found.mm)}`, found.said, found.edits);
    return found;
  };
  // How long a crack is, is not how thick the part.
  of(
    'crack',
    'Crack',
    'repair.crackLength_mm',
    String.raw`${SIZE} (?:long )?(?:hairline )?cracks?\b`,
    [1, 2],
  ) ??
    of(
      'crack',
      'Crack',
      'repair.crackLength_mm',
      String.raw`crack(?:s|ed)?(?: (?:of|is|about|for|runs))* (?:about |some )?${SIZE}(?: long)?(?! ?(?:thick|plate|wall|sheet|deep|from))`,
      [1, 2],
    );
  const angle = sentence.takeIf(/\b(\d{2,3}) ?(?:degrees?|deg|°)(?! ?[cf]\b)(?: included)?/, (match) => {
    const edits =
      sentence.has(/\bv\b|\bvee|groove|bevel|included/) &&
      at('joint.includedAngle_deg', Number(match[1]), system);
    return edits ? { said: match[0], edits } : null;
  });
  if (angle) chip('angle', `Included angle ${angle.said.trim()}`, angle.said, angle.edits);
  of('gap', 'Gap', 'joint.gap_mm', String.raw`(?:gap|opening|gapped)(?: of| is| about)? ${SIZE}`, [1, 2]);
  of('gap', 'Gap', 'joint.gap_mm', String.raw`${SIZE} (?:(?:root |open )?gap|root opening|opening)`, [1, 2]);
  of('leg', 'Leg', 'joint.leg_mm', String.raw`${SIZE} (?:leg|fillet)`, [1, 2]);
  of('leg', 'Leg', 'joint.leg_mm', String.raw`leg(?: of)? ${SIZE}`, [1, 2]);
  of(
    'leg',
    'Leg',
    'joint.leg_mm',
    String.raw`(?<!t[- ])fillets?(?: welds?)?(?: of)? ${SIZE}(?! ?(?:long|thick|plate|wall|sheet|steel|to\b|onto\b))`,
    [1, 2],
  );
  // Of a T it is the leg only where another size is left for the plate.
  if (sentence.has(new RegExp(BESIDE_LEG)))
    of('leg', 'Leg', 'joint.leg_mm', String.raw`t[- ]fillets?(?: of)? ${SIZE}`, [1, 2]);
  of('length', 'Length', 'joint.length_mm', String.raw`${SIZE} (?:long|of weld|length|run)`, [1, 2]);
  of(
    'length',
    'Length',
    'joint.length_mm',
    String.raw`(?:length(?: of)?|weld is|long about) ${SIZE}`,
    [1, 2],
  );
  of(
    'pipe',
    'Pipe outside',
    'joint.pipeDiameter_mm',
    String.raw`${SIZE} (?:od|dia(?:meter)?|pipe|bore)\b`,
    [1, 2],
  );
  // A pipe is told by its outside, not by its wall.
  const across = sentence.takeIf(
    new RegExp(
      String.raw`(?:pipe|tube) (?:of )?${SIZE}|${SIZE} (?!square|box|rect|hollow|wall|thick)(?:\w+ )?(?:pipe|tube)\b`,
    ),
    (match) => {
      const mm = sizeOf(match[1] ?? match[3] ?? '', match[2] ?? match[4], system);
      const edits = mm >= LEAST_TUBE_mm ? at('joint.pipeDiameter_mm', mm, system) : null;
      return edits && { said: match[0], mm, edits };
    },
  );
  if (across) chip('pipe', `Pipe outside ${say.size(across.mm)}`, across.said, across.edits);
  // Of a face that is built up: how high and how wide.
  if (sentence.has(BUILT_UP)) {
    const after = String.raw`(?:build ?up|built up|padd?(?:ed)?)(?: (?:it|by|to|of|about))* ${SIZE}(?! ?(?:wide|long|thick))`;
    of('pad-high', 'Built up', 'joint.padHeight_mm', after, [1, 2]) ??
      of(
        'pad-high',
        'Built up',
        'joint.padHeight_mm',
        String.raw`${SIZE} (?:high|of build ?up|gone|worn (?:away|off|down))`,
        [1, 2],
      );
    of('pad-wide', 'Wide', 'joint.padWidth_mm', String.raw`${SIZE} wide`, [1, 2]);
  }
  of('depth', 'Depth', 'joint.depth_mm', String.raw`${SIZE} deep`, [1, 2]);
  of('room', 'Free room', 'look.clearance_mm', String.raw`${SIZE} (?:of )?(?:room|clearance|space)`, [1, 2]);
  // A bar is told by both its sides: the thinner is how thick it is.
  const bar = sentence.takeIf(/\b(\d+) ?(?:x|by|×) ?(\d+)(?: ?mm)? (?=flat|bar|strap|strip)/, (match) => {
    const mm = Math.min(Number(match[1]), Number(match[2]));
    const edits = system === 'metric' ? at('joint.thicknessA_mm', mm, system) : null;
    return edits && { said: match[0], mm, edits };
  });
  if (bar) chip('thickness', `Thickness ${say.size(bar.mm)}`, bar.said, bar.edits);
  const gauge = sentence.takeIf(/(\d+) ?(?:ga|gauge|swg)\b/, (match) => {
    const mm = gaugeThickness_mm('steel', Number(match[1]));
    return mm === null ? null : { said: match[0], mm };
  });
  if (gauge)
    chip('thickness', `Thickness ${say.size(gauge.mm)}`, gauge.said, [
      { path: 'joint.thicknessA_mm', value: gauge.mm },
    ]);
  const tube = sentence.take(new RegExp(String.raw`\b(\d+) ?(?:x|by|×) ?(\d+) ?(?:x|by|×) ?${SIZE}`));
  if (tube) {
    const wall = sizeOf(tube[3] ?? '', tube[4], system);
    chip('thickness', `Wall ${say.size(wall)}`, tube[0], at('joint.thicknessA_mm', wall, system) ?? []);
    chip('tube', `Tube ${tube[1]} by ${tube[2]}`, tube[0], [
      ...(at('joint.tubeWidth_mm', sizeOf(tube[1] ?? '', undefined, system), system) ?? []),
      ...(at('joint.tubeHeight_mm', sizeOf(tube[2] ?? '', undefined, system), system) ?? []),
    ]);
  }
  const square = sentence.takeIf(
    new RegExp(String.raw`${SIZE} (?:square|box|rectangular)(?: (?:tube|section))?`),
    (match) => {
      const mm = sizeOf(match[1] ?? '', match[2], system);
      const edits = [at('joint.tubeWidth_mm', mm, system), at('joint.tubeHeight_mm', mm, system)];
      // A small box is told by its wall.
      return mm >= LEAST_TUBE_mm && edits[0] && edits[1]
        ? { said: match[0], mm, edits: [...edits[0], ...edits[1]] }
        : null;
    },
  );
  if (square) chip('tube', `Tube ${say.size(square.mm)}`, square.said, square.edits);
  const pair = sentence.takeIf(
    new RegExp(
      String.raw`\b${SIZE}((?: [a-z]+){0,3}?) (?:to|on|onto|over|against|into) ((?:[a-z]+ ){0,3}?)${SIZE}(?! ?(?:long|deep|run))`,
    ),
    (match) => {
      const [a, b] = [
        sizeOf(match[1] ?? '', match[2] ?? match[6], system),
        sizeOf(match[5] ?? '', match[6], system),
      ];
      const edits = [at('joint.thicknessA_mm', a, system), at('joint.thicknessB_mm', b, system)];
      const between = `${match[3] ?? ''} ; ${match[4] ?? ''}`;
      return edits[0] && edits[1]
        ? { said: match[0], a, b, between, edits: [...edits[0], ...edits[1]] }
        : null;
    },
  );
  if (pair) {
    sentence.give(pair.between);
    chip('thickness', `${say.size(pair.a)} to ${say.size(pair.b)}`, pair.said, [
      ...pair.edits,
      { path: 'joint.sameThickness', value: pair.a === pair.b },
    ]);
  }
  of(
    'thickness',
    'Thickness',
    'joint.thicknessA_mm',
    String.raw`${SIZE} (?:thick|wall|plate|sheet|steel|flat ?bar|angle|channel|section|box)\b`,
    [1, 2],
  );
  // So long a bare size is no thickness: it is how long the weld is.
  const long = sentence.takeIf(
    new RegExp(
      String.raw`${NOT_ROUND}${SIZE}(?! ?(?:dia|diameter|od|bore|round|shaft|bar|pin|wide|high|tall|from|above|below|apart|to\b|onto\b))`,
    ),
    (match) => {
      const mm = match[2] === undefined ? 0 : sizeOf(match[1] ?? '', match[2], system);
      const edits = mm >= LEAST_LENGTH_mm ? at('joint.length_mm', mm, system) : null;
      return edits && { said: match[0], mm, edits };
    },
  );
  if (long) chip('length', `Length ${say.size(long.mm)}`, long.said, long.edits);
  if (pair) return;
  // How thick a round is counts only where nothing else is said.
  const bare = (behind: string, pattern: string, groups: [number, number]) =>
    of('thickness', 'Thickness', 'joint.thicknessA_mm', `${behind}${pattern}`, groups);
  const unit = String.raw`${NUMBER}[ -]?(mm|mil+s?|millimet(?:re|er)s?|inch(?:es)?|in\b|")`;
  const fraction = String.raw`(?<![\d/.])(\d+\/\d+)()`;
  bare(NOT_ROUND, unit, [1, 2]) ??
    bare(NOT_ROUND, fraction, [1, 99]) ??
    bare('', unit, [1, 2]) ??
    bare('', fraction, [1, 99]);
}
