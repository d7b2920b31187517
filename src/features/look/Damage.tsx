import { View } from 'react-native';
import {
  BETTER,
  CAUSES,
  DAMAGE,
  damageTraits,
  FOUND,
  HELD,
  type BetterId,
  type CauseId,
  type DamageId,
  type FoundId,
  type HeldId,
} from '@core/data/damage';
import { idsOf } from '@core/data/words';
import type { OpenJob } from '@/state/useJob';
import { Pick } from '@/ui/Pick';
import { SPACE } from '@/ui/theme/tokens';
import { DamagePicture } from './DamagePicture';

const KINDS = idsOf(DAMAGE).map((id) => ({
  id,
  name: DAMAGE[id].name,
  note: DAMAGE[id].looks,
  picture: <DamagePicture id={id} />,
}));

/** What broke and why: it decides the joint, what has to come out first, and what it is checked for. */
export function Damage({ open }: { open: OpenJob }) {
  const { job, set, edit } = open;
  const { damage, cause } = job.look;
  const traits = damageTraits(damage);
  const looked = traits?.removal === 'crack' || damage === 'cracked-weld';
  const pick = (id: DamageId | null) => {
    const [kind] = damageTraits(id)?.joints ?? [];
    edit(
      [
        { path: 'look.damage', value: id },
        // The joint that mends it, where nobody has said one.
        ...(kind !== undefined && job.joint.kind === null
          ? [{ path: 'joint.kind', value: kind } as const]
          : []),
      ],
      'What broke',
    );
  };
  return (
    <View style={{ gap: SPACE.m }}>
      <Pick
        label="What is to be mended"
        testID="damage"
        folds
        tiles
        options={KINDS}
        value={damage}
        onPick={pick}
      />
      {traits?.failed && (
        <Pick
          label="Why it broke, by the look of the break"
          testID="cause"
          folds
          stacked
          options={idsOf(CAUSES).map((id) => ({ id, name: CAUSES[id].name, note: CAUSES[id].tells }))}
          value={cause}
          onPick={(id: CauseId | null) => set('look.cause', id, 'Why it broke')}
        />
      )}
      {traits?.failed && cause === 'fatigue' && (
        <Pick
          label="What is made better"
          testID="better"
          stacked
          options={idsOf(BETTER).map((id) => ({ id, name: BETTER[id].name, note: BETTER[id].words }))}
          value={job.repair.better}
          onPick={(id: BetterId | null) => set('repair.better', id, 'What is made better')}
        />
      )}
      {looked && damage !== 'snapped' && (
        <Pick
          label="Its ends were found by"
          testID="found"
          options={idsOf(FOUND).map((id) => ({ id, name: FOUND[id].name }))}
          value={job.repair.found}
          onPick={(id: FoundId | null) => set('repair.found', id, 'How its ends were found')}
        />
      )}
      {traits !== null && traits.removal !== 'nothing' && job.rod.duty !== 'nothing' && (
        <Pick
          label="While it is open"
          testID="held"
          options={idsOf(HELD).map((id) => ({ id, name: HELD[id] }))}
          value={job.repair.held}
          onPick={(id: HeldId | null) => set('repair.held', id, 'What holds it')}
        />
      )}
    </View>
  );
}
