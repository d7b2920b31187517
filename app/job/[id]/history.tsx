import { useLocalSearchParams } from 'expo-router';
import { HistoryPage } from '@/features/job/HistoryPage';
import { JobFrame } from '@/features/job/JobFrame';

export default function JobHistory() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return (
    <JobFrame id={id} stop={null}>
      {(open) => <HistoryPage open={open} />}
    </JobFrame>
  );
}
