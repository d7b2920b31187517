import { View } from 'react-native';
import { FAMILY_IDS, type FamilyId } from '@core/data/families';
import { LIKELIHOODS_SOURCE } from '@core/data/likelihoods';
import { metalFamily } from '@core/data/metals';
import { metalTest } from '@core/data/metalTests';
import { PRIORS_SOURCE } from '@core/data/priors';
import { beliefOf, effectsOn, priorOf, type MetalPlace } from '@core/metal';
import { VERDICT_WORDS, assess, makePlan } from '@core/plan';
import { setPath } from '@core/formats/edits';
import { useApp } from '@/state/store';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { openNote } from '@/ui/goTo';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { sayShare, sayTimes, whatItShowed } from './evidenceWords';
import { placeName } from './places';

/** One metal that a piece may be: what every test did to it, and the plan if it is that. */
export function FamilyPage({ open, place, family }: { open: OpenJob; place: MetalPlace; family: FamilyId }) {
  const { job } = open;
  const side = job.metal[place];
  const row = metalFamily(family);
  const share =
    beliefOf({ ...side, family: null }).shares.find((entry) => entry.family === family)?.share ?? 0;
  const before = priorOf(side)[FAMILY_IDS.indexOf(family)] ?? 0;
  return (
    <>
      <View style={{ gap: SPACE.xs }}>
        <Words as="title">{row.name}</Words>
        <Words tone="quiet">{`${placeName(job, place)}: ${sayShare(share)} now`}</Words>
      </View>
      <Card>
        <Words as="head">What did it</Words>
        <Words as="small">{`Before any test, by what it is part of: ${sayShare(before)}`}</Words>
        <Words as="label" tone="quiet">
          {PRIORS_SOURCE.name}
        </Words>
        {effectsOn(side, family).map(({ id, times }) => {
          const entry = side.evidence[id];
          if (!entry) return null;
          return (
            <View key={id} style={{ flexDirection: 'row', gap: SPACE.m, alignItems: 'baseline' }}>
              <View style={{ flex: 1 }}>
                <Words as="bold">{metalTest(entry.test).name}</Words>
                <Words as="label" tone="quiet">
                  {`${whatItShowed(entry)}${entry.standing === 'sound' ? '' : `, ${entry.standing}`}`}
                </Words>
              </View>
              <Words as="head" tone={times < 0.95 ? 'danger' : 'ink'}>
                {entry.standing === 'undone' ? 'not counted' : sayTimes(times)}
              </Words>
            </View>
          );
        })}
        <Words as="label" tone="quiet">
          {`How often each shows what: ${LIKELIHOODS_SOURCE.name}`}
        </Words>
      </Card>
      <WhatIf open={open} place={place} family={family} />
      <Act title="All about this metal" testID="to-note" onPress={() => openNote(family)} />
    </>
  );
}

/** The plan as it would be if the piece were this metal for sure. Nothing is changed. */
function WhatIf({ open, place, family }: { open: OpenJob; place: MetalPlace; family: FamilyId }) {
  const kit = useApp((state) => state.kit.kit);
  if (place === 'oldWeld') return null;
  const supposed = setPath(open.job, `metal.${place}.family`, family);
  const assessment = assess(supposed, kit, open.system, open.assessment.situation.now_ms);
  const plan = makePlan(assessment);
  const { wants, rod } = assessment.situation;
  const heat = wants.heat.find((entry) => entry.family === family);
  return (
    <Card tone={wants.verdict === 'never' ? 'danger' : 'sunk'} testID="what-if">
      <Words as="head">If it is that</Words>
      <Words as="bold">{plan.verdict === 'ready' ? plan.summary : VERDICT_WORDS[plan.verdict]}</Words>
      {wants.verdict === 'never' || wants.verdict === 'last-resort' ? (
        <Words as="small">{`${wants.why} Instead: ${wants.instead}`}</Words>
      ) : null}
      {wants.verdict !== 'never' && (
        <Words as="small">
          {`Rod: ${rod ? `${rod.value.rodClass} ${rod.value.size}` : wants.rods.slice(0, 3).join(', ') || 'none joins these'}. ${wants.rodWhy}`}
        </Words>
      )}
      {heat && wants.verdict !== 'never' && <Words as="small" metric>{`Heat: ${heat.rule.words}`}</Words>}
      {wants.cautions.map((line) => (
        <Words key={line} as="small" tone="danger">
          {line}
        </Words>
      ))}
    </Card>
  );
}
