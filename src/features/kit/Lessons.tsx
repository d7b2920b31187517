import { lessonInWords, lessonsOf, oddInWords } from '@core/bench';
import { RAN } from '@core/data/bench';
import type { Kit } from '@core/formats/kit';
import { midSentence } from '@core/units/format';
import { Card } from '@/ui/Card';
import { Words } from '@/ui/Words';
import { ShelfList } from './ShelfList';

/** Beads on scrap, and what they have taught of each machine. */
export function Lessons({ kit }: { kit: Kit }) {
  const lessons = lessonsOf(kit.trials);
  const nameOf = (id: string | null) => kit.machines.find((one) => one.id === id)?.name ?? 'A machine';
  const taught = kit.machines.flatMap(({ id, name, bias_pct }) => {
    const learned = lessons.machine(id);
    if (!learned || learned.trials === 0) return [];
    return [
      bias_pct === null
        ? `${name} ${lessonInWords(learned)}.`
        : `${name} ${lessonInWords(learned)}; the ${bias_pct} % you typed at the machine counts instead.`,
    ];
  });
  const odd = oddInWords(lessons, nameOf);
  return (
    <>
      {taught.length > 0 && (
        <Card testID="lessons">
          <Words as="head">What beads on scrap have taught</Words>
          {taught.map((words) => (
            <Words key={words}>{words}</Words>
          ))}
          {odd !== '' && <Words tone="quiet">{odd}</Words>}
        </Card>
      )}
      <ShelfList
        title="Beads on scrap"
        shelf="trials"
        add="Write down a bead"
        rows={[...kit.trials]
          .sort((a, b) => b.at.localeCompare(a.at))
          .map(({ id, at, rodClass, size, machineId, set_A, ran, leftOut }) => ({
            id,
            name: `${set_A ?? '?'} A${ran === null ? '' : ` ran ${midSentence(RAN[ran].name)}`}${leftOut ? ', left out' : ''}`,
            note: `${rodClass} ${size}, ${nameOf(machineId)}, ${at.slice(0, 10)}`,
          }))}
      />
    </>
  );
}
