export { NotesPage as default } from '@/features/notes/NotesPage';
