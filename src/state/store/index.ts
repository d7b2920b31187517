/** What screens and hooks use of the stores. */
export { dismissNotice, notify, useApp, type AppState, type Damaged, type Notice } from './app';
export { boot, letGo, putBack } from './boot';
export { followOtherTabs, takeIn } from './follow';
export { clearDemo, takeInFile, type TakenIn } from './bring';
export {
  deleteJob,
  duplicateJob,
  editJob,
  editWithUndo,
  layOnJob,
  layWithUndo,
  goBackTo,
  newJob,
  putJob,
  restoreJob,
  undoJob,
} from './jobs';
export { editKit, editKitAt, editKitWithUndo } from './kit';
export { isOwing, retryAll, whyReadOnly } from './queue';
export { binOf, emptyBin, makeRoom, takeOutOfBin } from './room';
export { changeSettings } from './settings';
