import type { RequestHandler } from 'express';
import { Refusal } from './errors';

/** Names under which this machine reaches itself. */
export const LOOPBACK_NAMES = ['127.0.0.1', 'localhost', '[::1]'] as const;

/** The name in an address of a Host or Origin header, without its port; `undefined` where there is none. */
function nameIn(address: string | undefined): string | undefined {
  if (!address) return undefined;
  try {
    return new URL(address.includes('://') ? address : `http://${address}`).hostname.toLowerCase();
  } catch {
    return undefined;
  }
}

const WRITES: ReadonlySet<string> = new Set(['PUT', 'POST', 'DELETE', 'PATCH']);

/**
 * Lets in who may ask. A page of another site reaches loopback too: by a name of its own that leads here (DNS rebinding),
 * or by a form that it sends. So the server answers to its own names only, and a write has to be JSON and, where
 * a browser says where it comes from, come from a page of ours. Source: OWASP, Cross-Site Request Forgery Prevention.
 */
export const onlyOurs =
  (names: readonly string[]): RequestHandler =>
  (request, _response, next) => {
    const host = request.headers.host;
    if (!names.includes(nameIn(host) ?? '')) {
      throw new Refusal(421, 'foreign-host', { values: { address: `http://${names[0]}` } });
    }
    if (!WRITES.has(request.method)) return next();
    const { origin } = request.headers;
    const site = request.headers['sec-fetch-site'];
    const foreign =
      (origin !== undefined && origin !== `http://${host}` && origin !== `https://${host}`) ||
      (site !== undefined && site !== 'same-origin' && site !== 'none');
    if (foreign) {
      throw new Refusal(403, 'foreign-origin');
    }
    if (request.method !== 'DELETE' && !request.is('application/json')) {
      throw new Refusal(415, 'not-json');
    }
    next();
  };
