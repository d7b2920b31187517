import { FAMILY_IDS, type FamilyId } from '@core/data/families';
import { TEST_IDS, type TestId } from '@core/data/testIds';
import { METAL_PLACES, type MetalPlace } from '@core/metal';
import type { Job } from '@core/formats/job';

/** What a piece of metal is called on this job. */
export function placeName(job: Job, place: MetalPlace): string {
  if (place === 'oldWeld') return 'Old weld';
  if (place === 'sideA') return job.metal.sameBothSides ? 'Both sides' : 'Side A';
  return 'Side B';
}

/** The pieces that this job has to judge. */
export const placesOf = (job: Job): MetalPlace[] =>
  METAL_PLACES.filter((place) => place !== 'sideB' || !job.metal.sameBothSides);

export const isPlace = (text: string): text is MetalPlace =>
  (METAL_PLACES as readonly string[]).includes(text);
export const isTest = (text: string): text is TestId => (TEST_IDS as readonly string[]).includes(text);
export const isFamily = (text: string): text is FamilyId => (FAMILY_IDS as readonly string[]).includes(text);
