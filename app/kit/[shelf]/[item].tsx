import { Redirect, useLocalSearchParams } from 'expo-router';
import { ItemPage } from '@/features/kit/ItemPage';
import { SHELVES } from '@/state/shelf';

export default function KitItem() {
  const { shelf, item } = useLocalSearchParams<{ shelf: string; item: string }>();
  const known = SHELVES.find((s) => s === shelf);
  return known ? <ItemPage shelf={known} item={item} /> : <Redirect href="/kit" />;
}
