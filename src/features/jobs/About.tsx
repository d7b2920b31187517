import { goOverTo, useOffline } from '@/state/offline';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { Words } from '@/ui/Words';
import { version } from '../../../package.json';

/** Version, whether it works without a signal, and a newer one when it waits: asked for here, never in the middle of an entry. */
export function About() {
  const { ready, waiting } = useOffline();
  return (
    <>
      {waiting && (
        <Card testID="newer">
          <Words as="bold">A newer version is ready</Words>
          <Words as="small">What you entered is stored and stays. It takes a second.</Words>
          <Act kind="main" title="Use it now" testID="use-newer" onPress={() => goOverTo(waiting)} />
        </Card>
      )}
      <Words as="label" tone="quiet" testID="about">
        {`Version ${version} · ${ready ? 'works without a signal' : 'needs a signal until it has loaded once'}`}
      </Words>
    </>
  );
}
