import { memo } from 'react';
import { View } from 'react-native';
import { UNEQUAL_SIDES } from '@core/data/limits';
import { sourceWords } from '@core/units/sources';
import { jointTraits } from '@core/data/joints';
import { ampsAsItWarms } from '@core/preheat';
import { toldPass } from '@core/rods';
import { formatQuantity, inWords, trimmed } from '@core/units/format';
import { SIZE } from '@core/units/kinds';
import type { OpenJob } from '@/state/useJob';
import { Card } from '@/ui/Card';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { HoldPicture } from './HoldPicture';

/** How the rod is held and moved, with the picture of it; for aluminium the amps as they come down. */
export const HowItIsRun = memo(function HowItIsRun({ open }: { open: OpenJob }) {
  const { settings, rod, joint, beads, machine, meltFitted } = open.assessment.situation;
  if (!settings || !rod) return null;
  const say = inWords(open.system);
  const told = toldPass(beads);
  const corner = jointTraits(joint.kind)?.corner ?? false;
  const uneven = joint.ratio >= UNEQUAL_SIDES.ratio;
  const steps = [...new Set(ampsAsItWarms(open.assessment.situation))];
  const arc = settings.arc_mm.map((mm) => trimmed(mm, 1)).join(' to ');
  return (
    <Card testID="how-it-is-run">
      <Words as="head">How it is run</Words>
      <HoldPicture
        settings={settings}
        corner={corner}
        sides={uneven ? ['thick', 'thin'] : jointTraits(joint.kind)?.lapped ? ['lower', 'upper'] : ['', '']}
      />
      <Row
        name="Arc"
        value={
          open.system === 'metric'
            ? `${arc} mm long`
            : `${settings.arc_mm.map((mm) => formatQuantity(mm, SIZE, 'inch')).join(' to ')} long`
        }
      />
      <Row name="Rod" value={`${settings.work_deg}° ${settings.workWords}`} />
      <Row name="Travel" value={`${settings.travel_deg.join(' to ')}°, ${settings.travelWords}`} />
      {told && <Row name="Pace" value={`${say.size(Math.round(told.travel_mm_s * 60))} a minute`} />}
      {uneven && corner && (
        <Row
          name="Heat"
          value={`${trimmed(100 * settings.thinShare, 0)} % to the thin side, ${trimmed(100 * (1 - settings.thinShare), 0)} % to the thick`}
        />
      )}
      <Row
        name="Arc force"
        value={machine?.value.arcForce === 'none' ? 'this machine has none' : settings.arcForce}
      />
      {machine?.value.hotStart === 'adjustable' && <Row name="Hot start" value={settings.hotStart} />}
      {steps.length > 1 && <Row name="Amps" value={`${steps.join(', ')} A as it warms, rod by rod`} />}
      {settings.moves.map((words) => (
        <Words key={words} as="small">{`· ${words}`}</Words>
      ))}
      <Words as="label" tone="quiet">
        {`${sourceWords(settings.source)}${meltFitted || !uneven ? '' : '; shares of heat were fitted on plain steel'}`}
      </Words>
    </Card>
  );
});

const Row = ({ name, value }: { name: string; value: string }) => (
  <View style={{ flexDirection: 'row', gap: SPACE.s }}>
    <Words as="small" tone="quiet" style={{ width: 84 }}>
      {name}
    </Words>
    <Words as="small" style={{ flex: 1 }}>
      {value}
    </Words>
  </View>
);
