import { View } from 'react-native';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { goBackOr } from '@/ui/goTo';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { Codes } from './Codes';

/** The job to be taken along by another phone. */
export function CodePage({ open }: { open: OpenJob }) {
  return (
    <View style={{ gap: SPACE.l }}>
      <Words as="title">To another phone</Words>
      <Words>
        On the other phone, at the list of jobs, press “Read a code” and take a picture of each of these, in
        any order. It needs no signal. Machine, supply and tin of the plan go along; pictures do not.
      </Words>
      <Codes open={open} wide="100%" />
      <Act title="Back to the sheet" testID="to-sheet" onPress={() => goBackOr(open.job.id, 'sheet')} />
    </View>
  );
}
