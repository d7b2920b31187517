import { View } from 'react-native';
import { JOINTS, jointTraits, type JointKind, type JointSize } from '@core/data/joints';
import {
  ASSUMED_GOUGE_RADIUS_mm,
  ASSUMED_ROOT_FACE_mm,
  ASSUMED_V_ANGLE_deg,
  canBeBacked,
  excavationFor,
} from '@core/joint';
import type { JobNumberPath } from '@core/formats/paths';
import { numberField } from '@core/formats/fields';
import { readPath } from '@core/formats/edits';
import { formatQuantity, trimmed, inWords, midSentence } from '@core/units/format';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { openMeasure } from '@/ui/goTo';
import { optionsOf } from '@/ui/options';
import { Fold } from '@/ui/Fold';
import { isNear } from '@/ui/near';
import { Pick } from '@/ui/Pick';
import { BelowField } from '@/ui/JobField';
import { QuantityField } from '@/ui/QuantityField';
import { SectionPicture } from '@/ui/SectionPicture';
import { SPACE } from '@/ui/theme/tokens';
import { StopHead } from '@/ui/StopHead';
import { Words } from '@/ui/Words';
import { damageTraits, REMOVERS, type DamageId, type Removal, type RemoverId } from '@core/data/damage';
import { idsOf } from '@core/data/words';
import { BACKINGS, type BackingId } from '@core/data/backing';
import { BACKS, CAPS, type BackId, type CapId } from '@core/data/finish';

/** Joint: kind, thicknesses, length, fit-up, and the weld it asks for. */
export function JointStop({ open }: { open: OpenJob }) {
  const { worth } = open;
  const { job, set, system, assessment } = open;
  const { joint } = job;
  const { joint: geometry } = assessment.situation;
  const say = inWords(system);
  const traits = jointTraits(joint.kind);
  const sizes = traits?.sizes ?? [];
  const { length_mm } = geometry;
  const answer =
    geometry.area_mm2 === null
      ? traits?.fitUp === false
        ? 'Kind and sizes first; the rest can wait.'
        : 'Kind and thickness first; the rest can wait.'
      : `${geometry.leg_mm === null ? '' : `Leg ${say.size(geometry.leg_mm)}${geometry.legBy === 'rule' ? ' by rule' : ''}. `}${trimmed(geometry.area_mm2, 1)} mm² of weld.`;
  return (
    <>
      <StopHead worth={worth} rooms={open.assessment.rooms} stop="joint" title="Joint" answer={answer} />
      <Pick
        label="Joint"
        testID="joint"
        folds
        options={kindsFor(job.look.damage)}
        value={joint.kind}
        onPick={(id: JointKind | null) => set('joint.kind', id, 'Joint')}
      />
      {joint.kind !== null && geometry.thin_mm !== null && (
        <Card>
          <SectionPicture
            joint={joint}
            geometry={geometry}
            system={system}
            onGrip={(size, value) =>
              open.type(
                `joint.${size}`,
                formatQuantity(value, numberField(`joint.${size}`).kind, system),
                numberField(`joint.${size}`).label,
              )
            }
          />
        </Card>
      )}
      <Row>
        <Size
          open={open}
          path="joint.thicknessA_mm"
          label={joint.sameThickness ? 'Thickness, both sides' : 'Thickness, side A'}
        />
        {!joint.sameThickness && <Size open={open} path="joint.thicknessB_mm" />}
      </Row>
      <Pick
        label="The other side"
        testID="same-thickness"
        options={[
          { id: 'same', name: 'As thick' },
          { id: 'other', name: 'Another thickness' },
        ]}
        value={joint.sameThickness ? 'same' : 'other'}
        onPick={(id: 'same' | 'other' | null) =>
          set('joint.sameThickness', id !== 'other', 'Other thickness')
        }
      />
      {joint.kind === 'gouge' && (
        <Row>
          <Size open={open} path="repair.crackLength_mm" />
          <Size open={open} path="repair.crackDepth_mm" />
          <Size open={open} path="heat.pieceLength_mm" label="Part, along the crack" />
        </Row>
      )}
      <Sizes open={open} of={sizes.filter((size) => !OF_THE_WELD.includes(size))} />
      {TAKEN_OUT.includes(damageTraits(job.look.damage)?.removal ?? 'nothing') && (
        <Pick
          label="Taken out with"
          testID="remover"
          options={idsOf(REMOVERS).map((id) => ({
            id,
            name: REMOVERS[id].name,
            note: assessment.situation.kit.tools.some(({ tool }) => tool === REMOVERS[id].tool)
              ? undefined
              : 'not on the truck',
          }))}
          value={job.repair.remover}
          proposed="grinder"
          onPick={(id: RemoverId | null) => set('repair.remover', id, 'Taken out with')}
        />
      )}
      {traits?.advice && (
        <Words as="small" tone="quiet" metric>
          {traits.advice}
        </Words>
      )}
      <Row>
        <Size
          open={open}
          path="joint.length_mm"
          proposed={
            joint.length_mm === null && length_mm !== null
              ? `blank: ${say.size(Math.round(length_mm))} by its sizes`
              : undefined
          }
        />
        {traits?.fitUp !== false && <Size open={open} path="joint.gap_mm" label="Widest gap" />}
      </Row>
      <Sizes open={open} of={sizes.filter((size) => OF_THE_WELD.includes(size))} />
      {(traits?.butt || traits?.capped || canBeBacked(geometry)) && (
        <Fold
          id="faces"
          title="Back and face of the weld"
          says={facesInWords(joint)}
          open={
            joint.back !== null ||
            joint.cap !== null ||
            joint.backing !== null ||
            isNear(open, ['burn-through', 'penetration'])
          }
        >
          {traits?.butt && !traits.twoFaced && (
            <Pick
              label="From the back"
              testID="back"
              options={optionsOf(BACKS)}
              value={joint.back}
              proposed="none"
              onPick={(id: BackId | null) => set('joint.back', id, 'From the back')}
            />
          )}
          {traits?.capped && (
            <Pick
              label="Its face"
              testID="cap"
              options={optionsOf(CAPS)}
              value={joint.cap}
              proposed="proud"
              onPick={(id: CapId | null) => set('joint.cap', id, 'Face of the weld')}
            />
          )}
          {canBeBacked(geometry) && (
            <Pick
              label="Behind the seam"
              testID="backing"
              options={optionsOf(BACKINGS)}
              value={joint.backing}
              proposed="none"
              onPick={(id: BackingId | null) => set('joint.backing', id, 'Behind the seam')}
            />
          )}
        </Fold>
      )}
      <Act title="Measure on a photo" testID="measure" onPress={() => openMeasure(job.id)} />
    </>
  );
}

