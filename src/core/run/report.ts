import { rodsOfPass } from '../rods/counts';
import Papa from 'papaparse';
import { TROUBLES } from '../data/troubles';
import { metalFamily } from '../data/metals';
import { ROD_SIZES } from '../data/rodSizes';
import { NUMBER_FIELDS, numberField, type NumberPath } from '../formats/fields';
import type { Report } from '../formats/report';
import { DATA_VERSION } from '../formats/upgrade';
import { checksFor } from '../plan/checks/checks';
import { findingInWords } from '../plan/checks/finding';
import type { Assessment } from '../plan/assess';
import { inWords, trimmed } from '../units/format';
import type { UnitSystem } from '../units/kinds';
import { passTitle } from './items';
import type { RunState } from './run';

const iso = (ms: number | null): string | null => (ms === null ? null : new Date(ms).toISOString());

/** The work as it is handed on: every pass planned against what happened, steps, readings, troubles and checks. */
export function reportOf({ situation }: Assessment, { seen, count, items }: RunState): Report {
  const { job, machine, supply, wants } = situation;
  const checks = checksFor(situation);
  return {
    format: 'elbow-room-report',
    version: DATA_VERSION,
    job: { id: job.id, title: job.title, part: job.look.part, broke: job.look.broke },
    begun: iso(seen.begun_ms),
    finished: iso(seen.finished_ms),
    machine: machine?.value.name ?? '',
    supply: supply?.value.name ?? '',
    metal: wants.families.map((id) => metalFamily(id).name).join(', '),
    passes: count.passes.map((one) => ({
      pass: one.pass,
      title: passTitle(one, count.passes.length),
      planned: one.planned && {
        rodClass: one.planned.rod.rodClass,
        size: one.planned.rod.size,
        current_A: one.planned.rod.current_A,
        arc_s: one.planned.rods * one.planned.arcPerRod_s,
        rods: rodsOfPass(one.planned),
        // Laid without a covered rod: what with, in words.
        ...(one.planned.rod.by ? { by: one.planned.rod.by.words } : {}),
      },
      current_A: one.current_A,
      arc_s: one.arc_s,
      rods: one.rods,
      begun: iso(one.begun_ms),
      done: iso(one.done_ms),
      full: one.full,
    })),
    rods: count.rods.map((kind) => ({ ...kind })),
    steps: items
      .filter(({ pass }) => pass === null)
      .map(({ title, state, at_ms, words }) => ({ step: title, state, at: iso(at_ms), words })),
    readings: seen.readings.map(({ at_ms, temperature_C }) => ({ at: iso(at_ms), temperature_C })),
    measured: Object.values(job.readings)
      .map(({ at, into, says, name, serial }) => ({
        at,
        what: into in NUMBER_FIELDS ? numberField(into as NumberPath).label : 'Test of the metal',
        says,
        by: `${name}, number ${serial}`,
      }))
      .sort((a, b) => a.at.localeCompare(b.at)),
    troubles: seen.troubles.map(({ at_ms, what, pass, words, settled }) => ({
      at: iso(at_ms),
      what: TROUBLES[what].name,
      pass,
      words,
      settled,
    })),
    checks: Object.entries(job.checks).flatMap(([id, result]) =>
      result === undefined ? [] : [{ name: checks.find((one) => one.id === id)?.name ?? id, ...result }],
    ),
    notes: seen.notes.map(({ at_ms, words }) => ({ at: iso(at_ms), words })),
    odd: [...seen.odd],
  };
}

const COLUMNS = [
  'pass',
  'title',
  'rod',
  'size',
  'planned A',
  'A',
  'planned arc s',
  'arc s',
  'planned rods',
  'rods',
  'begun',
  'done',
] as const;

/** The passes as a table, for a spreadsheet: nothing in it is taken for a formula. */
export const reportCsv = ({ passes }: Report): string =>
  Papa.unparse(
    {
      fields: [...COLUMNS],
      data: passes.map(({ pass, title, planned, current_A, arc_s, rods, begun, done }) => [
        pass,
        title,
        planned?.by ?? planned?.rodClass ?? '',
        planned?.by === undefined ? (planned?.size ?? '') : '',
        planned?.current_A ?? '',
        current_A === null ? '' : trimmed(current_A, 0),
        planned ? trimmed(planned.arc_s, 0) : '',
        trimmed(arc_s, 0),
        planned ? trimmed(planned.rods, 1) : '',
        trimmed(rods, 1),
        begun ?? '',
        done ?? '',
      ]),
    },
    { escapeFormulae: true },
  );

