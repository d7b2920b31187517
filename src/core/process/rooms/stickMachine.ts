import { PROCESSES } from '../../data/processIds';
import type { Assessor } from '../../judge/assessor';
import { yesNo } from '../../judge/room';
import type { Reads } from '../../judge/situation';
import { midSentence } from '../../units/format';
import { CHOSEN } from '../../units/sources';

/** A machine that has no stick holder is not planned for one. */
export const stickMachine: Assessor = {
  title: 'Stick on this machine',
  short: 'process',
  stop: 'power',
  assess({ machine }: Reads<'machine'>) {
    if (!machine || machine.value.processes.includes('stick')) return null;
    const does = machine.value.processes.map((id) => midSentence(PROCESSES[id])).join(', ');
    return yesNo('closed', {
      now: does,
      gap: 'it does no stick',
      until: 'stick',
      reasons: [
        { words: `${machine.value.name} does ${does}, by the kit; this plan is for stick.`, source: CHOSEN },
      ],
      ask: 'Which process has its settings: see Which process at Power.',
    });
  },
};
