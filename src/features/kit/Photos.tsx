import { View } from 'react-native';
import type { Machine } from '@core/formats/kit';
import { MOST_PHOTOS } from '@core/formats/limits';
import { editKitWithUndo } from '@/state/store';
import { takePhoto } from '@/state/takePhoto';
import { usePhoto } from '@/state/usePhoto';
import { PhotoList } from '@/ui/PhotoList';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import type { Change } from './parts';

/** Pictures of the nameplate: kept on the device beside the records, scaled to what can be read. */
export function Photos({ machine, change }: { machine: Machine; change: Change }) {
  const add = async () => {
    const photo = await takePhoto();
    if (photo !== null)
      change([{ path: 'photos', value: [...new Set([...machine.photos, photo])].slice(-MOST_PHOTOS) }]);
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
      <PhotoList
        ids={machine.photos}
        useUrl={usePhoto}
        name="Nameplate"
        most={MOST_PHOTOS}
        addID="add-photo"
        onAdd={() => void add()}
        onDrop={drop}
      />
    </View>
  );
}
