import { useState } from 'react';
import { View } from 'react-native';
import { previewImport, type ImportPreview } from '@core/formats/merge';
import {
  chooseFile,
  everything,
  keepBroughtPhotos,
  readChosen,
  saveEverything,
  saveEverythingZipped,
} from '@/state/files';
import { say, takeInFile } from '@/state/store';
import type { Packed } from '@/state/zip';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

/** Files in and out. What a file would do is shown before it does it. */
export function FilesCard() {
  const [refused, setRefused] = useState<string | null>(null);
  const [waiting, setWaiting] = useState<{ packed: Packed; preview: ImportPreview } | null>(null);

  const choose = async () => {
    const file = await chooseFile();
    if (!file) return;
    const read = await readChosen(file);
    setRefused(read.ok ? null : `${file.name}: ${read.message} Nothing was changed.`);
    setWaiting(read.ok ? { packed: read.value, preview: previewImport(read.value, everything()) } : null);
  };
  const take = async (packed: Packed) => {
    setWaiting(null);
    try {
      await keepBroughtPhotos(packed.photos);
    } catch {
      say('The pictures could not be kept: storage is full. Nothing was changed.');
      return;
    }
    takeInFile(packed);
  };

  return (
    <Card tone="sunk">
      <Words as="head">Files</Words>
      {refused !== null && (
        <Card tone="danger" testID="import-refused">
          <Words live>{refused}</Words>
          <Act title="Close" testID="import-refused-close" onPress={() => setRefused(null)} />
        </Card>
      )}
      {waiting && (
        <Preview
          preview={waiting.preview}
          photos={waiting.packed.photos.size}
          onTake={() => void take(waiting.packed)}
          onLeave={() => setWaiting(null)}
        />
      )}
      <Act title="Take in a file" testID="import" onPress={() => void choose()} />
      <View style={{ flexDirection: 'row', gap: SPACE.s }}>
        <Act grow title="Save everything" testID="save-all" onPress={saveEverything} />
        <Act
          grow
          title="With pictures"
          label="Save everything with pictures, as a zip"
          testID="save-zip"
          onPress={() => void saveEverythingZipped()}
        />
      </View>
    </Card>
  );
}

interface PreviewProps {
  preview: ImportPreview;
  photos: number;
  onTake: () => void;
  onLeave: () => void;
}

function Preview({ preview, photos, onTake, onLeave }: PreviewProps) {
  const { adds, replaces, kitAdds } = preview;
  const lines = [
    ...(adds.length > 0
      ? [
          `Adds ${adds.length === 1 ? 'the job' : `${adds.length} jobs`}: ${adds.slice(0, 8).join('; ')}${adds.length > 8 ? '…' : ''}`,
        ]
      : []),
    ...(replaces.length > 0
      ? [
          `Replaces ${replaces.length === 1 ? 'the job' : `${replaces.length} jobs`}: ${replaces.slice(0, 8).join('; ')}${replaces.length > 8 ? '…' : ''}`,
        ]
      : []),
    ...(kitAdds > 0 ? [`Adds ${kitAdds} ${kitAdds === 1 ? 'item' : 'items'} to the kit`] : []),
    ...(photos > 0 ? [`Brings ${photos} ${photos === 1 ? 'picture' : 'pictures'}`] : []),
  ];
  return (
    <Card testID="import-preview">
      <Words as="bold">
        {lines.length === 0 ? 'Nothing in it that is not here already' : 'This file would do this'}
      </Words>
      {lines.map((line) => (
        <Words key={line} as="small">
          {line}
        </Words>
      ))}
      <View style={{ flexDirection: 'row', gap: SPACE.s }}>
        <Act grow kind="main" title="Take it in" testID="import-take" onPress={onTake} />
        <Act grow title="Leave it" testID="import-leave" onPress={onLeave} />
      </View>
    </Card>
  );
}
