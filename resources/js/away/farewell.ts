const CHANNEL = 'undro';
const BYE = 'bye';

/** It was this window that signed out: it hears itself too. */
let own = false;

/** Tells every other window of this browser that nobody is signed in any more. */
export function tellAll(): void {
  own = true;
  const channel = new BroadcastChannel(CHANNEL);
  channel.postMessage(BYE);
  channel.close();
}

/** Leaves for the door when another window has signed out. */
export function farewells(): () => void {
  const channel = new BroadcastChannel(CHANNEL);
  channel.onmessage = (event) => {
    if (event.data === BYE && !own) window.location.replace('/sign-in');
  };
  return () => channel.close();
}
