/** Names this machine goes by to itself. */
const ownHosts = ['localhost', '127.0.0.1', '[::1]'];

/** A host's name without its port. */
const nameOf = (host: string) => host.replace(/:\d+$/, '').toLowerCase();

/**
 * Whether a request may be answered: asked under a name this server goes by, and by a page of its own. Another web page can
 * make a browser ask a server on this machine, and a foreign name can be made to point here; neither is let in.
 *
 * @param headers of the request
 * @param more further names, such as the kitchen's own, from `COBBET_HOSTS`, with commas between them
 */
export function isAllowed(headers: Headers, more = ''): boolean {
  const hosts = [...ownHosts, ...more.split(',').map((one) => one.trim().toLowerCase())];
  const host = headers.get('host') ?? '';
  if (!hosts.filter((one) => one !== '').includes(nameOf(host))) return false;
  const origin = headers.get('origin');
  if (origin !== null && origin !== `http://${host}` && origin !== `https://${host}`) return false;
  return true;
}
