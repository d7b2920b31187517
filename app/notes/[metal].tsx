import { useLocalSearchParams } from 'expo-router';
import { MetalNote } from '@/features/notes/MetalNote';

/** One metal of the notes. */
export default function NoteRoute() {
  const { metal } = useLocalSearchParams<{ metal: string }>();
  return <MetalNote metal={metal} />;
}