/** Typed words as they are, and not as marks of Markdown. */
const plain = (words: string): string =>
  words.replace(/([\\`*_{}[\]<>#|])/g, '\\$1').replace(/\s*\n\s*/g, ' ');

/** The report as a page of text. @param clock tells a moment as the reader's clock does */
export function reportMarkdown(report: Report, system: UnitSystem, clock: (iso: string) => string): string {
  const say = inWords(system);
  const at = (iso_: string | null) => (iso_ === null ? 'not yet' : clock(iso_));
  const list = (title: string, lines: readonly string[]) =>
    lines.length === 0 ? [] : [`## ${title}`, '', ...lines.map((line) => `- ${line}`), ''];
  return [
    `# Done: ${plain(report.job.title) || 'Untitled job'}`,
    '',
    `Begun ${at(report.begun)}, finished ${at(report.finished)}.`,
    '',
    ...(report.job.part ? [`Part: ${plain(report.job.part)}`, ''] : []),
    ...(report.metal ? [`Metal: ${report.metal}`, ''] : []),
    ...(report.machine
      ? [`Machine: ${plain(report.machine)}${report.supply ? `, ${plain(report.supply)}` : ''}`, '']
      : []),
    ...list(
      'Passes',
      report.passes.map((one) => passLine(one, say.time)),
    ),
    ...list(
      'Rods',
      report.rods.map(({ rodClass, size, count }) => `${trimmed(count, 1)} ${rodClass} ${inchesOf(size)}`),
    ),
    ...list(
      'Steps',
      report.steps.map(
        ({ step, state, at: when, words }) =>
          `${step}: ${state === 'open' ? 'not ticked' : `${state} ${at(when)}`}${words ? `, ${plain(words)}` : ''}`,
      ),
    ),
    ...list(
      'Temperatures read',
      report.readings.map(({ at: when, temperature_C }) => `${at(when)}: ${say.temperature(temperature_C)}`),
    ),
    ...list(
      'By instruments',
      report.measured.map(({ at: when, what, says, by }) => `${at(when)}: ${what} ${says}, ${plain(by)}`),
    ),
    ...list(
      'What went wrong',
      report.troubles.map(
        ({ at: when, what, pass, words, settled }) =>
          `${at(when)}: ${what}${pass > 0 ? `, pass ${pass}` : ''}${words ? `, ${plain(words)}` : ''}${settled ? ', settled' : ', OPEN'}`,
      ),
    ),
    ...list(
      'Checks',
      report.checks.map(
        ({ name, result, decided, redone, ...found }) =>
          `${name}: ${result === null ? 'not looked at' : result === 'good' ? 'good' : `found ${plain(findingInWords({ result, decided, redone, ...found }, system))}`}${decided === null ? '' : `, ${decided === 'accepted' ? 'accepted' : 'to be done over'}`}${redone > 0 ? `, done over ${redone} times` : ''}`,
      ),
    ),
    ...list(
      'Notes',
      report.notes.map(({ at: when, words }) => `${at(when)}: ${plain(words)}`),
    ),
    ...list('Does not agree', report.odd),
    'Welded by: ______________________  Tin and heat numbers: ______________________',
    '',
    'Looked at by: ____________________  Signed: __________________  Date: __________',
    '',
  ].join('\n');
}

/** A pass in a line, what was planned in brackets. */
export function passLine(
  { title, planned, current_A, arc_s, rods, full }: Report['passes'][number],
  time: (s: number) => string,
): string {
  if (arc_s === 0 && full === null) return `${title}: not laid`;
  const was = planned
    ? ` (planned ${trimmed(planned.current_A, 0)} A, ${time(planned.arc_s)}, ${planned.by ?? `${trimmed(planned.rods, 1)} rods`})`
    : ' (not planned)';
  return `${title}: ${current_A === null ? 'amps not known' : `${trimmed(current_A, 0)} A`}, ${time(arc_s)} of arc${planned?.by === undefined ? `, ${trimmed(rods, 1)} rods` : ''}${was}`;
}

const inchesOf = (size: string): string =>
  size in ROD_SIZES ? ROD_SIZES[size as keyof typeof ROD_SIZES].inches : size;
