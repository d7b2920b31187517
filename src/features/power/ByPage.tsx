import { useMemo } from 'react';
import { View } from 'react-native';
import { OTHER_PROCESSES } from '@core/data/processIds';
import { STATE_NAMES } from '@core/judge';
import { DEFERENCE, HALT_TITLES, planBy, SIGN_LINE, VERDICT_WORDS, type PlanBy } from '@core/plan';
import type { OtherArc } from '@core/process';
import { sourceWords } from '@core/units/sources';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { goBackOr } from '@/ui/goTo';
import { HaltCard } from '@/ui/HaltCard';
import { StepParts } from '@/ui/StepParts';
import { usePalette } from '@/ui/theme/theme';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

/** Whether a word of an address is a process that this page knows. */
export const isOtherArc = (id: string): id is OtherArc =>
  id !== 'braze' && (OTHER_PROCESSES as readonly string[]).includes(id);

/** A job by TIG or wire: what keeps it back, how it is set, what it comes up against. */
export function ByPage({ open, process }: { open: OpenJob; process: OtherArc }) {
  const palette = usePalette();
  const plan = useMemo(() => planBy(open.assessment, process), [open.assessment, process]);
  const { verdict } = plan;
  const tone = {
    stopped: 'none',
    draft: 'none',
    'no-room': 'tight',
    technique: 'tight',
    ready: 'roomy',
  } as const;
  return (
    <View style={{ gap: SPACE.l }} testID="by-page">
      <View style={{ gap: SPACE.xs }}>
        <Words as="title">{`By ${plan.name === 'TIG' ? plan.name : plan.name.toLowerCase()}`}</Words>
        <View testID="by-verdict" style={{ backgroundColor: palette.state[tone[verdict]], padding: SPACE.m }}>
          <Words as="head" color={palette.onState}>
            {VERDICT_WORDS[verdict]}
          </Words>
        </View>
      </View>
      {plan.halts.length > 0 && (
        <View style={{ gap: SPACE.s }}>
          <Words as="head">{HALT_TITLES[verdict]}</Words>
          {plan.halts.map((halt) => (
            <HaltCard key={halt.title} halt={halt} />
          ))}
        </View>
      )}
      {verdict === 'technique' && <Words as="small">{SIGN_LINE}</Words>}
      {plan.steps.map((step, n) => (
        <Card key={step.title} testID={`by-step-${n + 1}`}>
          <Words as="head">{`${n + 1}  ${step.title}`}</Words>
          <StepParts {...step} size="small" />
          {step.why !== '' && (
            <Words as="label" tone="quiet">
              {step.why}
            </Words>
          )}
        </Card>
      ))}
      {plan.limits.length > 0 && (
        <Card testID="by-limits">
          <Words as="head">What it comes up against</Words>
          {plan.limits.map((limit) => (
            <Limit key={`${limit.title} ${limit.words}`} limit={limit} />
          ))}
        </Card>
      )}
      <Words as="small" tone="quiet">
        {`The room above and below, the order, the pull and the arc blow are those of the plan for stick. ${DEFERENCE}`}
      </Words>
      <Act title="Back" testID="by-back" onPress={() => goBackOr(open.job.id, 'power')} />
    </View>
  );
}

/** One limit with how it stands and where that comes from. */
function Limit({ limit }: { limit: PlanBy['limits'][number] }) {
  const palette = usePalette();
  const { title, state, words, source } = limit;
  return (
    <View style={{ flexDirection: 'row', gap: SPACE.s }}>
      <Words as="bold" color={palette.state[state]} style={{ width: 64 }}>
        {STATE_NAMES[state]}
      </Words>
      <View style={{ flex: 1 }}>
        <Words>{`${title}: ${words}`}</Words>
        <Words as="label" tone="quiet">
          {sourceWords(source)}
        </Words>
      </View>
    </View>
  );
}
