export { KitPage as default } from '@/features/kit/KitPage';
