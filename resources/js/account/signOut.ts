import { tellAll } from '../away/farewell';

/** Nothing of what was seen stays in this browser: what was kept to be looked at away from the server, and all that pages held. */
export async function forgetAll(): Promise<void> {
  const scheme = localStorage.getItem('undro-scheme');
  localStorage.clear();
  sessionStorage.clear();
  // day or dim is nobody's secret
  if (scheme) localStorage.setItem('undro-scheme', scheme);
  if ('caches' in window) for (const name of await caches.keys()) await caches.delete(name);
  for (const each of (await navigator.serviceWorker?.getRegistrations()) ?? []) await each.unregister();
}

/** Back to the door, with nothing left behind in this window or any other. */
export async function goodbye(): Promise<void> {
  await forgetAll();
  tellAll();
  window.location.assign('/sign-in');
}
