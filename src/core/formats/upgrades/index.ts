import type { Step } from './bag';
import { from1 } from './from1';
import { from10 } from './from10';
import { from11 } from './from11';
import { from12 } from './from12';
import { from13 } from './from13';
import { from14 } from './from14';
import { from15 } from './from15';
import { from16 } from './from16';
import { from2 } from './from2';
import { from3 } from './from3';
import { from4 } from './from4';
import { from5 } from './from5';
import { from6 } from './from6';
import { from7 } from './from7';
import { from8 } from './from8';
import { from9 } from './from9';

/**
 * What each version needs to become the next; the first stands for version 1. A step and its defaults are frozen once a version is out:
 * they stand written out in its file and read nothing of today.
 */
export const STEPS: readonly Step[] = [
  from1,
  from2,
  from3,
  from4,
  from5,
  from6,
  from7,
  from8,
  from9,
  from10,
  from11,
  from12,
  from13,
  from14,
  from15,
  from16,
];
