import { router, useLocalSearchParams } from 'expo-router';
import { useEffect, useRef } from 'react';
import { ScrollView, View } from 'react-native';
import type { Kit } from '@core/formats/kit';
import { copyItem, deleteItem, dropUntouched, editItem, itemOn, type Shelf } from '@/state/shelf';
import { useApp } from '@/state/store';
import { Act } from '@/ui/Act';
import { usePalette } from '@/ui/theme/theme';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { BottleForm, FillerForm, TungstenForm } from './GasForms';
import { MachineForm } from './MachineForm';
import type { Change } from './parts';
import { CordForm, LeadsForm, ToolForm } from './SmallForms';
import { SupplyForm } from './SupplyForm';
import { TinForm } from './TinForm';
import { TrialForm } from './TrialForm';

/**
 * One item of the kit, to edit. Every change is kept as it is made. One that was only just begun (`fresh`) ends with Done or Cancel; left
 * without a word of its own it goes again, so that nothing invented stays on the truck.
 */
export function ItemPage({ shelf, item: id }: { shelf: Shelf; item: string }) {
  const palette = usePalette();
  const kit = useApp((state) => state.kit.kit);
  const form = formFor(kit, shelf, id, (edits) => editItem(shelf, id, edits));
  const back = () => (router.canGoBack() ? router.back() : router.replace('/kit'));
  const { fresh } = useLocalSearchParams<{ fresh?: string }>();
  const isFresh = fresh !== undefined;
  const done = useRef(false);
  useEffect(() => {
    if (!isFresh) return undefined;
    const begun = itemOn(shelf, id);
    return () => {
      if (!done.current) dropUntouched(shelf, id, begun);
    };
  }, [isFresh, shelf, id]);
  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }}>
      <View
        style={{ backgroundColor: palette.bar, flexDirection: 'row', alignItems: 'center', minHeight: 56 }}
      >
        <Act kind="bar" title="‹ Back" testID="item-back" onPress={back} />
      </View>
      <ScrollView role="main" contentContainerStyle={{ padding: SPACE.m, gap: SPACE.l, maxWidth: 820 }}>
        {form ?? <Words as="title">Not in the kit any more</Words>}
        {form && isFresh && (
          <View style={{ flexDirection: 'row', gap: SPACE.s }}>
            <Act
              grow
              kind="main"
              title="Done"
              testID="item-done"
              onPress={() => {
                done.current = true;
                back();
              }}
            />
            <Act
              grow
              title="Cancel"
              testID="item-cancel"
              onPress={() => {
                done.current = true;
                deleteItem(shelf, id);
                back();
              }}
            />
          </View>
        )}
        {form && !isFresh && (
          <View style={{ flexDirection: 'row', gap: SPACE.s }}>
            <Act
              grow
              title="Copy"
              testID="item-copy"
              onPress={() => {
                const copy = copyItem(shelf, id);
                if (copy) router.replace({ pathname: '/kit/[shelf]/[item]', params: { shelf, item: copy } });
              }}
            />
            <Act
              grow
              kind="danger"
              title="Delete"
              testID="item-delete"
              onPress={() => {
                deleteItem(shelf, id);
                back();
              }}
            />
          </View>
        )}
      </ScrollView>
    </View>
  );
}

/** The form of an item; null where it is gone. */
function formFor(kit: Kit, shelf: Shelf, id: string, change: Change) {
  const find = <T extends { id: string }>(items: readonly T[]) => items.find((item) => item.id === id);
  switch (shelf) {
    case 'machines': {
      const machine = find(kit.machines);
      return machine ? <MachineForm machine={machine} change={change} /> : null;
    }
    case 'supplies': {
      const supply = find(kit.supplies);
      return supply ? <SupplyForm supply={supply} change={change} /> : null;
    }
    case 'cords': {
      const cord = find(kit.cords);
      return cord ? <CordForm cord={cord} change={change} /> : null;
    }
    case 'leads': {
      const leads = find(kit.leads);
      return leads ? <LeadsForm leads={leads} change={change} /> : null;
    }
    case 'tins': {
      const tin = find(kit.tins);
      return tin ? <TinForm tin={tin} change={change} /> : null;
    }
    case 'fillers': {
      const filler = find(kit.fillers);
      return filler ? <FillerForm filler={filler} change={change} /> : null;
    }
    case 'bottles': {
      const bottle = find(kit.bottles);
      return bottle ? <BottleForm bottle={bottle} change={change} /> : null;
    }
    case 'tungstens': {
      const tungsten = find(kit.tungstens);
      return tungsten ? <TungstenForm tungsten={tungsten} change={change} /> : null;
    }
    case 'trials': {
      const trial = find(kit.trials);
      return trial ? <TrialForm trial={trial} kit={kit} change={change} /> : null;
    }
    case 'tools': {
      const tool = find(kit.tools);
      return tool ? <ToolForm tool={tool} change={change} /> : null;
    }
  }
}
