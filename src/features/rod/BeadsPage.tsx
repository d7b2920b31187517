import { jointTraits } from '@core/data/joints';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { MOVES, type MoveId } from '@core/data/words';
import { layOut, MOST_PASSES, passCount, usualMove, type PassRole } from '@core/rods';
import { inWords, trimmed } from '@core/units/format';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { FieldRow } from '@/ui/FieldRow';
import { goBackOr } from '@/ui/goTo';
import { optionsOf } from '@/ui/options';
import { Pick } from '@/ui/Pick';
import { SectionPicture } from '@/ui/SectionPicture';
import { SPACE, TARGET } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

const ROLE_NAMES: Record<PassRole, string> = {
  single: 'The one pass',
  root: 'Root',
  hot: 'Hot pass',
  back: 'First from the other side',
  fill: 'Fill',
  cap: 'Cap',
};

/** One press makes a pass so much bigger or smaller against the others. */
const STEP = 0.15;
const LEAST = 0.4;
const MOST = 2.5;

/** Where the beads lie: the joint cut across with its passes, which the welder may change. */
export function BeadsPage({ open }: { open: OpenJob }) {
  const { job, assessment, system, edit, set } = open;
  const { beads, joint, wants } = assessment.situation;
  const [marked, setMarked] = useState<number | null>(null);
  const room = assessment.rooms.find(({ id }) => id === 'bead-size');
  if (!beads || joint.area_mm2 === null)
    return (
      <View style={{ gap: SPACE.l }}>
        <Words as="title">Beads</Words>
        <Words>Joint, thickness and rod first: then the passes are laid out here.</Words>
        <Act title="Back to Rod" testID="to-rod" onPress={() => goBackOr(job.id, 'rod')} />
      </View>
    );
  const count = passCount(beads);
  const drawn = beads.layout ? layOut(beads.layout) : [];
  const say = inWords(system);
  const own = job.rod.beadCount !== null || job.rod.beadShares.length > 0 || job.rod.move !== null;
  const passes = beads.passes.filter(({ from_mm }) => from_mm === 0);
  const setCount = (to: number) =>
    edit(
      [
        { path: 'rod.beadCount', value: Math.min(MOST_PASSES, Math.max(1, to)) },
        { path: 'rod.beadShares', value: [] },
      ],
      'Passes',
    );
  const resize = (index: number, by: number) => {
    const shares = Array.from({ length: count }, (_, n) => job.rod.beadShares[n] ?? 1);
    const now = shares[index] ?? 1;
    shares[index] = Number(Math.min(MOST, Math.max(LEAST, now + by)).toFixed(2));
    edit(
      [
        { path: 'rod.beadCount', value: count },
        { path: 'rod.beadShares', value: shares },
      ],
      'Size of a pass',
    );
  };
  const stainlessSide =
    wants.sides.length > 1 &&
    wants.sides.some((side) => side.some(({ family }) => family.includes('stainless')));
  return (
    <View style={{ gap: SPACE.l }}>
      <View style={{ gap: SPACE.xs }}>
        <Words as="title">{count === 1 ? 'One pass' : `${count} passes`}</Words>
        <Words tone="quiet" testID="beads-say" metric>
          {`${trimmed(beads.wanted_mm2, 0)} mm² of weld; a hand lays ${trimmed(beads.smallest_mm2, 0)} to ${trimmed(beads.largest_mm2, 0)} mm² a bead.${room && room.state !== 'roomy' ? ` ${room.gap}.` : ''}`}
        </Words>
      </View>
      <Card>
        <SectionPicture
          joint={job.joint}
          geometry={joint}
          system={system}
          beads={drawn}
          position={job.look.position}
          marked={marked}
        />
        <Words as="label" tone="quiet">
          {jointTraits(job.joint.kind)?.run === 'holes'
            ? 'The hole from the side, to scale: round its edge first, then inwards, layer on layer.'
            : 'To scale, numbered as they are laid; press a pass below to mark it. Each melts a third to a half of the one beside it.'}
        </Words>
      </Card>
      <FieldRow>
        <Act
          grow
          title="One pass less"
          testID="pass-less"
          disabled={count <= 1}
          onPress={() => setCount(count - 1)}
        />
        <Act grow title="One pass more" testID="pass-more" onPress={() => setCount(count + 1)} />
      </FieldRow>
      <Pick
        label="Moved as"
        testID="move"
        options={optionsOf(MOVES).map(({ id, name }) => ({ id, name }))}
        value={job.rod.move}
        proposed={usualMove(beads.passes[0]?.rod.rodClass ?? 'E6013', job.look.position)}
        onPick={(id: MoveId | null) => set('rod.move', id, 'How it is moved')}
      />
      <Card testID="pass-list">
        {passes.map((pass, n) => (
          <View
            key={n}
            testID={`pass-${n + 1}`}
            style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.s }}
          >
            <Pressable
              role="button"
              aria-pressed={marked === n}
              testID={`pass-show-${n + 1}`}
              onPress={() => setMarked(marked === n ? null : n)}
              style={{ flex: 1, minHeight: TARGET, justifyContent: 'center' }}
            >
              <Words
                as="bold"
                tone={marked === n ? 'act' : 'ink'}
              >{`${n + 1}. ${ROLE_NAMES[pass.role]}`}</Words>
              <Words as="label" tone="quiet">
                {`${pass.rod.by ? pass.rod.by.words : `${pass.rod.rodClass} ${pass.rod.size}`}, ${Math.round(pass.rod.current_A)} A`}
              </Words>
              <Words as="label" tone="quiet" metric>
                {[
                  `${trimmed(pass.area_mm2, 1)} mm²`,
                  pass.rod.by ? '' : `${trimmed(pass.rods, 1)} rods`,
                  drawn[n] ? `${say.size(Math.round(drawn[n].width_mm))} wide` : '',
                  `${say.size(Math.round(pass.travel_mm_s * 60))}/min`,
                ]
                  .filter((w) => w !== '')
                  .join(' · ')}
              </Words>
            </Pressable>
            {count > 1 && (
              <>
                <Act
                  square
                  title="−"
                  label={`Pass ${n + 1} smaller`}
                  testID={`pass-smaller-${n + 1}`}
                  onPress={() => resize(n, -STEP)}
                />
                <Act
                  square
                  title="+"
                  label={`Pass ${n + 1} bigger`}
                  testID={`pass-bigger-${n + 1}`}
                  onPress={() => resize(n, STEP)}
                />
              </>
            )}
          </View>
        ))}
      </Card>
      {layingWords(open, stainlessSide).map((words) => (
        <Words key={words} as="small" metric>{`· ${words}`}</Words>
      ))}
      {own && (
        <Act
          title="Let the app lay them out"
          testID="beads-propose"
          onPress={() =>
            edit(
              [
                { path: 'rod.beadCount', value: null },
                { path: 'rod.beadShares', value: [] },
                { path: 'rod.move', value: null },
              ],
              'Passes proposed afresh',
            )
          }
        />
      )}
      <Act title="Back to Rod" testID="to-rod" onPress={() => goBackOr(job.id, 'rod')} />
    </View>
  );
}

/** What the trade says of laying such beads. Common practice. */
function layingWords({ job, assessment }: OpenJob, stainlessSide: boolean): string[] {
  const { beads } = assessment.situation;
  const many = (beads?.passes.length ?? 1) > 1;
  const traits = jointTraits(job.joint.kind);
  const groove = traits?.trench && traits.walled;
  return [
    ...(many ? ['Chip and brush to bright between passes.'] : []),
    ...(groove && many ? ['Stop the fill 1 to 2 mm low with both edges still to be seen, then cap.'] : []),
    ...(groove && job.look.position === 'horizontal'
      ? [
          'Drawn as it stands. Leave the lower edge showing as a shelf, fill from it upwards, the top edge last.',
        ]
      : []),
    ...(traits?.overlay
      ? ['Each bead half over the one before, no valleys; turn each layer across the last.']
      : []),
    ...(stainlessSide && many
      ? ['Root first, then the stainless side, the carbon side last: each covers half of the one before.']
      : []),
  ];
}