/** How back and face are made, in a line; blank, what is taken for it. */
const facesInWords = ({ back, cap, backing }: OpenJob['job']['joint']): string =>
  `From the back: ${midSentence(BACKS[back ?? 'none'])}; face: ${midSentence(CAPS[cap ?? 'proud'])}; behind the seam: ${midSentence(BACKINGS[backing ?? 'none'])}.`;

/** Kinds of joint, those that mend what broke first. */
function kindsFor(damage: DamageId | null) {
  const usual: readonly JointKind[] = damageTraits(damage)?.joints ?? [];
  const all = optionsOf(JOINTS);
  return [
    ...usual.flatMap((kind) => all.filter(({ id }) => id === kind)),
    ...all.filter(({ id }) => !usual.includes(id)),
  ];
}

/** What is ground or cut out before anything is laid. */
const TAKEN_OUT: readonly Removal[] = ['crack', 'weld'];

/** Sizes of the weld, asked after length and gap. */
const OF_THE_WELD: readonly JointSize[] = ['leg_mm', 'rootFace_mm', 'includedAngle_deg'];

/** Sizes that this kind of joint has, each with what is put in where it is left blank. */
function Sizes({ open, of }: { open: OpenJob; of: readonly JointSize[] }) {
  const { system, assessment } = open;
  const { joint } = assessment.situation;
  const say = inWords(system).size;
  const cut = excavationFor(open.job);
  const byCrack = (mm: number) => `blank: ${say(Math.round(mm))} by the crack`;
  const proposed: Partial<Record<JointSize, string>> = {
    rootRadius_mm: `blank: ${say(ASSUMED_GOUGE_RADIUS_mm)}`,
    ramp_mm: cut ? byCrack(cut.ramp_mm) : 'blank: full depth to the ends',
    depth_mm: cut ? byCrack(cut.depth_mm) : undefined,
    topWidth_mm: cut ? byCrack(cut.top_mm) : undefined,
    cornerRadius_mm: 'blank: twice the wall',
    leg_mm: joint.leg_mm === null ? undefined : `blank: ${say(joint.leg_mm)} by rule`,
    rootFace_mm: `blank: ${say(ASSUMED_ROOT_FACE_mm)}`,
    includedAngle_deg: `blank: ${ASSUMED_V_ANGLE_deg}°`,
  };
  if (of.length === 0) return null;
  return (
    <Row>
      {of.map((size) => (
        <Size key={size} open={open} path={`joint.${size}`} proposed={proposed[size]} />
      ))}
    </Row>
  );
}

const Row = ({ children }: { children: React.ReactNode }) => (
  <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.m }}>{children}</View>
);

function Size({
  open,
  path,
  label,
  proposed,
}: {
  open: OpenJob;
  path: JobNumberPath;
  label?: string;
  proposed?: string;
}) {
  const { job, system, type, assessment } = open;
  const value = readPath(job, path);
  const problem = assessment.problems.find((p) => p.path === path && value !== null)?.message;
  return (
    <>
      <QuantityField
        path={path}
        label={label}
        value={typeof value === 'number' ? value : null}
        typed={job.typed[path]}
        system={system}
        problem={problem}
        proposed={proposed}
        onType={(text) => type(path, text, label ?? path)}
      />
      <BelowField open={open} path={path} title={label ?? path} />
    </>
  );
}
