import { BREAKERS } from '@core/data/breakers';
import { FUELS, LIES } from '@core/data/machines';
import { checkSupply } from '@core/formats/checkKit';
import type { Supply } from '@core/formats/kit';
import { useApp } from '@/state/store';
import { optionsOf } from '@/ui/options';
import { FieldRow } from '@/ui/FieldRow';
import { Pick } from '@/ui/Pick';
import { Words } from '@/ui/Words';
import { CableSize, Misfits, Name, Num, type Change } from './parts';

/** Where the power comes from, and the cord that hangs on it. */
export function SupplyForm({ supply, change }: { supply: Supply; change: Change }) {
  const system = useApp((state) => state.settings.system);
  return (
    <Misfits value={checkSupply(supply, system)}>
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
        <>
          <FieldRow>
            <Num item={supply} at="rating_kVA" path="supply.rating_kVA" change={change} />
            <Num item={supply} at="rating_kW" path="supply.rating_kW" change={change} />
            <Num item={supply} at="surge_kVA" path="supply.surge_kVA" change={change} />
            <Num
              item={supply}
              at="altitude_m"
              path="supply.altitude_m"
              change={change}
              proposed="blank: sea level"
            />
          </FieldRow>
          <Pick
            label="Burns"
            testID="fuel"
            options={optionsOf(FUELS)}
            value={supply.fuel}
            onPick={(fuel) => change([{ path: 'fuel', value: fuel }])}
          />
        </>
      )}
      <FieldRow>
        <Num item={supply} at="volts_V" path="supply.volts_V" change={change} />
        <Num item={supply} at="breaker_A" path="supply.breaker_A" change={change} />
        <Num item={supply} at="plug_A" path="supply.plug_A" change={change} />
        {supply.kind === 'socket' && (
          <Num
            item={supply}
            at="others_A"
            path="supply.others_A"
            change={change}
            proposed="blank: nothing else runs on it"
          />
        )}
      </FieldRow>
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
      <Pick
        label="Its cord"
        testID="cord-lie"
        options={optionsOf(LIES)}
        value={supply.cordLie}
        proposed="straight"
        onPick={(lie) => change([{ path: 'cordLie', value: lie }])}
      />
      <FieldRow>
        <Num item={supply} at="cordLength_m" path="supply.cordLength_m" change={change} />
      </FieldRow>
      <CableSize value={supply.cordSize} forCord change={change} at="cordSize" />
      <FieldRow>
        {supply.kind === 'socket' && (
          <Num
            item={supply}
            at="source_ohm"
            path="supply.source_ohm"
            change={change}
            proposed="blank: nothing lost before the socket"
          />
        )}
        <Num
          item={supply}
          at="price"
          path="supply.price"
          change={change}
          label={supply.kind === 'generator' ? 'Price of a litre' : 'Price of a kWh'}
        />
      </FieldRow>
    </Misfits>
  );
}
