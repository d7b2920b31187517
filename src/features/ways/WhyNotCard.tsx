import { useState } from 'react';
import { View } from 'react-native';
import { ROD_SIZES } from '@core/data/rodSizes';
import { POLES, type Pole } from '@core/data/rods';
import { readField } from '@core/formats/fields';
import type { JobEdit } from '@core/formats/paths';
import { speakRoom, speakState } from '@core/judge';
import type { Ground, WhyNot } from '@core/planner';
import { midSentence } from '@core/units/format';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { Entry } from '@/ui/Entry';
import { openRoom } from '@/ui/goTo';
import { Pick } from '@/ui/Pick';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { coreWorker } from '@/workers/core';

type Answer = { asked: string; found: WhyNot } | 'looking' | 'failed' | null;

/** Why not another rod, pole or amps? Which limit shuts it, by how much, and what beside it would open it. */
export function WhyNotCard({ open, ground }: { open: OpenJob; ground: Ground }) {
  const [tin, setTin] = useState<string | null>(null);
  const [pole, setPole] = useState<Pole | null>(null);
  const [amps, setAmps] = useState('');
  const [answer, setAnswer] = useState<Answer>(null);
  const tins = ground.kit.tins.filter(
    (one, n, all) =>
      all.findIndex((other) => other.rodClass === one.rodClass && other.size === one.size) === n,
  );
  const chosen = tins.find(({ id }) => id === tin);
  const read = amps.trim() === '' ? null : readField('rod.current_A', amps, open.system);
  const edits: JobEdit[] = [
    ...(chosen
      ? ([
          { path: 'rod.rodClass', value: chosen.rodClass },
          { path: 'rod.size', value: chosen.size },
          { path: 'rod.pole', value: null },
          { path: 'rod.current_A', value: null },
        ] as const)
      : []),
    ...(pole ? [{ path: 'rod.pole' as const, value: pole }] : []),
    ...(read?.ok ? [{ path: 'rod.current_A' as const, value: read.value.value }] : []),
  ];
  const asked = [
    chosen ? `${chosen.rodClass} ${ROD_SIZES[chosen.size].inches}` : '',
    pole ?? '',
    read?.ok ? `${read.value.value} A` : '',
  ]
    .filter((part) => part !== '')
    .join(' · ');
  const ask = () => {
    setAnswer('looking');
    coreWorker()
      .whyNotOn(ground, edits)
      .then(
        (found) => setAnswer({ asked, found }),
        () => setAnswer('failed'),
      );
  };
  return (
    <Card testID="why-not">
      <Words as="head">Why not …?</Words>
      <Pick
        label="Rod"
        testID="why-rod"
        folds
        options={tins.map(({ id, rodClass, size }) => ({
          id,
          name: `${rodClass} ${ROD_SIZES[size].inches}`,
        }))}
        value={tin}
        onPick={setTin}
      />
      <Pick
        label="Pole"
        testID="why-pole"
        options={POLES.map((id) => ({ id, name: id }))}
        value={pole}
        onPick={setPole}
      />
      <View style={{ gap: SPACE.xs }}>
        <Words as="label" tone="quiet">
          Amps
        </Words>
        <Entry label="Amps" value={amps} onChange={setAmps} testID="why-amps" placeholder="such as 90 A" />
      </View>
      {read && !read.ok && <Words tone="danger">{read.message}</Words>}
      <Act
        title={asked === '' ? 'Choose a rod, a pole or amps' : `Why not ${asked}?`}
        testID="why-ask"
        disabled={asked === '' || answer === 'looking'}
        onPress={ask}
      />
      {answer === 'looking' && <Words live>Judging it …</Words>}
      {answer === 'failed' && <Words tone="danger">It could not be worked out. Try again.</Words>}
      {answer !== null && typeof answer === 'object' && <Told open={open} answer={answer} />}
    </Card>
  );
}

function Told({
  open,
  answer: { asked, found },
}: {
  open: OpenJob;
  answer: { asked: string; found: WhyNot };
}) {
  const { shuts, opens, measures } = found;
  return (
    <View style={{ gap: SPACE.s }} testID="why-answer">
      <Words as="bold" live>
        {shuts.length === 0
          ? `${asked} is open too${measures.tightest ? `: ${midSentence(measures.tightest.title)} is then the tightest` : ''}.`
          : `${asked} is shut by:`}
      </Words>
      {shuts.map((room) => (
        <Act
          key={room.id}
          align="left"
          title={`${room.title}: ${speakRoom(room, open.system)} · ${speakState(room)}`}
          testID={`why-${room.id}`}
          onPress={() => openRoom(open.job.id, room.id)}
        />
      ))}
      {shuts.length > 0 && (
        <Words>
          {opens
            ? `It would be open with: ${opens.options.map(({ title }) => midSentence(title)).join(' and ')}.`
            : 'No three changes beside it open it.'}
        </Words>
      )}
    </View>
  );
}
