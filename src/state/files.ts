/** Hands a text to the person as a file. */
export function saveFile(name: string, type: string, text: string): void {
  const url = URL.createObjectURL(new Blob([text], { type: `${type};charset=utf-8` }));
  const anchor = document.createElement('a');
  anchor.href = url;
  anchor.download = name.replace(/[^\p{L}\p{N} ._-]+/gu, ' ').trim() || 'elbow-room';
  anchor.click();
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}

/** Lets the person choose a file and answers its text; null where none was chosen. */
export async function chooseFile(): Promise<{ name: string; text: string } | null> {
  const { getDocumentAsync } = await import('expo-document-picker');
  const chosen = await getDocumentAsync({
    type: ['application/json', 'text/plain', '*/*'],
    copyToCacheDirectory: false,
  });
  const asset = chosen.canceled ? undefined : chosen.assets[0];
  if (!asset?.file) return null;
  return { name: asset.name, text: await asset.file.text() };
}
