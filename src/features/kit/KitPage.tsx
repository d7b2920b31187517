import { View } from 'react-native';
import { CABLES, type CableId } from '@core/data/cables';
import { MACHINE_TYPES } from '@core/data/machines';
import { TOOLS } from '@core/data/tools';
import { EMPTY_KIT } from '@core/formats/blankKit';
import type { Kit } from '@core/formats/kit';
import { kitChanges } from '@core/formats/kitEdits';
import { writeKitFile } from '@core/formats/write';
import { counted, formatQuantity, inWords, midSentence } from '@core/units/format';
import { STOCK_MASS } from '@core/units/kindsOfStock';
import { GASES, TUNGSTEN_KINDS } from '@core/data/gases';
import { gasIn_l } from '@core/process';
import { ampWindow } from '@core/rods/amps';
import { tinVerdict } from '@core/rods/keeping';
import { loadChecks } from '@/state/lazyChecks';
import { chooseFile, saveFile } from '@/state/files';
import { setupsFor } from '@/demo/setups';
import { editKitWithUndo, notify, useApp } from '@/state/store';
import { useClock } from '@/state/useClock';
import { newId } from '@/state/ids';
import { addTins } from '@/state/shelf';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { openInstruments } from '@/ui/goTo';
import { PageFrame } from '@/ui/PageFrame';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { Lessons } from './Lessons';
import { ShelfList } from './ShelfList';

/** Nothing that a plan is made from. */
const isEmpty = ({ machines, supplies, tins }: Kit): boolean =>
  machines.length + supplies.length + tins.length === 0;

/** An empty truck: six to begin with, each to be changed to what really stands there. */
function StartFrom() {
  const system = useApp((state) => state.settings.system);
  return (
    <Card testID="start-from">
      <Words as="head">Start from one like yours</Words>
      <Words as="small" tone="quiet">
        The figures are usual ones: read your own plate and packets, and change what is not so.
      </Words>
      {setupsFor(system).map(({ id, name, note, kit }) => (
        <Act
          key={id}
          align="left"
          title={`${name}: ${note}`}
          testID={`setup-${id}`}
          onPress={() =>
            editKitWithUndo(
              kitChanges(EMPTY_KIT, kit),
              `Started from: ${midSentence(name)}`,
              `On the truck: ${midSentence(name)}`,
            )
          }
        />
      ))}
    </Card>
  );
}

