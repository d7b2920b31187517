import { BREAKERS } from '@core/data/breakers';
import type { Supply } from '@core/formats/kit';
import { optionsOf } from '@/ui/options';
import { Pick } from '@/ui/Pick';
import { Words } from '@/ui/Words';
import { CableSize, Name, Num, Row, type Change } from './parts';

/** Where the power comes from, and the cord that hangs on it. */
export function SupplyForm({ supply, change }: { supply: Supply; change: Change }) {
  return (
    <>
      <Words as="title">{supply.name}</Words>
      <Name value={supply.name} change={change} />
      <Pick
        label="What it is"
        testID="kind"
        options={[
          { id: 'socket', name: 'Socket' },
          { id: 'generator', name: 'Generator' },
        ]}
        value={supply.kind}
        onPick={(kind) => kind && change([{ path: 'kind', value: kind }])}
      />
      {supply.kind === 'generator' && (
        <Row>
          <Num item={supply} at="rating_kVA" path="supply.rating_kVA" change={change} />
          <Num item={supply} at="rating_kW" path="supply.rating_kW" change={change} />
        </Row>
      )}
      <Row>
        <Num item={supply} at="volts_V" path="supply.volts_V" change={change} />
        <Num item={supply} at="breaker_A" path="supply.breaker_A" change={change} />
      </Row>
      <Pick
        label="Breaker kind"
        testID="breaker-kind"
        stacked
        options={optionsOf(BREAKERS)}
        value={supply.breakerKind}
        onPick={(kind) => kind && change([{ path: 'breakerKind', value: kind }])}
      />
      <Pick
        label="Phases"
        testID="phases"
        options={[
          { id: '1', name: 'Single' },
          { id: '3', name: 'Three' },
        ]}
        value={`${supply.phases}`}
        onPick={(phases) => change([{ path: 'phases', value: phases === '3' ? 3 : 1 }])}
      />
      <Row>
        <Num item={supply} at="cordLength_m" path="supply.cordLength_m" change={change} />
      </Row>
      <CableSize value={supply.cordSize} forCord change={change} at="cordSize" />
    </>
  );
}
