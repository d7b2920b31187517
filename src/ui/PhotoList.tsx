import { Image, View } from 'react-native';
import { Act } from './Act';
import { SPACE } from './theme/tokens';
import { Words } from './Words';

interface Props {
  ids: readonly string[];
  /** The address of a kept picture: null where it is not on this device, undefined while it is looked for. */
  useUrl: (id: string) => string | null | undefined;
  /** What they show. */
  name: string;
  most?: number;
  addID?: string;
  /** Left out, they are only shown. */
  onAdd?: () => void;
  onDrop?: (id: string) => void;
}

/** Pictures kept beside something, and a press for one more. */
export function PhotoList({ ids, useUrl, name, most = Infinity, addID, onAdd, onDrop }: Props) {
  return (
    <View style={{ gap: SPACE.s }}>
      {ids.map((id) => (
        <Photo key={id} id={id} useUrl={useUrl} name={name} onDrop={onDrop && (() => onDrop(id))} />
      ))}
      {!onAdd ? null : ids.length < most ? (
        <View dataSet={{ noprint: 'true' }}>
          <Act title="Add a picture" testID={addID} onPress={onAdd} />
        </View>
      ) : (
        <Words as="small" tone="quiet" testID="photos-full">
          {`${most} pictures are the most: take one out to add another.`}
        </Words>
      )}
    </View>
  );
}

function Photo({
  id,
  useUrl,
  name,
  onDrop,
}: Pick<Props, 'useUrl' | 'name'> & { id: string; onDrop?: (() => void) | undefined }) {
  const url = useUrl(id);
  return (
    <View style={{ flexDirection: 'row', gap: SPACE.m, alignItems: 'center' }} testID={`photo-${id}`}>
      {typeof url !== 'string' ? (
        <Words tone="quiet">{url === null ? 'Picture not on this device' : ''}</Words>
      ) : (
        <Image
          source={{ uri: url }}
          accessibilityLabel={name}
          resizeMode="contain"
          style={{ width: 200, height: 140 }}
        />
      )}
      {onDrop && (
        <View dataSet={{ noprint: 'true' }}>
          <Act title="Take out" testID="photo-out" onPress={onDrop} />
        </View>
      )}
    </View>
  );
}