/** The kit: what is on the truck. */
export function KitPage() {
  const kit = useApp((state) => state.kit.kit);
  const system = useApp((state) => state.settings.system);
  const instruments = useApp((state) => state.settings.instruments);
  const say = inWords(system);
  const now_ms = useClock();
  return (
    <PageFrame title="Kit" backID="kit-back">
      <Words tone="quiet">
        What is on the truck. A plan is made from these first, and so is what would give it more room.
      </Words>
      {isEmpty(kit) && <StartFrom />}
      <ShelfList
        title="Machines"
        shelf="machines"
        add="Add a machine"
        rows={kit.machines.map((m) => ({
          id: m.id,
          name: m.name,
          note: `${MACHINE_TYPES[m.type].name}, ${m.min_A ?? '?'} to ${m.max_A ?? '?'} A, ${m.poles.join(' ')}`,
        }))}
      />
      <ShelfList
        title="Supplies and their cords"
        shelf="supplies"
        add="Add a supply"
        rows={kit.supplies.map((s) => ({
          id: s.id,
          name: s.name,
          note: `${s.kind === 'generator' ? `generator ${s.rating_kVA ?? '?'} kVA, ` : ''}${s.volts_V ?? '?'} V, ${s.breaker_A ?? '?'} A ${s.breakerKind}; ${s.cordLength_m === null ? 'no cord' : say.distance(s.cordLength_m)}${s.cordSize === null ? '' : ` of ${CABLES[s.cordSize].name}`}`,
        }))}
      />
      <ShelfList
        title="Cords"
        shelf="cords"
        add="Add a cord"
        rows={kit.cords.map((c) => ({ id: c.id, name: c.name, note: lengthOf(c, say.distance) }))}
      />
      <ShelfList
        title="Weld leads"
        shelf="leads"
        add="Add leads"
        rows={kit.leads.map((l) => ({
          id: l.id,
          name: l.name,
          note: `two of ${lengthOf(l, say.distance)}`,
        }))}
      />
      <ShelfList
        title="Rod tins"
        shelf="tins"
        add="Add a tin"
        rows={kit.tins.map((t) => ({ id: t.id, name: `${t.rodClass} ${t.size}`, note: tinNote(t, now_ms) }))}
      />
      <ShelfList
        title="Wire and bare rods"
        shelf="fillers"
        add="Add a reel, or bare rods"
        rows={kit.fillers.map(({ id, cls, as, size, left_kg, note }) => ({
          id,
          name: `${cls} ${size} mm`,
          note: [
            as === 'reel' ? 'reel' : 'bare rods',
            left_kg === null
              ? 'how much is left not known'
              : `${formatQuantity(left_kg, STOCK_MASS, system)} left`,
            note,
          ]
            .filter((w) => w !== '')
            .join('; '),
        }))}
      />
      <ShelfList
        title="Gas"
        shelf="bottles"
        add="Add a bottle"
        rows={kit.bottles.map((bottle) => ({
          id: bottle.id,
          name: GASES[bottle.gas].name,
          note: bottleNote(bottle),
        }))}
      />
      <ShelfList
        title="Tungstens"
        shelf="tungstens"
        add="Add tungstens"
        rows={kit.tungstens.map(({ id, kind, size, count, note }) => ({
          id,
          name: `${size} mm`,
          note: [TUNGSTEN_KINDS[kind], count === null ? '' : `${count} left`, note]
            .filter((w) => w !== '')
            .join('; '),
        }))}
      />
      <ShelfList
        title="Tools"
        shelf="tools"
        add="Add a tool"
        rows={kit.tools.map((t) => ({ id: t.id, name: TOOLS[t.tool], note: t.note }))}
      />
      <View style={{ gap: SPACE.s }}>
        <Words as="head">Instruments</Words>
        <Words as="small" tone="quiet">
          {instruments.length === 0
            ? 'What measures by itself can tell it here: ammeter, thermometer, field meter, analyser, hardness tester, scale.'
            : instruments.map(({ name }) => name).join(', ')}
        </Words>
        <Act title="Instruments that tell by themselves" testID="to-instruments" onPress={openInstruments} />
      </View>
      <Lessons kit={kit} />
      <KitFiles kit={kit} />
    </PageFrame>
  );
}

const lengthOf = (
  { length_m, size }: { length_m: number | null; size: CableId },
  distance: (m: number) => string,
): string => `${length_m === null ? 'length not known' : distance(length_m)} of ${CABLES[size].name}`;

function tinNote(tin: Kit['tins'][number], now_ms: number): string {
  const { state, words } = tinVerdict(tin, now_ms);
  const window = ampWindow(tin.rodClass, tin.size, tin);
  return [
    counted(tin.count, 'rod'),
    window ? `${window.low_A} to ${window.high_A} A by the ${window.by}` : 'no range known',
    state === 'no-clock' || tin.events.length === 0 ? '' : words,
    tin.note,
  ]
    .filter((w) => w !== '')
    .join('; ');
}

function bottleNote(bottle: Kit['bottles'][number]): string {
  const left = gasIn_l(bottle);
  return [
    left === null ? 'how much is left not known' : `about ${Math.round(left / 10) * 10} l left`,
    bottle.note,
  ]
    .filter((w) => w !== '')
    .join('; ');
}

/** The kit as files: whole, or the tins as a table. */
function KitFiles({ kit }: { kit: Kit }) {
  const saveTins = async () => {
    const { writeTinsCsv } = await loadChecks();
    saveFile('tins.csv', 'text/csv', writeTinsCsv(kit.tins));
  };
  const takeTins = async () => {
    const file = await chooseFile();
    if (!file) return;
    const { readTinsCsv } = await loadChecks();
    const read = readTinsCsv(await file.text(), newId);
    if (read.ok) addTins(read.value);
    else notify(`${file.name}: ${read.message} Nothing was changed.`);
  };
  return (
    <View style={{ gap: SPACE.s }}>
      <Words as="head">Files</Words>
      <Act
        title="Save the kit"
        testID="save-kit"
        onPress={() => saveFile('kit.json', 'application/json', writeKitFile(kit))}
      />
      <View style={{ flexDirection: 'row', gap: SPACE.s }}>
        <Act grow title="Tins as a table" testID="save-tins" onPress={() => void saveTins()} />
        <Act grow title="Take in tins" testID="take-tins" onPress={() => void takeTins()} />
      </View>
    </View>
  );
}
