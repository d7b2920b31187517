import { SCHOOL_IDS } from '@core/data/schools';
import { PageFrame } from '@/ui/PageFrame';
import { SchoolCard } from '@/ui/SchoolCard';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

/** Every disagreement of the trade that the app knows. */
export function SchoolsPage() {
  return (
    <PageFrame title="Notes" backID="notes-back" gap={SPACE.m} onlyRead>
      <Words as="title">Where welders disagree</Words>
      <Words tone="quiet">Both ways work in good hands. One is taken here where nobody says.</Words>
      {SCHOOL_IDS.map((id) => (
        <SchoolCard key={id} id={id} />
      ))}
    </PageFrame>
  );
}
