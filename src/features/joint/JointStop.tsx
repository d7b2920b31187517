import { View } from 'react-native';
import { JOINTS, type JointKind } from '@core/data/words';
import type { JobNumberPath } from '@core/formats/paths';
import { readPath } from '@core/formats/edits';
import { trimmed, inWords } from '@core/units/format';
import type { OpenJob } from '@/state/useJob';
import { Card } from '@/ui/Card';
import { optionsOf } from '@/ui/options';
import { Pick } from '@/ui/Pick';
import { QuantityField } from '@/ui/QuantityField';
import { SectionPicture } from '@/ui/SectionPicture';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

/** Joint: kind, thicknesses, length, fit-up, and the weld it asks for. */
export function JointStop({ open }: { open: OpenJob }) {
  const { job, set, system, assessment } = open;
  const { joint } = job;
  const { joint: geometry } = assessment.situation;
  const say = inWords(system);
  const isFillet = joint.kind !== null && JOINTS[joint.kind].fillet;
  const isGroove = joint.kind === 'v-butt';
  const { length_mm } = geometry;
  const answer =
    geometry.area_mm2 === null
      ? joint.kind === 'gouge' || joint.kind === 'pad'
        ? 'Kind and sizes first; the rest can wait.'
        : 'Kind and thickness first; the rest can wait.'
      : `${geometry.leg_mm === null ? '' : `Leg ${say.size(geometry.leg_mm)}${geometry.legBy === 'rule' ? ' by rule' : ''}. `}${trimmed(geometry.area_mm2, 1)} mm² of weld.`;
  return (
    <>
      <View style={{ gap: SPACE.xs }}>
        <Words as="title">Joint</Words>
        <Words tone="quiet" metric>
          {answer}
        </Words>
      </View>
      <Pick
        label="Joint"
        testID="joint"
        options={optionsOf(JOINTS)}
        value={joint.kind}
        onPick={(id: JointKind | null) => set('joint.kind', id, 'Joint')}
      />
      {joint.kind !== null && geometry.thin_mm !== null && (
        <Card>
          <SectionPicture joint={joint} geometry={geometry} system={system} />
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
      {joint.kind === 'ring' && (
        <Row>
          <Size open={open} path="joint.pipeDiameter_mm" />
        </Row>
      )}
      {joint.kind === 'rectangle' && (
        <Row>
          <Size open={open} path="joint.tubeWidth_mm" />
          <Size open={open} path="joint.tubeHeight_mm" />
        </Row>
      )}
      {joint.kind === 'gouge' && (
        <>
          <Row>
            <Size open={open} path="joint.depth_mm" />
            <Size open={open} path="joint.topWidth_mm" />
          </Row>
          <Row>
            <Size open={open} path="joint.rootRadius_mm" proposed={`blank: ${say.size(5)}`} />
            <Size open={open} path="joint.ramp_mm" proposed="blank: full depth to the ends" />
          </Row>
          <Words as="small" tone="quiet" metric>
            All of the crack, and 50 mm of sound metal past each end. An open boat with ramped ends and sloped
            sides, not a slot. Look again with dye or powder before you fill it.
          </Words>
        </>
      )}
      {joint.kind === 'pad' && (
        <Row>
          <Size open={open} path="joint.padWidth_mm" />
          <Size open={open} path="joint.padHeight_mm" />
        </Row>
      )}
      {(joint.kind === 'plug' || joint.kind === 'slot') && (
        <Row>
          <Size open={open} path="joint.plugDiameter_mm" />
          {joint.kind === 'slot' && <Size open={open} path="joint.slotLength_mm" />}
          <Size open={open} path="joint.plugCount" />
        </Row>
      )}
      {joint.kind === 'flare-bevel' && (
        <Row>
          <Size open={open} path="joint.cornerRadius_mm" proposed="blank: twice the wall" />
        </Row>
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
        {(joint.kind === null || JOINTS[joint.kind].fitUp) && (
          <Size open={open} path="joint.gap_mm" label="Widest gap" />
        )}
      </Row>
      {isFillet && (
        <Row>
          <Size
            open={open}
            path="joint.leg_mm"
            proposed={geometry.leg_mm === null ? undefined : `blank: ${say.size(geometry.leg_mm)} by rule`}
          />
        </Row>
      )}
      {isGroove && (
        <Row>
          <Size open={open} path="joint.rootFace_mm" proposed={`blank: ${say.size(1.5)}`} />
          <Size open={open} path="joint.includedAngle_deg" proposed="blank: 60°" />
        </Row>
      )}
    </>
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
  );
}
