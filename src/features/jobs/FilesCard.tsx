import { counted } from '@core/units/format';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import type { ReadCodes } from '@core/formats/jobCode';
import { previewImport, type ImportPreview } from '@core/formats/merge';
import {
  chooseFile,
  everything,
  keepBroughtPhotos,
  readChosen,
  saveEverything,
  saveEverythingZipped,
  storageUse,
  type Chosen,
} from '@/state/files';
import { choosePhoto } from '@/state/photos';
import { readCode } from '@/state/readCode';
import { makeRoom, takeInFile } from '@/state/store';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

/** How far a file is that is being read or taken in. */
interface Progress {
  words: string;
  done: number;
  of: number;
}

/** Files in and out. What a file would do is shown before it does it. */
export function FilesCard() {
  const [refused, setRefused] = useState<string | null>(null);
  const [waiting, setWaiting] = useState<{ chosen: Chosen; preview: ImportPreview } | null>(null);
  const [progress, setProgress] = useState<Progress | null>(null);
  const [codes, setCodes] = useState<ReadCodes | null>(null);
  const telling = (words: string) => (done: number, of: number) => setProgress({ words, done, of });

  const scan = async () => {
    const picture = await choosePhoto();
    if (!picture) return;
    setRefused(null);
    const found = await readCode(codes, picture);
    if (!found.ok) return setRefused(found.message);
    const { read, file } = found.value;
    setCodes(file ? null : read);
    if (file) await choose(file);
  };
  const choose = async (given: File | null = null) => {
    const file = given ?? (await chooseFile());
    if (!file) return;
    setRefused(null);
    setWaiting(null);
    setProgress({ words: 'Reading the file', done: 0, of: 0 });
    const read = await readChosen(file, telling('Reading the file')).catch(() => null);
    setProgress(null);
    if (read === null) setRefused(`${file.name}: it cannot be read. Nothing was changed.`);
    else if (!read.ok) setRefused(`${file.name}: ${read.message} Nothing was changed.`);
    else setWaiting({ chosen: read.value, preview: previewImport(read.value, everything()) });
  };
  const take = async (chosen: Chosen) => {
    setWaiting(null);
    setProgress({ words: 'Taking it in', done: 0, of: chosen.jobs.length });
    const keep = () => keepBroughtPhotos(chosen);
    const kit = await keep()
      .catch(async () => ((await makeRoom()) ? keep() : null))
      .catch(() => null);
    const taken = kit
      ? await takeInFile({ jobs: chosen.jobs, kit }, telling('Taking it in'))
      : ({
          ok: false,
          message: 'Storage is full: the pictures could not be kept. Nothing was taken in.',
        } as const);
    setProgress(null);
    if (!taken.ok) setRefused(`${chosen.file.name}: ${taken.message}`);
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
      {progress && (
        <Card testID="import-progress">
          <Words live>
            {progress.of === 0
              ? `${progress.words}…`
              : `${progress.words}: ${progress.done} of ${counted(progress.of, 'job')}`}
          </Words>
        </Card>
      )}
      {waiting && (
        <Preview
          preview={waiting.preview}
          photos={waiting.chosen.photos.length}
          onTake={() => void take(waiting.chosen)}
          onLeave={() => setWaiting(null)}
        />
      )}
      <Act
        title="Take in a file"
        testID="import"
        disabled={progress !== null}
        onPress={() => void choose()}
      />
      <Act title="Read a code" testID="read-code" onPress={() => void scan()} />
      {codes && (
        <Words live testID="codes-read">
          {`${codes.parts.size} of ${codes.of} read: ${missingIn(codes)}. Take the next picture.`}
        </Words>
      )}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
        <Act grow title="Save everything" testID="save-all" onPress={saveEverything} />
        <Act
          grow
          title="With pictures"
          label="Save everything with pictures, as a zip"
          testID="save-zip"
          onPress={() => void saveEverythingZipped()}
        />
      </View>
      <Room />
    </Card>
  );
}

/** Which codes of a job have not been read yet. */
const missingIn = ({ of, parts }: ReadCodes): string => {
  const missing = Array.from({ length: of }, (_, n) => n + 1).filter((n) => !parts.has(n));
  return `${missing.length === 1 ? 'number' : 'numbers'} ${missing.join(', ')} to go`;
};

/** How much is stored in this browser, and how far that may grow. */
function Room() {
  const [use, setUse] = useState<Awaited<ReturnType<typeof storageUse>>>(null);
  useEffect(() => {
    let isGone = false;
    void storageUse()
      .then((found) => isGone || setUse(found))
      .catch(() => undefined);
    return () => {
      isGone = true;
    };
  }, []);
  if (!use) return null;
  return (
    <Words as="label" tone="quiet" testID="storage-use">
      {`Stored on this device: ${sized(use.used)} of the ${sized(use.quota)} the browser allows.`}
    </Words>
  );
}

const sized = (bytes: number): string =>
  bytes >= 1e9
    ? `${(bytes / 1e9).toFixed(1)} GB`
    : bytes >= 1e5
      ? `${(bytes / 1e6).toFixed(1)} MB`
      : `${Math.round(bytes / 1e3)} kB`;

interface PreviewProps {
  preview: ImportPreview;
  photos: number;
  onTake: () => void;
  onLeave: () => void;
}

const NAMED = 8;

/** So many things, the first of them by name. */
const listed = (names: readonly string[], what: string): string =>
  `${names.length === 1 ? `the ${what}` : `${names.length} ${what}s`}: ${names.slice(0, NAMED).join('; ')}${names.length > NAMED ? '…' : ''}`;

function Preview({ preview, photos, onTake, onLeave }: PreviewProps) {
  const { adds, replaces, kitAdds } = preview;
  const lines = [
    ...(adds.length > 0 ? [`Adds ${listed(adds, 'job')}`] : []),
    ...(replaces.length > 0
      ? [`Replaces ${listed(replaces, 'job')}. What stands there now stays in its history.`]
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
