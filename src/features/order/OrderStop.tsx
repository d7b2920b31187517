import { useDeferredValue, useState } from 'react';
import { USUAL_CLAMP } from '@core/data/arcBlow';
import {
  ARCS,
  FRAME_TRAVELS,
  LEADS,
  PIECES,
  TRAVELS,
  type ArcId,
  type LeadId,
  type TravelId,
} from '@core/data/orderIds';
import { cornerAt, hasEnds, pieceKindOf } from '@core/field';
import { countedFrom, orderInWords, orderName } from '@core/order';
import type { RoomId } from '@core/plan';
import { inWords, sentence, trimmed } from '@core/units/format';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { Fold } from '@/ui/Fold';
import { isNear } from '@/ui/near';
import { optionsOf } from '@/ui/options';
import { Pick } from '@/ui/Pick';
import { StopHead } from '@/ui/StopHead';
import { Words } from '@/ui/Words';
import { BestClamp } from './BestClamp';
import { CleanStrip } from './CleanStrip';
import { JobField } from '@/ui/JobField';
import { OtherWay } from './OtherWay';
import { PlanPicture } from './picture/PlanPicture';
import { PassPlan } from './PassPlan';
import { PieceCard } from './PieceCard';
import { MOVED, movedEdits } from './movedEdits';
import { Pull } from './Pull';
import { Remedies } from './Remedies';
import { Sequence } from './Sequence';
import { pieceTraits } from '@core/data/pieces';

/** Order: what the piece is, where the clamp sits, which way it is welded, in what segments, and how it pulls. */
export function OrderStop({ open }: { open: OpenJob }) {
  const { worth } = open;
  const later = useDeferredValue(open);
  const { blow } = open.assessment.situation;
  const plan = later.assessment.situation.order;
  const [done, setDone] = useState<number | null>(null);
  return (
    <>
      <StopHead
        worth={worth}
        rooms={open.assessment.rooms}
        stop="order"
        title="Order"
        answer={answerInWords(open)}
        testID="order-answer"
      />
      {blow && (
        <Card testID="plan-card">
          <PlanPicture
            blow={blow}
            plan={plan}
            done={done ?? plan?.question.heat.segments.length ?? 0}
            system={open.system}
            clampFixed={open.job.order.clampFixed}
            onMove={(moved) => open.edit(movedEdits(moved, blow), MOVED[moved.what])}
          />
          <CleanStrip blow={blow} system={open.system} />
          <OtherWay blow={blow} />
          <Words as="label" tone="quiet">
            {`Seen from above${pieceTraits(blow.piece.kind).cornered ? '' : '; dashed where the piece goes on'}. C: the clamp; press the piece or drag it to put it there. Arrows: which way the arc is pushed, ringed where it is lost. Under it lies what can be put on: drag it, press it, slide it.`}
          </Words>
        </Card>
      )}
      <Fold id="piece" title="The piece" says={pieceWords(open)} open={open.job.order.piece !== null}>
        <PieceCard open={open} />
      </Fold>
      <Fold id="clamp" title="Clamp, way and arc" says={settingWords(open)} open={isNear(open, ['arc-blow'])}>
        <Setting open={open} />
        <Remedies open={later} />
        {blow && <PassPlan blow={blow} />}
      </Fold>
      {plan && (
        <Fold
          id="sequence"
          title="Segments and their order"
          says={`${orderName(plan.taken.id, pieceKindOf(open.job))}, ${countedFrom(pieceKindOf(open.job))}: ${orderInWords(plan.taken.judged.order, pieceKindOf(open.job))}.`}
          open={isNear(open, ['start-heat', 'tie-ins', 'restart'])}
        >
          <Sequence key={open.job.id} open={open} plan={plan} done={done} onDone={setDone} />
        </Fold>
      )}
      <Fold
        id="pull"
        title="How it pulls"
        says={pullWords(open)}
        open={isNear(open, ['transverse', 'angular', 'bow', 'buckle'])}
      >
        <Pull open={open} />
      </Fold>
    </>
  );
}

/** What is before the welder, in a line. */
function pieceWords({ assessment, system }: OpenJob): string {
  const { blow } = assessment.situation;
  const say = inWords(system).size;
  return blow
    ? `${PIECES[blow.piece.kind]}, counted as ${say(Math.round(blow.piece.length_mm))} by ${say(Math.round(blow.piece.width_mm))}.`
    : 'As the joint mostly is.';
}

/** Where the clamp stands and which way it is welded, in a line. */
const settingWords = ({ assessment, system }: OpenJob): string => {
  const [clamp] = assessment.situation.blow?.piece.clamps ?? [];
  return clamp
    ? `The clamp ${inWords(system).size(Math.round(clamp.x))} from the left end, as it is drawn.`
    : 'No clamp yet.';
};

/** How much it pulls, in a line: what is nearest its limit. */
function pullWords({ assessment }: OpenJob): string {
  const room = assessment.rooms.find(({ id }) => PULLS.includes(id));
  return room ? `${sentence(room.now)}.` : 'Nothing worth measuring.';
}
const PULLS: readonly RoomId[] = ['transverse', 'angular', 'bow', 'buckle'];

