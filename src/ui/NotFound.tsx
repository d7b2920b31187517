import { router } from 'expo-router';
import { Act } from './Act';
import { PageFrame } from './PageFrame';
import { Words } from './Words';

/** An address that leads nowhere. */
export function NotFound() {
  return (
    <PageFrame title="Elbow Room" backID="lost-back">
      <Words as="title" testID="not-found">
        Nothing at this address
      </Words>
      <Words>
        The link may be cut short, or from a page that is not there any more. Your jobs and your kit are where
        they were.
      </Words>
      <Act kind="main" title="All jobs" testID="lost-home" onPress={() => router.replace('/')} />
    </PageFrame>
  );
}
