import { router } from 'expo-router';
import type { StopId } from '@core/judge';

/** Ways from page to page, so that no screen spells an address. */

const work = (place: 'job' | 'notes' | 'truck', ...at: string[]) =>
  ({ pathname: '/[place]/[...at]', params: { place, at } }) as const;

/** The address of a page of a job. */
export const inJob = (id: string, ...at: string[]) => work('job', id, ...at);
/** The address of the library of metals. */
export const NOTES = work('notes', 'metals');

/** Opens a job at a stop. */
export const openJob = (id: string, stop: 'look' | 'sheet' = 'look') => router.push(inJob(id, stop));
/** Goes to a stop of a job. */
export const openStop = (id: string, stop: StopId) => router.replace(inJob(id, stop));
/** Opens one room of a job: its reasons and levers. */
export const openRoom = (id: string, room: string) => router.push(inJob(id, 'room', room));
/** Opens a test of the metal: how it is done and what was seen. */
export const openTest = (id: string, place: string, test: string) =>
  router.push(inJob(id, 'test', place, test));
/** From one test on to the next, without a way back through all of them. */
export const nextTest = (id: string, place: string, test: string) =>
  router.replace(inJob(id, 'test', place, test));
/** Opens what a piece may be: what each test did to it, and the plan if it is that. */
export const openFamily = (id: string, place: string, family: string) =>
  router.push(inJob(id, 'family', place, family));
/** Opens what can be done with what is here: stick, wire, TIG or braze. */
export const openProcesses = (id: string) => router.push(inJob(id, 'process'));
/** Opens how a process beside the stick is set for a job. */
export const openBy = (id: string, process: string) => router.push(inJob(id, 'process', process));
/** Opens something that was just put on a shelf of the kit; its way back leads here again. */
export const openNewItem = (shelf: string, item: string) =>
  router.push({ pathname: '/kit/[shelf]/[item]', params: { shelf, item, fresh: 'yes' } });
/** Opens the instruments that tell by themselves. */
export const openInstruments = () => router.push('/kit/instruments');
/** Opens the search for a lost arc. */
export const openNoArc = (id: string) => router.push(inJob(id, 'no-arc'));
/** Opens which rod, and why. */
export const openRods = (id: string) => router.push(inJob(id, 'rods'));
/** Opens where the beads lie in the section. */
export const openBeads = (id: string) => router.push(inJob(id, 'beads'));
/** Opens where rods run out along the joint. */
export const openRuns = (id: string) => router.push(inJob(id, 'runs'));
/** Opens the plate as it heats, seen from above. */
export const openField = (id: string) => router.push(inJob(id, 'heat-field'));
/** Opens the codes by which another phone has the job. */
export const openCode = (id: string) => router.push(inJob(id, 'code'));
/** Opens a job beside another. */
export const openBeside = (id: string) => router.push(inJob(id, 'beside'));
/** Opens the pictures that lengths are measured on. */
export const openMeasure = (id: string) => router.push(inJob(id, 'measure'));
/** Opens what rod and sides come to, on the diagrams. */
export const openMix = (id: string) => router.push(inJob(id, 'mix'));
/** Opens how else it could be done, how sure it is and what is worth finding out. */
export const openWays = (id: string) => router.push(inJob(id, 'ways'));
/** Opens what the repair is looked at for, and what was found. */
export const openChecks = (id: string) => router.push(inJob(id, 'checks'));
/** Opens how the hand goes. */
export const openTechnique = (id: string) => router.push(inJob(id, 'technique'));
/** Opens the hot-work card. */
export const openPermit = (id: string) => router.push(inJob(id, 'permit'));
/** Opens what a weld shows, and why. */
export const openWhy = (id: string) => router.push(inJob(id, 'why'));
/** Opens what a weld shows, with the sign picked. */
export const openWhyOf = (id: string, sign: string | null) =>
  router.push(sign === null ? inJob(id, 'why') : inJob(id, 'why', sign));
/** Opens the work itself. */
export const openRun = (id: string) => router.push(inJob(id, 'run'));
/** Opens what was done. */
export const openReport = (id: string) => router.push(inJob(id, 'report'));
/** Opens what broke, to be said in a sentence. */
export const openSay = (id: string) => router.push(inJob(id, 'say'));
/** Opens the plan of four answers. */
export const openQuick = (id: string) => router.push(inJob(id, 'quick'));
/** Opens how this metal is welded. */
export const openProcedure = (id: string) => router.push(inJob(id, 'procedure'));
/** Goes to the library of metals. */
export const openNotes = () => router.push(NOTES);
/** Opens the reader of what is printed on a rod. */
export const openRodWord = () => router.push(work('notes', 'rod'));
/** Opens what welders disagree on. */
export const openSchools = () => router.push(work('notes', 'schools'));
/** Opens what was run on earlier jobs. */
export const openPast = () => router.push(work('notes', 'past'));
/** Opens what to load for several jobs. */
export const openTruck = () => router.push(work('truck', 'list'));
/** Opens a metal in the notes. */
export const openNote = (family: string) => router.push(work('notes', family));
/** Opens the history of a job. */
export const openHistory = (id: string) => router.push(inJob(id, 'history'));
/** Opens what was thrown away. */
export const openBin = () => router.push('/bin');
/** Back where one came from; from a shared link, to a stop of the job. */
export const goBackOr = (id: string, stop: StopId) =>
  router.canGoBack() ? router.back() : openStop(id, stop);
