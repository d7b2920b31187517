export { NotFound as default } from '@/ui/NotFound';
