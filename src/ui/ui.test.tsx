import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import type { Lever } from '@core/plan/levers/lever';
import { exactly } from '@core/units/range';
import { under, unknown, yesNo, type RoomBody } from '@core/judge/room';
import type { Room, RoomId } from '@core/plan/rooms';
import type { UnitSystem } from '@core/units/kinds';
import { LeverRow } from './Lever';
import { NoticeBar } from './NoticeBar';
import { Pick } from './Pick';
import { QuantityField } from './QuantityField';
import { RoomStrip } from './RoomStrip';
import { openingOf, saidRoom, shortRoom } from './roomWords';
import { TightestBar } from './TightestBar';

/** The text of an element as it is read: a space that does not break is a space. */
const read = (element: Element): string => (element.textContent ?? '').replaceAll('\u00a0', ' ');

const spoken = {
  now: '55 A',
  gap: 'until burn-through',
  past: 'past burn-through',
  until: 'holes at 61 A',
  reasons: [],
};
const room = (id: RoomId, body: RoomBody): Room => ({
  id,
  title: 'Burn-through',
  short: 'burn',
  stop: 'rod',
  ...body,
});
const open = room('burn-through', under('A', exactly(55), exactly(61), spoken));
const passed = room('burn-through', under('A', exactly(75), exactly(61), spoken));
const maybe = room('burn-through', under('A', { low: 50, nominal: 55, high: 64 }, exactly(61), spoken));
const closed = room('pole', yesNo('closed', { ...spoken, gap: 'wrong pole for the rod' }));
const unsure = room('metal', unknown({ ...spoken, gap: 'what is it?', ask: 'Test it.' }, true));

describe('a room in words', () => {
  test.each([
    [open, '6 A', 'Burn-through: tight, 6 A until burn-through'],
    [passed, '14 A over', 'Burn-through: no room, 14 A past burn-through'],
    [maybe, '6 A', 'Burn-through: maybe no room, 6 A until burn-through'],
    [closed, 'shut', 'Burn-through: shut, wrong pole for the rod'],
    [unsure, 'not known', 'Burn-through: not known, what is it?'],
  ])('%#', (which, short, said) => {
    expect(shortRoom(which, 'metric')).toBe(short);
    expect(saidRoom(which, 'metric')).toBe(said);
  });

  test('an unknown room has no opening to draw; a passed one overlaps', () => {
    expect(openingOf(unsure)).toBeNull();
    expect(openingOf(passed)).toBeLessThan(0);
  });
});

describe('the strip and the bar', () => {
  test('every room is a button with its state in words, and opens itself', () => {
    const opened: string[] = [];
    render(<RoomStrip rooms={[closed, open, unsure]} system="metric" onOpen={(id) => opened.push(id)} />);
    const buttons = screen.getAllByRole('button');
    expect(buttons.map((button) => button.getAttribute('aria-label'))).toEqual([
      saidRoom(closed, 'metric'),
      saidRoom(open, 'metric'),
      saidRoom(unsure, 'metric'),
    ]);
    fireEvent.click(screen.getByTestId('strip-metal'));
    expect(opened).toEqual(['metal']);
  });

  test('a strip drawn anew calls what its newest parent would', () => {
    const opened: string[] = [];
    const { rerender } = render(
      <RoomStrip rooms={[open]} system="metric" onOpen={() => opened.push('old')} />,
    );
    rerender(<RoomStrip rooms={[open]} system="metric" onOpen={() => opened.push('new')} />);
    fireEvent.click(screen.getByTestId('strip-burn-through'));
    expect(opened).toEqual(['new']);
  });

  test('the bar says how much, of what, and between what', () => {
    render(<TightestBar room={passed} system="metric" onPress={() => undefined} />);
    expect(read(screen.getByTestId('tightest-left'))).toBe('14 A');
    expect(read(screen.getByTestId('tightest'))).toMatch(/55 A.*holes at 61 A.*past burn-through · no room/);
  });
});

