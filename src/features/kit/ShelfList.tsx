import { router } from 'expo-router';
import { Pressable, View } from 'react-native';
import { addItem, type Shelf } from '@/state/shelf';
import { openNewItem } from '@/ui/goTo';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { usePalette } from '@/ui/theme/theme';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

const openItem = (shelf: Shelf, item: string) =>
  router.push({ pathname: '/kit/[shelf]/[item]', params: { shelf, item } });

interface ShelfProps {
  title: string;
  shelf: Shelf;
  add: string;
  rows: readonly { id: string; name: string; note: string }[];
}

/** A shelf of the kit: what lies on it, each to be opened, and a way to add to it. */
export function ShelfList({ title, shelf, add, rows }: ShelfProps) {
  const palette = usePalette();
  return (
    <View style={{ gap: SPACE.s }}>
      <Words as="head">{title}</Words>
      <Card style={{ padding: 0, gap: 0 }}>
        {rows.map(({ id, name, note }, index) => (
          <Pressable
            key={id}
            role="button"
            testID={`${shelf}-${id}`}
            onPress={() => openItem(shelf, id)}
            style={{
              minHeight: 60,
              justifyContent: 'center',
              padding: SPACE.m,
              borderTopWidth: index === 0 ? 0 : 1,
              borderColor: palette.line,
            }}
          >
            <Words as="bold">{name}</Words>
            {note !== '' && (
              <Words as="small" tone="quiet">
                {note}
              </Words>
            )}
          </Pressable>
        ))}
        {rows.length === 0 && (
          <View style={{ padding: SPACE.m }}>
            <Words tone="quiet">None yet.</Words>
          </View>
        )}
      </Card>
      <Act
        title={add}
        testID={`add-${shelf}`}
        onPress={() => {
          const added = addItem(shelf);
          if (added !== null) openNewItem(shelf, added);
        }}
      />
    </View>
  );
}
