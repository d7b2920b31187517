import type { ChangeMaker } from './lever';
import { heatInputChanges, preheatChanges, rebakeChange, temperBeadChange, waitChange } from './heatChanges';
import { buyChange, butterChange, coveringChanges, favourChanges, stringerChange } from './mixChanges';
import { arcChanges, clampChanges, demagnetiseChange, patternChanges, travelChanges } from './orderChanges';
import { bevelChange, gapChange, shelterChange } from './placeChanges';
import {
  cableChanges,
  coolingChange,
  cordChanges,
  machineChanges,
  restChanges,
  supplyChanges,
} from './powerChanges';
import { aimChanges, ampsChanges, mixChange, poleChanges, rodChanges, runsChange } from './rodChanges';

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
  gapChange,
  mixChange,
  bevelChange,
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
