import { forgetNotes } from './savedVersion';

/** Over it the tabs of one browser tell each other that somebody has signed out. */
const CHANNEL = 'green-porch signed out';

/** Forgets what this tab noted, and tells the other tabs to do so and to leave what they show. */
export function leaveNothing(): void {
  forgetNotes();
  const channel = new BroadcastChannel(CHANNEL);
  channel.postMessage(null);
  channel.close();
}

/** Leaves the page when somebody signs out in another tab; what ends listening. */
export function leaveWithTheOthers(): () => void {
  const channel = new BroadcastChannel(CHANNEL);
  channel.onmessage = () => {
    forgetNotes();
    window.location.replace('/sign-in');
  };
  return () => channel.close();
}
