import { useLocalSearchParams } from 'expo-router';
import { JobFrame } from '@/features/job/JobFrame';
import { RoomPage } from '@/features/job/RoomPage';

export default function JobRoom() {
  const { id, room } = useLocalSearchParams<{ id: string; room: string }>();
  return (
    <JobFrame id={id} stop={null}>
      {(open) => <RoomPage open={open} roomId={room} />}
    </JobFrame>
  );
}