describe('a lever', () => {
  const effect = {
    roomId: 'burn-through',
    title: 'Burn-through',
    before: 'none',
    after: 'snug',
    gain: 31,
    unit: 'A',
    gainShare: 0.5,
  } as const;
  const lever: Lever = {
    id: 'lean',
    title: 'Lean onto the thick side',
    cost: 'thin side takes 30 %',
    edits: [],
    effects: [
      effect,
      { ...effect, roomId: 'duty', title: 'Duty', before: 'roomy', after: 'none', gain: -2, unit: 'min' },
    ],
    closes: ['Duty'],
    deepens: ['Wind'],
  };

  test('shows what it buys and, above all, what it closes', () => {
    render(<LeverRow lever={lever} room={passed} system="metric" onPull={() => undefined} />);
    const row = screen.getByTestId('lever-lean');
    expect(read(row)).toMatch(/Lean onto the thick side.*closes duty.*shuts further wind.*\+31 A/);
    expect(row.getAttribute('aria-label')).toMatch(/Closes duty\. Shuts further wind\./);
  });

  test('every other room it moves is named, with how much', () => {
    const moves: Lever = {
      ...lever,
      closes: [],
      deepens: [],
      effects: [
        effect,
        {
          ...effect,
          roomId: 'cord',
          title: 'Cord drop',
          before: 'roomy',
          after: 'roomy',
          gain: -0.5,
          unit: '%',
        },
      ],
    };
    render(<LeverRow lever={moves} room={passed} system="metric" onPull={() => undefined} />);
    expect(read(screen.getByTestId('lever-lean'))).toMatch(/cord drop −0\.5 %/);
  });

  test('what it makes worse is named, all of it, what is nearest to its end first', () => {
    const worse = (title: string, after: 'tight' | 'roomy') =>
      ({ ...effect, roomId: 'cord', title, before: 'roomy', after, gain: null, gainShare: -0.2 }) as const;
    const takes: Lever = {
      ...lever,
      closes: [],
      deepens: [],
      effects: [
        effect,
        ...['Alpha', 'Beta', 'Gamma', 'Delta'].map((title) => worse(title, 'roomy')),
        worse('Omega', 'tight'),
      ],
    };
    render(<LeverRow lever={takes} room={passed} system="metric" onPull={() => undefined} />);
    const said = read(screen.getByTestId('lever-lean'));
    expect(said).toMatch(/takes: omega: roomy to tight; alpha; beta; gamma; delta/);
  });

  test('one that does nothing for the room is not drawn', () => {
    const { container } = render(
      <LeverRow lever={lever} room={unsure} system="metric" onPull={() => undefined} />,
    );
    expect(container.textContent).toBe('');
  });
});

/** A field over a value and a typed text, as a screen keeps them. */
function Held({
  system = 'metric',
  start = null,
  typed: first,
}: {
  system?: UnitSystem;
  start?: number | null;
  typed?: string;
}) {
  const [typed, setTyped] = useState(first);
  return (
    <QuantityField path="joint.thicknessA_mm" value={start} typed={typed} system={system} onType={setTyped} />
  );
}

describe('a number field', () => {
  const field = () => screen.getByTestId('joint.thicknessA_mm') as HTMLInputElement;
  const says = () => read(screen.getByTestId('joint.thicknessA_mm-says'));

  test('blank is not an error; rubbish is answered with what to type, and kept', () => {
    render(<Held />);
    expect(says()).toBe('blank: not known');
    fireEvent.change(field(), { target: { value: 'banana' } });
    expect(says()).toMatch(/Thickness, side A: "banana" is not a size/);
    expect(field().value).toBe('banana');
  });

  test('a value shows in both systems; a typed text stays as typed while it still means the value', () => {
    render(<Held start={1.5189} typed="16 ga steel" />);
    expect(field().value).toBe('16 ga steel');
    expect(says()).toBe('1.5 mm · 0.06 in');
  });

  test('once the units are switched a bare number is shown in today’s', () => {
    render(<Held start={6} typed="6" system="inch" />);
    expect(field().value).toBe('0.236 in');
  });

  test('has a name a screen reader says, and steppers with names of their own', () => {
    render(<Held start={3} />);
    expect(screen.getByLabelText('Thickness, side A')).toBe(field());
    fireEvent.click(screen.getByTestId('joint.thicknessA_mm-more'));
    expect(field().value).toBe('3 mm');
    expect(screen.getByLabelText('Thickness, side A, more')).toBeTruthy();
  });
});

describe('one of a few', () => {
  const options = [
    { id: 'a' as const, name: 'First' },
    { id: 'b' as const, name: 'Second' },
  ];

  test('is a radio group; pressing the picked one clears it', () => {
    const picked: (string | null)[] = [];
    render(
      <Pick label="Which" testID="which" options={options} value="a" onPick={(id) => picked.push(id)} />,
    );
    expect(screen.getByRole('radiogroup').getAttribute('aria-label')).toBe('Which');
    expect(screen.getAllByRole('radio').map((r) => r.getAttribute('aria-checked'))).toEqual([
      'true',
      'false',
    ]);
    fireEvent.click(screen.getByTestId('which-a'));
    fireEvent.click(screen.getByTestId('which-b'));
    expect(picked).toEqual([null, 'b']);
  });

  test('what the app would take is marked until something is picked', () => {
    render(
      <Pick
        label="Which"
        testID="which"
        options={options}
        value={null}
        proposed="b"
        onPick={() => undefined}
      />,
    );
    expect(screen.getByTestId('which-b').textContent).toBe('Second (proposed)');
  });

  test('folded, it shows the picked one; the first press opens it and changes nothing', () => {
    const picked: (string | null)[] = [];
    render(
      <Pick
        label="Which"
        testID="which"
        folds
        options={options}
        value="a"
        onPick={(id) => picked.push(id)}
      />,
    );
    expect(screen.queryByTestId('which-b')).toBeNull();
    fireEvent.click(screen.getByTestId('which-a'));
    expect(picked).toEqual([]);
    fireEvent.click(screen.getByTestId('which-b'));
    expect(picked).toEqual(['b']);
  });
});

test('a notice offers what can be done about it, by name', () => {
  const done: string[] = [];
  render(
    <NoticeBar
      words="Storage is full"
      act={{ title: 'Export', onPress: () => done.push('export') }}
      onClose={() => done.push('close')}
    />,
  );
  fireEvent.click(screen.getByTestId('notice-export'));
  fireEvent.click(screen.getByTestId('notice-close'));
  expect(done).toEqual(['export', 'close']);
});
