import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { FAMILY_IDS, type FamilyId } from '@core/data/families';
import { libraryRow } from '@core/data/library';
import { metalFamily } from '@core/data/metals';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { Entry } from '@/ui/Entry';
import { openNote, openPast, openRodWord, openSchools } from '@/ui/goTo';
import { PageFrame } from '@/ui/PageFrame';
import { usePalette } from '@/ui/theme/theme';
import { SPACE, STROKE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { spanInWords, weldsInWords } from './noteWords';

/** Every word of a metal that a search may ask for. */
const wordsOf = (id: FamilyId): string => {
  const { name, group } = metalFamily(id);
  const { magnet, colour, spark, chip, fracture, chemistry } = libraryRow(id);
  const told = [magnet, colour, spark, chip, fracture].map(({ value }) => value);
  return [name, group, id, ...told, ...Object.keys(chemistry.value)].join(' ').toLowerCase();
};

/** The library of metals, to look through and to search. */
export function NotesPage() {
  const palette = usePalette();
  const [search, setSearch] = useState('');
  const asked = search.trim().toLowerCase().split(/\s+/);
  const shown = FAMILY_IDS.filter((id) => asked.every((word) => wordsOf(id).includes(word)));
  return (
    <PageFrame title="Notes" backID="notes-back" gap={SPACE.m}>
      <Act title="Read what is printed on a rod" align="left" testID="to-rod-word" onPress={openRodWord} />
      <Act title="What did I run last time?" align="left" testID="to-past" onPress={openPast} />
      <Act title="Where welders disagree" align="left" testID="to-schools" onPress={openSchools} />
      <Words as="title">Metals</Words>
      <Words as="label" tone="quiet">
        Search by name or by what it shows
      </Words>
      <Entry
        label="Search by name or by what it shows"
        testID="notes-search"
        value={search}
        onChange={setSearch}
        placeholder="white, magnet none"
      />
      <Card style={{ padding: 0, gap: 0 }}>
        {shown.map((id, n) => (
          <Pressable
            key={id}
            role="button"
            testID={`note-${id}`}
            onPress={() => openNote(id)}
            style={{
              minHeight: 60,
              padding: SPACE.m,
              justifyContent: 'center',
              borderTopWidth: n === 0 ? 0 : STROKE,
              borderColor: palette.line,
            }}
          >
            <View style={{ flexDirection: 'row', gap: SPACE.s, alignItems: 'baseline' }}>
              <Words as="bold" style={{ flex: 1 }}>
                {metalFamily(id).name}
              </Words>
              <Words as="label" tone={metalFamily(id).arc === 'yes' ? 'quiet' : 'danger'}>
                {weldsInWords(id)}
              </Words>
            </View>
            <Words as="label" tone="quiet">
              {`${spanInWords(libraryRow(id).density_g_cm3.value, 2)} g/cm³ · magnet ${libraryRow(id).magnet.value} · ${libraryRow(id).colour.value}`}
            </Words>
          </Pressable>
        ))}
        {shown.length === 0 && (
          <View style={{ padding: SPACE.m }}>
            <Words tone="quiet">{`No metal has all of “${search.trim()}”. Try fewer words.`}</Words>
          </View>
        )}
      </Card>
    </PageFrame>
  );
}
