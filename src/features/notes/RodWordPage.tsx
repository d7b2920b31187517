import { useState } from 'react';
import { useRodWord } from '@/state/useRodWord';
import { Card } from '@/ui/Card';
import { Entry } from '@/ui/Entry';
import { PageFrame } from '@/ui/PageFrame';
import { RodWordView } from '@/ui/RodWordView';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

/** What is printed on a rod, taken apart. */
export function RodWordPage() {
  const [text, setText] = useState('');
  const decoded = useRodWord(text);
  return (
    <PageFrame title="Notes" backID="notes-back" gap={SPACE.m}>
      <Words as="title">Read a rod</Words>
      <Words tone="quiet">
        Type what is printed on it, however loosely. A sign too faint to read: type ? in its place.
      </Words>
      <Entry
        label="Printed on the rod"
        testID="rod-text"
        value={text}
        onChange={setText}
        placeholder="7018-1 H4R, 309L-16, 70?8"
        invalid={decoded?.kind === 'wrong'}
      />
      {decoded && (
        <Card>
          <RodWordView decoded={decoded} onTake={setText} />
        </Card>
      )}
    </PageFrame>
  );
}
