/** What screens and hooks use of the stores. */
export { changeSettings, hush, say, useApp, type AppState, type Damaged, type Notice } from './app';
export { boot, followOtherTabs, letGo, takeIn } from './boot';
export { clearDemo, takeInFile } from './bring';
export { deleteJob, duplicateJob, editJob, goBackTo, newJob, restoreJob, undoJob } from './jobs';
export { editKit } from './kit';
