import { createContext } from 'react';

/** The nonce of the page being rendered on the server; undefined in the browser, which hides nonces. */
export const NonceContext = createContext<string | undefined>(undefined);
