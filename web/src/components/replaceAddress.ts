/**
 * Keeps what a room shows in its address, without a new entry to go back through. The browser's
 * own call: the router's would ask the server for the same page again, and take the title away
 * for a moment while it comes.
 */
export function replaceAddress(address: string) {
  window.history.replaceState(null, '', address);
}
