import { Redirect, useLocalSearchParams } from 'expo-router';
import type { ComponentType } from 'react';
import { JobFrame, STOPS } from '@/features/job/JobFrame';
import { JointStop } from '@/features/joint/JointStop';
import { LookStop } from '@/features/look/LookStop';
import { MetalStop } from '@/features/metal/MetalStop';
import { PowerStop } from '@/features/power/PowerStop';
import { RodStop } from '@/features/rod/RodStop';
import { SheetStop } from '@/features/sheet/SheetStop';
import type { OpenJob } from '@/state/useJob';

const PAGES: Record<(typeof STOPS)[number]['id'], ComponentType<{ open: OpenJob }>> = {
  look: LookStop,
  metal: MetalStop,
  joint: JointStop,
  power: PowerStop,
  rod: RodStop,
  sheet: SheetStop,
};

export default function JobStop() {
  const { id, stop } = useLocalSearchParams<{ id: string; stop: string }>();
  const known = STOPS.find((s) => s.id === stop);
  if (!known) return <Redirect href={{ pathname: '/job/[id]/[stop]', params: { id, stop: 'look' } }} />;
  const Page = PAGES[known.id];
  return (
    <JobFrame key={`${id} ${known.id}`} id={id} stop={known.id}>
      {(open) => <Page open={open} />}
    </JobFrame>
  );
}