/** The answer first. */
function answerInWords({ assessment, system }: OpenJob): string {
  const { blow, wants } = assessment.situation;
  if (!blow)
    return wants.families.length === 0
      ? 'Metal, joint, rod and amps first: then clamp and order are worked out.'
      : 'Nothing burns here: no order is asked.';
  const { worst } = blow.judged;
  const say = inWords(system).size;
  const frame = pieceTraits(blow.piece.kind).cornered;
  const way = frame
    ? FRAME_TRAVELS[blow.travel]
    : {
        away: 'Weld away from the clamp',
        towards: 'Weld towards the clamp',
        alternate: 'There and back',
      }[blow.travel];
  const place = frame ? `corner ${cornerAt(blow.seam, worst.along_mm)}` : say(Math.round(worst.along_mm));
  return worst.blown.share <= 1
    ? `${way}: the arc stays, ${trimmed(worst.blown.field_G, 1)} G at the worst place where it stands ${trimmed(worst.blown.limit_G, 0)} G.`
    : `${way}: at ${place} the arc is lost, ${trimmed(worst.blown.field_G, 0)} G where it stands ${trimmed(worst.blown.limit_G, 0)} G.`;
}

/** Clamp and way; what is seldom asked folded away until it says something. */
function Setting({ open }: { open: OpenJob }) {
  const { job, set } = open;
  const { blow } = open.assessment.situation;
  const say = inWords(open.system).size;
  const [clamp] = blow?.piece.clamps ?? [];
  const frame = blow !== null && pieceTraits(blow.piece.kind).cornered;
  const { arc, tabs, lead, residual_G } = job.order;
  const [more, setMore] = useState(arc !== null || tabs || lead !== null || residual_G !== null);
  return (
    <Card testID="setting">
      <Words as="head">Clamp and arc</Words>
      <JobField
        open={open}
        path="order.clampAlong_mm"
        title="Clamp"
        proposed={clamp ? `blank: ${say(Math.round(clamp.x))}${frame ? '' : ', before the weld'}` : undefined}
      />
      <JobField
        open={open}
        path="order.clampAside_mm"
        title="Clamp"
        label={frame ? 'Clamp, up from the lower side' : undefined}
        proposed={frame ? 'blank: on the lower tube' : `blank: ${say(USUAL_CLAMP.aside_mm)} to side A`}
      />
      <JobField open={open} path="order.clamp2Along_mm" title="Second clamp" proposed="blank: none" />
      {job.order.clamp2Along_mm !== null && (
        <JobField
          open={open}
          path="order.clamp2Aside_mm"
          title="Second clamp"
          label={frame ? 'Second clamp, up from the lower side' : undefined}
          proposed={frame ? 'blank: on the lower tube' : `blank: ${say(USUAL_CLAMP.aside_mm)} to side A`}
        />
      )}
      <BestClamp open={open} />
      <Pick
        label="The clamp"
        testID="clamp-fixed"
        options={[
          { id: 'free', name: 'Can be moved' },
          { id: 'fixed', name: 'Stays where it is' },
        ]}
        value={job.order.clampFixed ? 'fixed' : 'free'}
        onPick={(id: 'free' | 'fixed' | null) => set('order.clampFixed', id === 'fixed', 'Clamp fixed')}
      />
      <Pick
        label="Which way"
        testID="travel"
        stacked
        options={optionsOf(frame ? FRAME_TRAVELS : TRAVELS)}
        value={job.order.travel}
        proposed="away"
        onPick={(id: TravelId | null) => set('order.travel', id, 'Way')}
      />
      <Act
        title={more ? 'Hide arc, tabs, lead' : 'Arc, tabs, lead, field before'}
        testID="setting-more"
        onPress={() => setMore(!more)}
      />
      {more && <ArcSetting open={open} />}
    </Card>
  );
}

/** Arc, tabs, lead, and a field that was there before. */
function ArcSetting({ open }: { open: OpenJob }) {
  const { job, set } = open;
  return (
    <>
      <Pick
        label="Length of the arc"
        testID="arc"
        stacked
        folds
        options={optionsOf(ARCS)}
        value={job.order.arc}
        proposed="usual"
        onPick={(id: ArcId | null) => set('order.arc', id, 'Arc')}
      />
      {hasEnds({ kind: pieceKindOf(job) }) && (
        <Pick
          label="Run-off tabs or heavy tacks at both ends"
          testID="tabs"
          options={[
            { id: 'yes', name: 'Yes' },
            { id: 'no', name: 'No' },
          ]}
          value={job.order.tabs ? 'yes' : 'no'}
          onPick={(id: 'yes' | 'no' | null) => set('order.tabs', id === 'yes', 'Tabs')}
        />
      )}
      <Pick
        label="How the work lead leaves the clamp"
        testID="lead"
        options={optionsOf(LEADS)}
        value={job.order.lead}
        proposed="flat"
        onPick={(id: LeadId | null) => set('order.lead', id, 'Lead')}
      />
      <JobField
        open={open}
        path="order.residual_G"
        title="Field before any arc"
        proposed="blank: none; from a field meter at the joint, + to the right"
      />
    </>
  );
}
