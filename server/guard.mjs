// Who may ask this server what, before anything else looks at a request.

/** Names under which this very machine is meant. */
const LOOPBACK = ['localhost', '127.0.0.1', '[::1]'];

const headers = {
  'X-Content-Type-Options': 'nosniff',
  'Cross-Origin-Resource-Policy': 'same-origin',
  'Cross-Origin-Opener-Policy': 'same-origin',
  'Referrer-Policy': 'no-referrer',
  'Permissions-Policy':
    'accelerometer=(), camera=(self), display-capture=(), geolocation=(), gyroscope=(), hid=(), magnetometer=(), microphone=(self), midi=(), payment=(), serial=(), usb=()',
  'X-Frame-Options': 'DENY',
};

const methods = new Set(['GET', 'HEAD', 'POST']);

/** The host of a Host header without its port. */
const hostName = (host) => host.replace(/:\d+$/, '').toLowerCase();

/** @param {readonly string[]} hosts */
const knownHosts = (hosts) => new Set([...LOOPBACK, ...hosts.map((host) => host.toLowerCase())]);

/**
 * Who may open a lasting connection: a page of this very server, under a name that is known. A
 * program that is no browser says no origin.
 *
 * @param {readonly string[]} hosts further names under which the server is known
 */
export function allowed(hosts = []) {
  const known = knownHosts(hosts);
  return (host, origin) => {
    if (!known.has(hostName(host))) return false;
    if (origin === undefined) return true;
    try {
      return new URL(origin).host === host;
    } catch {
      return false;
    }
  };
}

/**
 * Express middleware: a Host that is not known is refused (a name that somebody
 * else's page points at this machine, DNS rebinding), and so is a method that no
 * page of ours uses; every answer carries the headers above.
 *
 * @param {readonly string[]} hosts further names under which the server is known
 */
export function guard(hosts = []) {
  const known = knownHosts(hosts);
  return (request, response, next) => {
    for (const [name, value] of Object.entries(headers)) response.setHeader(name, value);
    const host = hostName(request.headers.host ?? '');
    if (!known.has(host)) {
      response.status(421).json({ message: `This server is not known as ${host || 'nothing'}.` });
      return;
    }
    if (!methods.has(request.method)) {
      response.setHeader('Allow', [...methods].join(', '));
      response.status(405).json({ message: `${request.method} means nothing here.` });
      return;
    }
    next();
  };
}
