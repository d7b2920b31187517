import { Image, View } from 'react-native';
import type { Machine } from '@core/formats/kit';
import { MOST_PHOTOS } from '@core/formats/limits';
import { choosePhoto, keepPhoto } from '@/state/photos';
import { editKitWithUndo, makeRoom, notify } from '@/state/store';
import { usePhoto } from '@/state/usePhoto';
import { Act } from '@/ui/Act';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import type { Change } from './parts';

/** Pictures of the nameplate: kept on the device beside the records, scaled to what can be read. */
export function Photos({ machine, change }: { machine: Machine; change: Change }) {
  const add = async () => {
    const file = await choosePhoto();
    if (!file) return;
    const kept = await keepPhoto(file, makeRoom);
    if (kept.ok)
      change([{ path: 'photos', value: [...new Set([...machine.photos, kept.value])].slice(-MOST_PHOTOS) }]);
    else notify(kept.message);
  };
  const drop = (id: string) =>
    editKitWithUndo(
      [
        {
          path: `machines.${machine.id}.photos`,
          value: machine.photos.filter((photo) => photo !== id),
        },
      ],
      'Took a picture out',
      'Picture taken out',
    );
  return (
    <View style={{ gap: SPACE.s }}>
      <Words as="head">Nameplate pictures</Words>
      {machine.photos.map((id) => (
        <Photo key={id} id={id} onDrop={() => drop(id)} />
      ))}
      {machine.photos.length < MOST_PHOTOS ? (
        <Act title="Add a picture" testID="add-photo" onPress={() => void add()} />
      ) : (
        <Words as="small" tone="quiet" testID="photos-full">
          {`${MOST_PHOTOS} pictures are the most: take one out to add another.`}
        </Words>
      )}
    </View>
  );
}

function Photo({ id, onDrop }: { id: string; onDrop: () => void }) {
  const url = usePhoto(id);
  return (
    <View style={{ flexDirection: 'row', gap: SPACE.m, alignItems: 'center' }} testID={`photo-${id}`}>
      {typeof url !== 'string' ? (
        <Words tone="quiet">{url === null ? 'Picture not on this device' : ''}</Words>
      ) : (
        <Image
          source={{ uri: url }}
          accessibilityLabel="Nameplate"
          resizeMode="contain"
          style={{ width: 200, height: 140 }}
        />
      )}
      <Act title="Take out" testID="photo-out" onPress={onDrop} />
    </View>
  );
}
