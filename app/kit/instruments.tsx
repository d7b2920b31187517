export { InstrumentsPage as default } from '@/features/kit/InstrumentsPage';
