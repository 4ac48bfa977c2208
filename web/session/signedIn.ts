/** Tabs of one browser share a session: what one signs in, the others may go on with. */
const CHANNEL = 'brave-anvil-session';

/** Says to the other tabs that somebody signed in. */
export function announceSignIn(): void {
    if (typeof BroadcastChannel === 'undefined') {
        return;
    }
    const channel = new BroadcastChannel(CHANNEL);
    channel.postMessage('signed in');
    channel.close();
}

/** Calls back when another tab signs in; ends with the function that it returns. */
export function onSignIn(heard: () => void): () => void {
    if (typeof BroadcastChannel === 'undefined') {
        return () => undefined;
    }
    const channel = new BroadcastChannel(CHANNEL);
    channel.onmessage = heard;
    return () => channel.close();
}
