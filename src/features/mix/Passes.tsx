import { View } from 'react-native';
import { beadAt, fieldName, type JudgedWeld, type MixPlan } from '@core/mix';
import { PROCESS_DILUTION_pct } from '@core/data/dilution';
import { trimmed } from '@core/units/format';
import { Card } from '@/ui/Card';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

const PERCENT = 100;
/** Passes told one by one. */
const MOST = 8;

/** What each pass comes to, the butter's layers before them, and the same joint by other processes. */
export function Passes({ mix }: { mix: MixPlan }) {
  const told = mix.worst.judged.nominal.scope.id === 'chart';
  if (!told) return null;
  const butter = mix.butter?.planned ? mix.butter.layers : [];
  return (
    <Card testID="mix-passes">
      <Words as="head">Pass by pass</Words>
      {butter.map((weld, n) => (
        <Row key={`butter ${n + 1}`} name={`Butter, layer ${n + 1}`} dilution={null} weld={weld} />
      ))}
      {mix.passes.slice(0, MOST).map(({ role, rodClass, dilution, weld }, n) => (
        <Row
          key={`${role} ${n + 1}`}
          name={`${n + 1}, ${role}${rodClass === null ? '' : `, ${rodClass}`}`}
          dilution={dilution}
          weld={weld}
        />
      ))}
      {mix.passes.length > MOST && (
        <Words as="small" tone="quiet">{`${mix.passes.length - MOST} more like the last.`}</Words>
      )}
      <Words as="bold">The same joint by other processes</Words>
      {PROCESS_DILUTION_pct.map(({ id, name, low, high }) => {
        const dilution = (low + high) / 2 / PERCENT;
        return (
          <Row key={id} name={name} dilution={dilution} weld={beadAt(mix.worst.judged.question, dilution)} />
        );
      })}
      <Words as="label" tone="quiet">
        The same filler metal as wire; dilutions from memory.
      </Words>
    </Card>
  );
}

function Row({ name, dilution, weld }: { name: string; dilution: number | null; weld: JudgedWeld }) {
  return (
    <View style={{ flexDirection: 'row', gap: SPACE.s, flexWrap: 'wrap' }}>
      <Words as="small" style={{ flexGrow: 1, flexBasis: 140 }}>
        {name}
      </Words>
      <Words as="small" style={{ width: 64, textAlign: 'right' }}>
        {dilution === null ? '' : `${Math.round(PERCENT * dilution)} %`}
      </Words>
      <Words as="small" style={{ width: 64, textAlign: 'right' }}>
        {`${trimmed(weld.fn, 0)} FN`}
      </Words>
      <Words as="small" style={{ width: 64, textAlign: 'right' }}>
        {fieldName(weld.field)}
      </Words>
    </View>
  );
}
