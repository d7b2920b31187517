import { Kit } from '@core/formats/kit';
import { addItem, addTins, copyItem, deleteItem, editItem, SHELVES } from './shelf';
import { boot, useApp } from './store';
import { typedEdits } from './useJob';

const kit = () => useApp.getState().kit.kit;

beforeEach(async () => {
  await boot();
});

describe('shelves', () => {
  test.each(SHELVES)(
    '%s: a new item is valid as it stands, and can be copied, edited, thrown away and had back',
    (shelf) => {
      const before = kit()[shelf].length;
      const id = addItem(shelf) ?? '';
      expect(Kit.safeParse(kit()).success).toBe(true);
      const copy = copyItem(shelf, id);
      expect(kit()[shelf]).toHaveLength(before + 2);
      editItem(shelf, id, [{ path: 'typed.length_m', value: 'about ten' }]);
      expect(kit()[shelf].find((item) => item.id === id)?.typed).toEqual({ length_m: 'about ten' });
      expect(kit()[shelf].find((item) => item.id === copy)?.typed).toEqual({});
      const standing = kit();
      deleteItem(shelf, id);
      expect(kit()[shelf].some((item) => item.id === id)).toBe(false);
      useApp.getState().notice?.undo?.();
      expect(kit()).toEqual(standing);
    },
  );

  test('a copy of what is not there is nothing', () => expect(copyItem('tins', 'nowhere')).toBeNull());

  test('tins from a table come in together and go out together', () => {
    const before = kit();
    const [tin] = before.tins;
    if (!tin) throw new Error('no tin in the demo');
    addTins([
      { ...tin, id: 'x' },
      { ...tin, id: 'y' },
    ]);
    expect(kit().tins).toHaveLength(before.tins.length + 2);
    useApp.getState().notice?.undo?.();
    expect(kit()).toEqual(before);
  });
});

describe('what typing comes to', () => {
  test('readable: the number and the text; unreadable: the text alone; cleared: neither', () => {
    expect(typedEdits('joint.gap_mm', '1/16', 'metric')).toEqual([
      { path: 'joint.gap_mm', value: 1.5875 },
      { path: 'typed.joint.gap_mm', value: '1/16' },
    ]);
    expect(typedEdits('joint.gap_mm', '1/', 'metric')).toEqual([
      { path: 'joint.gap_mm', value: null },
      { path: 'typed.joint.gap_mm', value: '1/' },
    ]);
    expect(typedEdits('joint.gap_mm', '', 'metric')).toEqual([
      { path: 'joint.gap_mm', value: null },
      { path: 'typed.joint.gap_mm', value: undefined },
    ]);
  });

  test('a value beyond the field is not taken, and never silently clipped', () => {
    expect(typedEdits('joint.thicknessA_mm', '900', 'metric')[0]?.value).toBeNull();
    expect(typedEdits('rod.current_A', '-90', 'metric')[0]?.value).toBeNull();
  });
});
