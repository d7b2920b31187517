import { create } from 'zustand';

interface OfflineState {
  /** Everything the app is made of is on the device. */
  ready: boolean;
  /** A newer version has been fetched and waits. */
  waiting: ServiceWorker | null;
}

export const useOffline = create<OfflineState>(() => ({ ready: false, waiting: null }));

/** Keeps a copy of the app on the device, in a finished build only. A newer one is fetched quietly and waits to be asked for. */
export async function keepOffline(): Promise<void> {
  if (
    process.env.NODE_ENV !== 'production' ||
    typeof navigator === 'undefined' ||
    !('serviceWorker' in navigator)
  )
    return;
  try {
    const registration = await navigator.serviceWorker.register('/sw.js');
    const look = () => {
      if (registration.waiting && navigator.serviceWorker.controller)
        useOffline.setState({ waiting: registration.waiting });
    };
    look();
    registration.addEventListener('updatefound', () => {
      registration.installing?.addEventListener('statechange', look);
    });
    await navigator.serviceWorker.ready;
    useOffline.setState({ ready: true });
  } catch {
    // No copy is kept: the app still works while there is a signal.
    useOffline.setState({ ready: false });
  }
}

/** Goes over to the version that waits. Everything entered is stored already, so nothing is lost by it. */
export function goOverTo(waiting: ServiceWorker): void {
  navigator.serviceWorker.addEventListener('controllerchange', () => window.location.reload(), {
    once: true,
  });
  waiting.postMessage({ type: 'SKIP_WAITING' });
}
