import { Redirect } from 'expo-router';
import { NOTES } from '@/ui/goTo';

export default function NotesHome() {
  return <Redirect href={NOTES} />;
}
