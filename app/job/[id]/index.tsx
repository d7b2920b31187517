import { Redirect, useLocalSearchParams } from 'expo-router';

export default function JobHome() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <Redirect href={{ pathname: '/job/[id]/[...at]', params: { id, at: ['look'] } }} />;
}
