import { View } from 'react-native';
import { usePalette } from './theme/theme';
import { SPACE } from './theme/tokens';
import { Words } from './Words';

/** What a step of the work is made of, wherever it is shown. */
interface Props {
  holds: readonly string[];
  settings: readonly { label: string; value: string }[];
  actions: readonly string[];
  cautions: readonly string[];
  /** How large what is to be done stands. */
  size: 'body' | 'small';
}

/** Boxes to tick before going on, settings, what to do, and what to beware of. */
export function StepParts({ holds, settings, actions, cautions, size }: Props) {
  const palette = usePalette();
  return (
    <>
      {holds.map((hold) => (
        <View key={hold} style={{ flexDirection: 'row', gap: SPACE.s }}>
          <View
            style={{ width: 22, height: 22, borderWidth: 2, borderColor: palette.danger, marginTop: 1 }}
          />
          <Words as="bold" style={{ flex: 1 }}>
            {hold}
          </Words>
        </View>
      ))}
      {settings.length > 0 && (
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: SPACE.l, rowGap: SPACE.xs }}>
          {settings.map(({ label, value }) => (
            <View key={label}>
              <Words as="label" tone="quiet">
                {label}
              </Words>
              <Words as="head">{value}</Words>
            </View>
          ))}
        </View>
      )}
      {actions.map((action) => (
        <Words key={action} as={size}>
          {action}
        </Words>
      ))}
      {cautions.map((caution) => (
        <View key={caution} style={{ backgroundColor: palette.sunk, padding: SPACE.s }}>
          <Words as="small">{`Caution: ${caution}`}</Words>
        </View>
      ))}
    </>
  );
}
