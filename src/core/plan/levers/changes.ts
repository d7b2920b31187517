import type { ChangeMaker } from '../../judge/change';
import {
  heatInputChanges,
  preheatChanges,
  rebakeChange,
  temperBeadChange,
  waitChange,
} from '../../preheat/levers';
import { buyChange, butterChange, coveringChanges, favourChanges, stringerChange } from '../../mix/levers';
import {
  arcChanges,
  clampChanges,
  demagnetiseChange,
  patternChanges,
  travelChanges,
} from '../../order/levers';
import {
  backingChanges,
  backRunChange,
  bevelChange,
  bothBevelsChange,
  gapChange,
  grinderChange,
  legChanges,
} from '../../joint/levers';
import { rootChange, shelterChange } from '../../process/levers';
import {
  cableChanges,
  coolingChange,
  cordChanges,
  machineChanges,
  restChanges,
  supplyChanges,
} from '../../power/levers';
import {
  aimChanges,
  ampsChanges,
  capChanges,
  mixChange,
  poleChanges,
  rodChanges,
  runsChange,
} from '../../rods/levers';

/** Every kind of change the app can think of. A new one is a function in one of those files and a line here. */
export const CHANGE_MAKERS: readonly ChangeMaker[] = [
  aimChanges,
  ampsChanges,
  rodChanges,
  poleChanges,
  cordChanges,
  cableChanges,
  supplyChanges,
  machineChanges,
  restChanges,
  coolingChange,
  shelterChange,
  rootChange,
  gapChange,
  grinderChange,
  mixChange,
  capChanges,
  bevelChange,
  bothBevelsChange,
  backRunChange,
  legChanges,
  backingChanges,
  runsChange,
  preheatChanges,
  waitChange,
  rebakeChange,
  heatInputChanges,
  temperBeadChange,
  favourChanges,
  stringerChange,
  butterChange,
  coveringChanges,
  buyChange,
  travelChanges,
  clampChanges,
  arcChanges,
  demagnetiseChange,
  patternChanges,
];
